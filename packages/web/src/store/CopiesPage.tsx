import type { CopyRow } from '@ember-fold/core/files';
import { useState } from 'react';
import { FileTrigger } from 'react-aria-components';
import { styled } from 'styled-components';
import { problemOf } from '../data/api/api';
import { copyApi } from '../data/api/copyApi';
import { useKitchen } from '../data/draft/useLine';
import { COPIES as T, holdsText, sizeText } from '#text/store/copyPhrases';
import type { Printer } from '../text/printer';
import { Asked } from '../ui/controls/choice/Asked';
import { Button } from '../ui/controls/button/Button';
import { Panel, PanelTitle, Problem, Soft } from '../ui/layout/Panel';
import { Actions } from '../ui/controls/sheet/Sheet';
import { figureFont } from '../ui/theme';
import { RestoreSheet } from './RestoreSheet';

const Copies = styled.ul`
  li {
    display: flex;
    flex-wrap: wrap;
    align-items: center;
    gap: 4px 16px;
    padding: 10px 0;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  li > div {
    flex: 1 1 280px;
    min-width: 0;
  }
  b {
    ${figureFont}
    font-size: 18px;
  }
  a {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
  }
`;

/** Whole copies of the kitchen: what there is, one more, one from elsewhere, and the way back to one. */
export function CopiesPage() {
  const copies = copyApi.useCopiesQuery(undefined, { refetchOnMountOrArgChange: true });
  const { data: night } = copyApi.useNightQuery(undefined, { refetchOnMountOrArgChange: true });
  const [make, making] = copyApi.useMakeCopyMutation();
  const [give, giving] = copyApi.useGiveCopyMutation();
  const [restoring, setRestoring] = useState<CopyRow | null>(null);
  const printer = useKitchen()?.printer;
  const problem = making.error ?? giving.error;
  const busy = making.isLoading ? T.making : giving.isLoading ? T.bringing : null;
  if (!printer) return null;
  return (
    <Panel>
      <PanelTitle>{T.title}</PanelTitle>
      <Soft>{T.says}</Soft>
      {night?.failedSince && (
        <Problem>
          {T.nightFailed(
            `${printer.date(Date.parse(night.failedSince))} ${printer.clock(Date.parse(night.failedSince))}`,
          )}
        </Problem>
      )}
      <Actions style={{ justifyContent: 'flex-start' }}>
        <Button $look="primary" isDisabled={busy !== null} onPress={() => void make()}>
          {T.make}
        </Button>
        <FileTrigger
          onSelect={(files) => {
            const file = files?.[0];
            if (file) void give(file);
          }}
        >
          <Button isDisabled={busy !== null}>{T.bring}</Button>
        </FileTrigger>
      </Actions>
      <p role="status" style={{ minHeight: 24 }}>
        {busy}
      </p>
      {problem && <Problem>{problemOf(problem).message}</Problem>}
      <Asked of={copies} what={T.what}>
        {(rows) =>
          rows.length === 0 ? (
            <>
              <h2>{T.none}</h2>
              <Soft>{T.noneSays}</Soft>
            </>
          ) : (
            <Copies aria-label={T.list}>
              {rows.map((row) => (
                <Copy key={row.name} row={row} printer={printer} onRestore={() => setRestoring(row)} />
              ))}
            </Copies>
          )
        }
      </Asked>
      {restoring && <RestoreSheet row={restoring} printer={printer} onClose={() => setRestoring(null)} />}
    </Panel>
  );
}

interface CopyProps {
  readonly row: CopyRow;
  readonly printer: Printer;
  readonly onRestore: () => void;
}

function Copy({ row, printer, onRestore }: CopyProps) {
  const madeMs = Date.parse(row.madeAt);
  const when = `${printer.date(madeMs)} ${printer.clock(madeMs)}`;
  return (
    <li>
      <div>
        <b>{when}</b> <Soft as="span">{`${T.why(row.why)}, ${sizeText(row.bytes)}`}</Soft>
        <Soft>{row.holds ? holdsText(row.holds.counts) : T.damaged}</Soft>
      </div>
      <a href={`/api/copies/${row.name}/file`} download={row.name} aria-label={`${T.download}: ${when}`}>
        {T.download}
      </a>
      <Button isDisabled={row.holds === null} aria-label={`${T.look} ${when}`} onPress={onRestore}>
        {T.look}
      </Button>
    </li>
  );
}
