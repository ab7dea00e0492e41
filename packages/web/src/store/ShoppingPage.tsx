import { Stack } from '../ui/layout/layout';
import { STORE as T } from '#text/store/storePhrases';
import type { BaseToMake, Shopping, ShoppingRow, StockRow } from '@ember-fold/core/ledger';
import { parseNumber, RANGES } from '@ember-fold/core/plan';
import { Fragment, useCallback, useEffect, useLayoutEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { problemOf } from '../data/api/api';
import { storeApi } from '../data/api/storeApi';
import { PHONE } from '../ui/theme';
import { useKitchen, usePantry } from '../data/draft/useLine';
import { ShoppingFor, useShoppingQuery } from './ShoppingFor';
import { Asked } from '../ui/controls/choice/Asked';
import { Button } from '../ui/controls/button/Button';
import { FigureField } from '../ui/controls/field/FigureField';
import { Panel, PanelTitle, Problem, Soft } from '../ui/layout/Panel';
import { GramField } from '../ui/controls/field/UnitFields';
import { plain, type Printer } from '../text/printer';
import { shoppingText } from '#text/store/shoppingText';

const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  font-variant-numeric: tabular-nums;
  th {
    font-size: 13px;
    font-weight: 400;
    text-align: left;
    color: ${({ theme }) => theme.soft};
  }
  th,
  td {
    padding: 3px 8px;
    border-bottom: 1px solid ${({ theme }) => theme.line};
  }
  th:first-child,
  td:first-child {
    padding-left: 0;
  }
  .figure {
    text-align: right;
  }
  small {
    font-size: 13px;
    color: ${({ theme }) => theme.soft};
  }
  tr[data-bought='true'] td {
    color: ${({ theme }) => theme.soft};
  }
  ${PHONE} {
    thead {
      display: none;
    }
    tr {
      display: grid;
      grid-template-columns: 1fr 1fr;
      gap: 4px 16px;
      padding: 8px 0;
      border-bottom: 1px solid ${({ theme }) => theme.line};
    }
    td {
      border: 0;
      padding: 0;
    }
    td:first-child {
      grid-column: 1 / -1;
    }
    td:nth-child(2) {
      text-align: left;
    }
    td.stock::before {
      content: attr(data-label);
      display: block;
      font-size: 13px;
      color: ${({ theme }) => theme.soft};
    }
  }
`;

const Top = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 4px 16px;
  margin-bottom: 8px;
  h2 {
    margin: 0;
  }
  button {
    margin-left: auto;
  }
`;

/** What planned batches take, as it is sold, less what is on the shelf. */
export function ShoppingPage() {
  const query = useShoppingQuery();
  const shopping = storeApi.useShoppingQuery(query, { refetchOnMountOrArgChange: true });
  const stock = storeApi.useStockQuery();
  const known = useKitchen();
  if (!known) return null;
  return (
    <Stack $gap={14}>
      <ShoppingFor />
      <Asked of={{ ...shopping, data: shopping.currentData }} what={T.theShoppingList}>
        {(list) =>
          list.rows.length === 0 ? (
            <Panel>
              <h2>{T.nothingToBuy}</h2>
              {query !== '' && <Soft>{T.nothingForThese}</Soft>}
              <Soft>
                {T.noBatchIsPlannedPlan} <Link to="/bench">{T.bench}</Link>
                {T.andAllItTakesIs}
              </Soft>
            </Panel>
          ) : (
            <div data-print style={{ display: 'grid', gap: 14 }}>
              <ShoppingTable list={list} stock={stock.data ?? []} printer={known.printer} />
              {list.bases.length > 0 && <BaseList bases={list.bases} printer={known.printer} />}
            </div>
          )
        }
      </Asked>
    </Stack>
  );
}

interface ShoppingTableProps {
  readonly list: Shopping;
  readonly stock: readonly StockRow[];
  readonly printer: Printer;
}

function ShoppingTable({ list, stock, printer }: ShoppingTableProps) {
  const [setStock, setting] = storeApi.useSetStockMutation();
  const toBuy = list.rows.filter((row) => row.buyKg > 0).length;
  return (
    <Panel>
      <Top>
        <PanelTitle>{T.whatToBuy}</PanelTitle>
        <Soft as="span">{T.thingsToBuyInAll(toBuy, printer.money(list.cost))}</Soft>
        <Button onPress={() => window.print()}>{T.print}</Button>
      </Top>
      {setting.error && <Problem>{problemOf(setting.error).message}</Problem>}
      <Table aria-label={T.shoppingList}>
        <thead>
          <tr>
            <th scope="col">{T.what}</th>
            <th scope="col" className="figure">
              {T.buy}
            </th>
            <th scope="col" className="figure">
              {T.cost}
            </th>
            <th scope="col" className="figure">
              {T.onTheShelf}
            </th>
            <th scope="col" className="figure">
              {T.strengthOfPack}
            </th>
          </tr>
        </thead>
        <tbody>
          {list.rows.map((row) => (
            <BuyRow
              key={row.ingredientId}
              row={row}
              strength={stock.find((one) => one.ingredientId === row.ingredientId)?.strength ?? 1}
              printer={printer}
              onStock={(shelf) => void setStock({ ingredientId: row.ingredientId, ...shelf })}
            />
          ))}
        </tbody>
      </Table>
      <Soft style={{ marginTop: 8 }}>{T.aPackTwiceAsStrong}</Soft>
    </Panel>
  );
}

type Shelf = Pick<StockRow, 'haveKg' | 'strength'>;
const SETTLE_MS = 500;

/** What is typed counts at once here, and goes to the server when typing has settled, at the latest on leaving. */
function useShelf(kept: Shelf, onStock: (stock: Shelf) => void) {
  const [typed, setTyped] = useState<Shelf | null>(null);
  const pending = useRef<{ readonly shelf: Shelf; readonly timer: number } | null>(null);
  const tell = useRef(onStock);
  useLayoutEffect(() => {
    tell.current = onStock;
  });
  const send = useCallback(() => {
    const now = pending.current;
    if (!now) return;
    clearTimeout(now.timer);
    pending.current = null;
    tell.current(now.shelf);
  }, []);
  useEffect(() => send, [send]);
  const set = (change: Partial<Shelf>) => {
    const shelf = { ...(typed ?? kept), ...change };
    if (pending.current) clearTimeout(pending.current.timer);
    pending.current = { shelf, timer: window.setTimeout(send, SETTLE_MS) };
    setTyped(shelf);
  };
  return [typed ?? kept, set] as const;
}

interface BuyRowProps {
  readonly row: ShoppingRow;
  readonly strength: number;
  readonly printer: Printer;
  /** Told when typing has settled. */
  readonly onStock: (stock: Shelf) => void;
}

function BuyRow({ row, strength, printer, onStock }: BuyRowProps) {
  const { name } = usePantry().find(row.ingredientId);
  const text = shoppingText(row, name, printer);
  const [shelf, setShelf] = useShelf({ haveKg: row.haveKg, strength }, onStock);
  return (
    <tr data-bought={row.buyKg === 0}>
      <td>
        {text.what}
        <br />
        <small>{text.why}</small>
      </td>
      <td className="figure">
        <strong>{text.buy}</strong>
      </td>
      <td className="figure">{row.buyKg > 0 ? printer.money(row.cost) : ''}</td>
      <td className="stock" data-label={T.shelfColumn}>
        <GramField
          label={T.amountOnTheShelf(name)}
          hideLabel
          value={shelf.haveKg}
          {...RANGES.store.haveKg}
          printer={printer}
          onChange={(haveKg) => setShelf({ haveKg })}
        />
      </td>
      <td className="stock" data-label={T.strengthColumn}>
        <FigureField
          label={T.strengthOf(name)}
          hideLabel
          value={shelf.strength}
          print={(value) => plain(value, 2)}
          read={parseNumber}
          {...RANGES.store.strength}
          width={72}
          expected={T.expects.factor}
          onChange={(next) => setShelf({ strength: next })}
        />
      </td>
    </tr>
  );
}

/** Made once for all that share it. */
function BaseList({ bases, printer }: { readonly bases: readonly BaseToMake[]; readonly printer: Printer }) {
  const pantry = usePantry();
  return (
    <Panel>
      <PanelTitle>{T.basesToMakeOnce}</PanelTitle>
      <Stack as="ul" $gap={10} $top={6}>
        {bases.map(({ id, name, massKg, lines, split }) => (
          <li key={id}>
            <strong>{T.make(name, printer.mass(massKg))}</strong>
            <Soft>
              {T.from(
                lines
                  .map((line) => `${printer.mass(line.massKg)} ${pantry.find(line.ingredientId).name.toLowerCase()}`)
                  .join(', '),
              )}
            </Soft>
            <p>
              {split.map(({ batch, massKg: part }, i) => (
                <Fragment key={batch}>{T.theFor(i > 0 ? '; ' : '', printer.mass(part), batch)}</Fragment>
              ))}
            </p>
          </li>
        ))}
      </Stack>
    </Panel>
  );
}
