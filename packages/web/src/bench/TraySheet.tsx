import {
  batchOf,
  copyDraft,
  fillingsOf,
  marksOf,
  RANGES,
  TRAY_MARKS,
  type TrayMark,
  trayAlone,
  trayOf,
  type TrayWay,
  withFillingOf,
  withoutTray,
  withPieces,
  withTray,
} from '@ember-fold/core/plan';
import { Columns2, Copy, Plus, Trash2 } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { styled } from 'styled-components';
import { api } from '../data/api/api';
import { editBatch } from '../data/draft/useEdit';
import type { Line } from '../data/draft/useLine';
import { TEST } from '#text/bench/testPhrases';
import { TRAY_SHEET as S, WAY_SAYS } from '#text/bench/traySheetPhrases';
import { fillingName, TRAY as T, trayName } from '#text/bench/trayText';
import { Button } from '../ui/controls/button/Button';
import { NameField } from '../ui/controls/field/NameField';
import { Soft } from '../ui/layout/Panel';
import { Pick } from '../ui/controls/choice/Pick';
import { Actions, Sheet } from '../ui/controls/sheet/Sheet';
import { CountField } from '../ui/controls/field/UnitFields';
import { PHONE } from '../ui/theme';
import { TestSheet } from './TestSheet';
import { addTrayLike, nameTray } from './trayEdits';

const Rows = styled.ul`
  [role='group'] {
    display: grid;
    grid-template-columns: repeat(3, minmax(0, 1fr)) 148px 44px 44px;
    align-items: end;
    gap: 10px;
    padding: 10px 0;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  input {
    min-width: 0;
    width: 100%;
  }
  [role='group'] > button {
    padding: 0;
  }
  ${PHONE} {
    [role='group'] {
      grid-template-columns: minmax(0, 1fr) 44px 44px;
    }
    [role='group'] > * {
      grid-column: 1 / -1;
    }
    [role='group'] > button {
      grid-column: auto;
    }
    [role='group'] > button:first-of-type {
      grid-column: 2;
    }
  }
`;

interface TraySheetProps {
  readonly line: Line;
  readonly onOpen: (mark: TrayMark) => void;
  readonly onClose: () => void;
}

/** All trays of a batch: what each is called, how many pieces, and what becomes of them. */
export function TraySheet({ line, onOpen, onClose }: TraySheetProps) {
  const { batch } = line;
  const [isTesting, setTesting] = useState(false);
  const marks = marksOf(batch);
  const last = marks[marks.length - 1]!;
  if (isTesting) return <TestSheet line={line} mark={line.draft.mark ?? marks[0]!} onClose={onClose} />;
  return (
    <Sheet title={T.trays} isOpen onClose={onClose} wide>
      <Soft>{S.says}</Soft>
      <Rows>
        {marks.map((mark) => (
          <TrayRow key={mark} line={line} mark={mark} only={marks.length === 1} />
        ))}
      </Rows>
      <Actions>
        {marks.length < TRAY_MARKS.length ? (
          <Button onPress={() => addTrayLike(last, onOpen)}>
            <Plus size={16} aria-hidden />
            {marks.length === 1 ? S.add : S.addLike(trayName({ mark: last, ...batch.trays[last] }))}
          </Button>
        ) : (
          <Soft>{S.full}</Soft>
        )}
        {marks.length < TRAY_MARKS.length && !batch.test && (
          <Button $look="quiet" onPress={() => setTesting(true)}>
            <Columns2 size={16} aria-hidden />
            {TEST.plan}
          </Button>
        )}
        <Button $look="primary" onPress={onClose}>
          {S.done}
        </Button>
      </Actions>
    </Sheet>
  );
}

interface TrayRowProps {
  readonly line: Line;
  readonly mark: TrayMark;
  readonly only: boolean;
}

function TrayRow({ line: { batch }, mark, only }: TrayRowProps) {
  const { label, pieces, way = 'fry' } = batch.trays[mark]!;
  const name = T.tray(mark);
  const navigate = useNavigate();
  const { data: batches = [] } = api.useBatchesQuery();
  const [make, copying] = api.useMakeBatchFromMutation();
  const copy = async () => {
    const { label: own, ...alone } = trayAlone(batch, mark);
    const named = { ...batchOf({ ...alone, name: own ?? batch.name }) };
    const draft = copyDraft(
      named,
      batches.map((one) => one.name),
    );
    const made = await make({ id: crypto.randomUUID(), draft });
    if ('data' in made && made.data) await navigate(`/bench/${made.data.id}/fold`);
  };
  const { filling, fold } = batch.trays[mark]!;
  const empty = fold.fillingEachKg === 0 && batch.fillings[filling]?.lines.length === 0;
  const options: Record<string, string> = {
    ...Object.fromEntries(fillingsOf(batch).map((one) => [one, S.fillingOf(fillingName(batch, one))])),
    own: S.ownFilling,
    none: S.noFilling,
  };
  const set = (field: string, edit: (tray: ReturnType<typeof trayOf>) => ReturnType<typeof trayOf>) =>
    editBatch(`${mark} ${field}`, (now) => withTray(now, { ...edit(trayOf(now, mark)), mark }));
  return (
    <li>
      <div role="group" aria-label={name}>
        <NameField
          label={`${name}: ${S.label}`}
          value={label ?? ''}
          whenEmpty={S.noLabel}
          onChange={(text) => nameTray(mark, text)}
        />
        <Pick<TrayWay>
          label={S.what}
          value={way}
          options={WAY_SAYS}
          onChange={(next) => set('way', (tray) => ({ ...tray, way: next }))}
        />
        {!only && (
          <Pick<string>
            label={S.filling}
            value={empty ? 'none' : filling}
            options={options}
            onChange={(next) => editBatch(`filling-${mark}`, (now) => withFillingOf(now, mark, next as TrayMark))}
          />
        )}
        <CountField
          label={S.pieces}
          value={pieces}
          {...RANGES.draft.pieces}
          onChange={(next) => set('pieces', (tray) => withPieces(tray, next))}
        />
        <Button $look="quiet" aria-label={S.copy(name)} isDisabled={copying.isLoading} onPress={() => void copy()}>
          <Copy size={18} aria-hidden />
        </Button>
        <Button
          $look="quiet"
          aria-label={S.remove(name)}
          isDisabled={only}
          onPress={() => editBatch(`without ${mark}`, (now) => withoutTray(now, mark))}
        >
          <Trash2 size={18} aria-hidden />
        </Button>
      </div>
    </li>
  );
}
