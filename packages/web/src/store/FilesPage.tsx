import { csvText, type Decimal, type Table } from '@ember-fold/core/files';
import { pantryOf } from '@ember-fold/core/plan';
import { Download } from 'lucide-react';
import { useState } from 'react';
import { DropZone, type FileDropItem, FileTrigger } from 'react-aria-components';
import { styled } from 'styled-components';
import { problemOf } from '../data/api/api';
import { exchangeApi } from '../data/api/exchangeApi';
import { readHeld, useHeldFile } from '../data/device/heldFile';
import { fileName, saveFile } from '../data/device/saveFile';
import { storeApi } from '../data/api/storeApi';
import { useKitchen } from '../data/draft/useLine';
import { formulasTable, ledgerTable, shoppingTable } from '#text/store/csvTables';
import { FILES as T } from '#text/store/filePhrases';
import { Button } from '../ui/controls/button/Button';
import { Panel, PanelTitle, Problem, Soft } from '../ui/layout/Panel';
import { TickField } from '../ui/controls/field/TickField';
import { ImportPreview } from './ImportPreview';
import { LastImports } from './LastImports';

const Two = styled.div`
  display: grid;
  gap: 14px;
  align-items: start;
  grid-template-columns: repeat(auto-fit, minmax(min(420px, 100%), 1fr));
  > div {
    display: grid;
    gap: 14px;
  }
`;

const Buttons = styled.div`
  display: grid;
  gap: 8px;
  justify-items: start;
  margin: 10px 0;
`;

const Zone = styled(DropZone)`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 8px 14px;
  margin-top: 10px;
  padding: 18px;
  border: 2px dashed ${({ theme }) => theme.edge};
  border-radius: 12px;
  &[data-drop-target] {
    border-color: ${({ theme }) => theme.know};
    background: ${({ theme }) => theme.well};
  }
`;

/** The kitchen as files: out in plain formats, in with a look before and a way back. */
export function FilesPage() {
  const held = useHeldFile();
  return (
    <Two>
      <div>
        <Out />
      </div>
      <div>
        <Panel>
          <PanelTitle>{T.in}</PanelTitle>
          <Soft>{T.inSays}</Soft>
          <Zone
            aria-label={T.in}
            onDrop={({ items }) => {
              const file = items.find((item): item is FileDropItem => item.kind === 'file');
              if (file) void file.getFile().then(readHeld);
            }}
          >
            <FileTrigger
              acceptedFileTypes={['application/json', '.json']}
              onSelect={(files) => {
                const file = files?.[0];
                if (file) void readHeld(file);
              }}
            >
              <Button>{T.choose}</Button>
            </FileTrigger>
            <Soft as="span">{T.drop}</Soft>
          </Zone>
        </Panel>
        {held && <ImportPreview key={held.no} file={held} />}
        <LastImports />
      </div>
    </Two>
  );
}

/** What can be saved, each by one button. */
function Out() {
  const known = useKitchen();
  const [comma, setComma] = useState(false);
  const [state, setState] = useState<{ readonly busy: boolean; readonly problem: string | null }>({
    busy: false,
    problem: null,
  });
  const [askDocument] = exchangeApi.useLazyDocumentQuery();
  const [askShopping] = storeApi.useLazyShoppingQuery();
  const [askLedger] = exchangeApi.useLazyWholeLedgerQuery();
  if (!known) return null;
  const { kitchen } = known;
  const decimal: Decimal = comma ? ',' : '.';
  const csv = (name: string, table: Table) => saveFile(fileName(name, 'csv'), 'text/csv', csvText(table, decimal));
  /** Asks, and saves what is answered. */
  const save = async <A,>(
    ask: () => Promise<{ data?: A | undefined; error?: unknown }>,
    write: (answer: NonNullable<A>) => void,
  ) => {
    setState({ busy: true, problem: null });
    const { data, error } = await ask();
    if (data) write(data);
    setState({ busy: false, problem: data ? null : problemOf(error).message });
  };
  const document = () => askDocument({ of: 'kitchen', id: 'all' });
  const choices: [string, () => Promise<void>][] = [
    [
      T.wholeKitchen,
      () =>
        save(document, (all) =>
          saveFile(fileName(kitchen.name, 'json'), 'application/json', `${JSON.stringify(all, null, 1)}\n`),
        ),
    ],
    [T.formulas, () => save(document, (all) => csv('formulas', formulasTable(all, pantryOf(kitchen))))],
    [
      T.shopping,
      () =>
        save(
          () => askShopping(''),
          (list) => csv('shopping', shoppingTable(list, pantryOf(kitchen))),
        ),
    ],
    [
      T.ledger,
      () =>
        save(
          () => askLedger(),
          (rows) => csv('ledger', ledgerTable(rows)),
        ),
    ],
  ];
  return (
    <Panel>
      <PanelTitle>{T.out}</PanelTitle>
      <Soft>{T.outSays}</Soft>
      <Buttons>
        {choices.map(([name, run]) => (
          <Button key={name} isDisabled={state.busy} onPress={() => void run()}>
            <Download size={17} aria-hidden />
            {name}
          </Button>
        ))}
      </Buttons>
      <TickField label={T.decimalComma} value={comma} onChange={setComma} />
      <p role="status">{state.busy ? T.saving : ''}</p>
      {state.problem && <Problem>{state.problem}</Problem>}
    </Panel>
  );
}
