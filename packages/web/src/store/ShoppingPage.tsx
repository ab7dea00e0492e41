import { type BaseToMake, parseNumber, type Shopping, type ShoppingRow, type StockRow } from '@ember-fold/core';
import { Fragment } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { problemOf } from '../app/api';
import { storeApi } from '../app/storeApi';
import { FINE, PHONE } from '../app/theme';
import { useKitchen, usePantry } from '../app/useLine';
import { Asked } from '../controls/Asked';
import { Button } from '../controls/Button';
import { FigureField } from '../controls/FigureField';
import { Panel, PanelTitle, Problem, Soft } from '../controls/Panel';
import { GramField } from '../controls/UnitFields';
import { plain, type Printer } from '../text/printer';
import { shoppingText } from '../text/shoppingText';

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
  ${FINE} {
    td [data-box] {
      min-height: 36px;
    }
    td input {
      height: 34px;
    }
  }
  ${PHONE} {
    thead {
      display: none;
    }
    tr {
      display: grid;
      grid-template-columns: 1fr auto;
      padding: 8px 0;
      border-bottom: 1px solid ${({ theme }) => theme.line};
    }
    td {
      border: 0;
      padding: 2px 0;
    }
    td:first-child,
    td.stock {
      grid-column: 1 / -1;
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

const Bases = styled.ul`
  display: grid;
  gap: 10px;
  margin-top: 6px;
`;

/** What all planned batches take, as it is sold, less what is on the shelf. */
export function ShoppingPage() {
  const shopping = storeApi.useShoppingQuery(undefined, { refetchOnMountOrArgChange: true });
  const stock = storeApi.useStockQuery();
  const known = useKitchen();
  if (!known) return null;
  return (
    <Asked of={shopping} what="the shopping list">
      {(list) =>
        list.rows.length === 0 ? (
          <Panel>
            <h2>Nothing to buy</h2>
            <Soft>
              No batch is planned. Plan one on the <Link to="/bench">bench</Link>, and all it takes is listed here.
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
        <PanelTitle>Shopping for all planned batches</PanelTitle>
        <Soft as="span">{`${toBuy} things to buy, ${printer.money(list.cost)} in all`}</Soft>
        <Button onPress={() => window.print()}>Print</Button>
      </Top>
      {setting.error && <Problem>{problemOf(setting.error).message}</Problem>}
      <Table aria-label="Shopping list">
        <thead>
          <tr>
            <th scope="col">What</th>
            <th scope="col" className="figure">
              Buy
            </th>
            <th scope="col" className="figure">
              Cost
            </th>
            <th scope="col">On the shelf</th>
            <th scope="col">Strength of the pack</th>
          </tr>
        </thead>
        <tbody>
          {list.rows.map((row) => (
            <BuyRow
              key={row.ingredientId}
              row={row}
              strength={stock.find((one) => one.ingredientId === row.ingredientId)?.strength ?? 1}
              printer={printer}
              onStock={(haveKg, strength) => void setStock({ ingredientId: row.ingredientId, haveKg, strength })}
            />
          ))}
        </tbody>
      </Table>
      <Soft style={{ marginTop: 8 }}>
        A pack twice as strong as the formulas mean has strength 2: half of it is weighed and bought.
      </Soft>
    </Panel>
  );
}

interface BuyRowProps {
  readonly row: ShoppingRow;
  readonly strength: number;
  readonly printer: Printer;
  readonly onStock: (haveKg: number, strength: number) => void;
}

function BuyRow({ row, strength, printer, onStock }: BuyRowProps) {
  const { name } = usePantry().find(row.ingredientId);
  const text = shoppingText(row, name, printer);
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
      <td className="stock">
        <GramField
          label={`${name} on the shelf`}
          hideLabel
          value={row.haveKg}
          least={0}
          most={1000}
          printer={printer}
          onChange={(haveKg) => onStock(haveKg, strength)}
        />
      </td>
      <td className="stock">
        <FigureField
          label={`Strength of ${name}`}
          hideLabel
          value={strength}
          print={(value) => plain(value, 2)}
          read={parseNumber}
          least={0.1}
          most={10}
          width={72}
          expected="a factor such as 1 or 1.5"
          onChange={(next) => onStock(row.haveKg, next)}
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
      <PanelTitle>Bases to make once</PanelTitle>
      <Bases>
        {bases.map(({ id, name, massKg, lines, split }) => (
          <li key={id}>
            <strong>{`${name}: make ${printer.mass(massKg)}`}</strong>
            <Soft>
              {`From ${lines.map((line) => `${printer.mass(line.massKg)} ${pantry.find(line.ingredientId).name.toLowerCase()}`).join(', ')}.`}
            </Soft>
            <p>
              {split.map(({ batch, massKg: part }, i) => (
                <Fragment key={batch}>{`${i > 0 ? '; ' : ''}${printer.mass(part)} for ${batch}`}</Fragment>
              ))}
            </p>
          </li>
        ))}
      </Bases>
    </Panel>
  );
}
