import type { ImportPreview as Preview, PreviewedItem } from '@ember-fold/core/files';
import { useEffect, useState } from 'react';
import { styled } from 'styled-components';
import { problemOf } from '../data/api/api';
import { exchangeApi } from '../data/api/exchangeApi';
import { type HeldFile, holdFile } from '../data/device/heldFile';
import { useKitchen } from '../data/draft/useLine';
import { sizeText } from '#text/store/copyPhrases';
import { FILES as T, STATE_NAME } from '#text/store/filePhrases';
import { Button } from '../ui/controls/button/Button';
import { Panel, PanelTitle, Problem, Soft } from '../ui/layout/Panel';
import { Actions } from '../ui/controls/sheet/Sheet';
import { TickField } from '../ui/controls/field/TickField';

const Items = styled.ul`
  max-height: 420px;
  overflow: auto;
  li {
    padding: 6px 0;
    border-top: 1px solid ${({ theme }) => theme.line};
    overflow-wrap: anywhere;
  }
`;

/** As many items of one state are listed; the others are counted. */
const MOST_SHOWN = 300;
const keyOf = ({ kind, id }: PreviewedItem): string => `${kind} ${id}`;

/** Half a file, or another. */
const isNotJson = (code: string): boolean => code === 'BAD_JSON';

/** What a file would change, before anything changes. */
export function ImportPreview({ file }: { readonly file: HeldFile }) {
  const [look, looked] = exchangeApi.usePreviewFileMutation();
  const document = file.text;
  useEffect(() => {
    if (document !== null) void look(document);
  }, [document, look]);
  return (
    <Panel>
      <PanelTitle>{file.name || T.inFile}</PanelTitle>
      {document === null ? (
        <Problem>{T.tooLarge(sizeText(file.bytes))}</Problem>
      ) : looked.error ? (
        <Problem>{isNotJson(problemOf(looked.error).code) ? T.notJson : problemOf(looked.error).message}</Problem>
      ) : looked.data ? (
        <Looked document={document} preview={looked.data} />
      ) : (
        <Soft role="status">{T.reading}</Soft>
      )}
      {!looked.data && (
        <Actions>
          <Button onPress={() => holdFile(null)}>{T.leave}</Button>
        </Actions>
      )}
    </Panel>
  );
}

function Looked({ document, preview }: { readonly document: string; readonly preview: Preview }) {
  const printer = useKitchen()?.printer;
  const { items } = preview;
  // What is new is wanted; what would replace something is asked about.
  const [chosen, setChosen] = useState<ReadonlySet<string>>(
    () => new Set(items.filter(({ state }) => state === 'new').map(keyOf)),
  );
  const [take, taking] = exchangeApi.useTakeFileMutation();
  const [id] = useState(() => crypto.randomUUID());
  const wanted = items.filter((item) => chosen.has(keyOf(item)));
  const set = (some: readonly PreviewedItem[], on: boolean) =>
    setChosen((now) => {
      const next = new Set(now);
      for (const item of some) next[on ? 'add' : 'delete'](keyOf(item));
      return next;
    });
  const go = async () => {
    const done = await take({ id, document, chosen: wanted.map(({ kind, id: of }) => ({ kind, id: of })) });
    if ('data' in done && done.data) holdFile(null);
  };
  const isSame = items.every(({ state }) => state === 'same');
  return (
    <>
      <p>{T.looks(preview.of, printer ? printer.date(Date.parse(preview.madeAt)) : '')}</p>
      {isSame && <Soft role="status">{T.nothing}</Soft>}
      {(['new', 'different', 'unreadable', 'same'] as const).map((state) => (
        <State
          key={state}
          state={state}
          items={items.filter((item) => item.state === state)}
          chosen={chosen}
          onChoose={set}
        />
      ))}
      {taking.error && <Problem>{problemOf(taking.error).message}</Problem>}
      <p role="status">{taking.isLoading ? T.taking : ''}</p>
      <Actions>
        <Button isDisabled={taking.isLoading} onPress={() => holdFile(null)}>
          {T.leave}
        </Button>
        {!isSame && (
          <Button $look="primary" isDisabled={taking.isLoading || wanted.length === 0} onPress={() => void go()}>
            {T.take(wanted.length)}
          </Button>
        )}
      </Actions>
    </>
  );
}

interface StateProps {
  readonly state: PreviewedItem['state'];
  readonly items: readonly PreviewedItem[];
  readonly chosen: ReadonlySet<string>;
  readonly onChoose: (items: readonly PreviewedItem[], on: boolean) => void;
}

function State({ state, items, chosen, onChoose }: StateProps) {
  if (items.length === 0) return null;
  const canChoose = state === 'new' || state === 'different';
  return (
    <section aria-label={STATE_NAME[state]} style={{ marginTop: 12 }}>
      <PanelTitle as="h3">{`${STATE_NAME[state]} (${items.length})`}</PanelTitle>
      {state === 'different' && <Soft>{T.replaces}</Soft>}
      {canChoose && (
        <TickField
          label={T.all(STATE_NAME[state].toLowerCase())}
          value={items.every((item) => chosen.has(keyOf(item)))}
          onChange={(on) => onChoose(items, on)}
        />
      )}
      {state !== 'same' && (
        <Items>
          {items.slice(0, MOST_SHOWN).map((item, i) => (
            <li key={`${keyOf(item)} ${i}`}>
              {canChoose ? (
                <TickField
                  label={T.item(item.kind, item.name)}
                  value={chosen.has(keyOf(item))}
                  onChange={(on) => onChoose([item], on)}
                />
              ) : (
                T.item(item.kind, item.name)
              )}
              {item.differs && <Soft>{T.differs(item.differs)}</Soft>}
              {item.why && (
                <Soft>
                  {item.why}
                  {item.path && T.at(item.path)}
                </Soft>
              )}
            </li>
          ))}
          {items.length > MOST_SHOWN && <li>{T.more(items.length - MOST_SHOWN)}</li>}
        </Items>
      )}
    </section>
  );
}
