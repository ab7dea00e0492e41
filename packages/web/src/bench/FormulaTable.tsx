import { findIngredients, type Formula, hasSubstitutions, withLine } from '@ember-fold/core';
import { Repeat2, X } from 'lucide-react';
import { useState } from 'react';
import { styled } from 'styled-components';
import { PHONE } from '../app/theme';
import { useAppSelector } from '../app/store';
import { useEdit } from '../app/useEdit';
import { usePantry } from '../app/useLine';
import { Button } from '../controls/Button';
import { Search } from '../controls/Search';
import { MeasureField } from '../controls/UnitFields';
import { plain, type Printer } from '../text/printer';
import { SwapSheet } from './SwapSheet';

const Table = styled.table`
  width: 100%;
  border-collapse: collapse;
  th {
    font-weight: 400;
    font-size: 13px;
    text-align: left;
    color: ${({ theme }) => theme.soft};
  }
  td,
  th {
    padding: 2px 6px;
    border-bottom: 1px solid ${({ theme }) => theme.line};
  }
  td:first-child,
  th:first-child {
    padding-left: 0;
  }
  td:nth-child(2) {
    width: 132px;
  }
  td:nth-child(3),
  th:nth-child(3) {
    text-align: right;
    white-space: nowrap;
    font-variant-numeric: tabular-nums;
  }
  .part {
    padding-top: 8px;
    font-weight: 600;
    color: ${({ theme }) => theme.ink};
  }
  td:last-child {
    width: 44px;
    padding-right: 0;
  }
`;

const Adders = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  margin-top: 10px;
  > * {
    flex: 1 1 220px;
    max-width: 320px;
  }
`;

interface FormulaTableProps {
  /** Which formula of the draft. */
  readonly part: 'dough' | 'filling';
  readonly lines: Formula;
  /** Share of each line, percent, and what it is a share of. */
  readonly percents: readonly number[];
  readonly percentOf: string;
  /** Names of the two doughs, where there are two. */
  readonly partNames?: readonly [string, string] | null;
  readonly printer: Printer;
}

/** A new line starts with this, kg: a figure to type over, not a guess at the recipe. */
const NEW_LINE_KG = 0.01;

/** One formula, or both doughs of a two-dough family: ingredient, mass in the cook's own system, share. */
export function FormulaTable({ part, lines, percents, percentOf, partNames = null, printer }: FormulaTableProps) {
  const edit = useEdit();
  const pantry = usePantry();
  const family = useAppSelector((state) => state.draft.draft?.dough.family);
  const setLine = (index: number, ingredientId: string, massKg: number | null, inPart: 0 | 1 = 0) =>
    edit(`${part}.lines.${index}`, (draft) => ({
      ...draft,
      [part]: { ...draft[part], lines: withLine(draft[part].lines, index, ingredientId, massKg, inPart) },
    }));
  const [swapping, setSwapping] = useState<number | null>(null);
  const rows = lines.map((line, index) => ({ ...line, index, percent: percents[index] ?? 0 }));
  const groups = partNames
    ? partNames.map((name, i) => ({ name, inPart: i as 0 | 1, rows: rows.filter((row) => (row.part ?? 0) === i) }))
    : [{ name: null, inPart: 0 as const, rows }];
  return (
    <>
      <Table aria-label={`${part === 'dough' ? 'Dough' : 'Filling'} formula`}>
        <thead>
          <tr>
            <th scope="col">Ingredient</th>
            <th scope="col">{printer.units === 'cups' ? 'Measure' : 'Mass'}</th>
            <th scope="col">{percentOf}</th>
            <td />
          </tr>
        </thead>
        {groups.map((group) => (
          <tbody key={group.inPart}>
            {group.name && (
              <tr>
                <th scope="rowgroup" colSpan={4} className="part">
                  {group.name}
                </th>
              </tr>
            )}
            {group.rows.map((row) => (
              <LineRow
                key={row.ingredientId + String(row.index)}
                {...row}
                printer={printer}
                onSwap={
                  part === 'dough' && hasSubstitutions(lines, row.index, pantry) ? () => setSwapping(row.index) : null
                }
                onSet={(massKg) => setLine(row.index, row.ingredientId, massKg)}
              />
            ))}
          </tbody>
        ))}
      </Table>
      {swapping !== null && lines[swapping] && family && (
        <SwapSheet
          lines={lines}
          index={swapping}
          family={family}
          printer={printer}
          onClose={() => setSwapping(null)}
          onSwap={(swap) => {
            edit(`${part}.swap`, (draft) => ({ ...draft, [part]: { ...draft[part], lines: swap.lines } }));
            setSwapping(null);
          }}
        />
      )}
      {lines.length < 60 && (
        <Adders>
          {groups.map((group) => {
            const used = new Set(group.rows.map((row) => row.ingredientId));
            return (
              <Search
                key={group.inPart}
                label={`Add to the ${group.name?.toLowerCase() ?? part}`}
                find={(text) => findIngredients(text, pantry.all).filter((item) => !used.has(item.id))}
                onPick={(id) => setLine(lines.length, id, NEW_LINE_KG, group.inPart)}
              />
            );
          })}
        </Adders>
      )}
    </>
  );
}

/** Reads as the name it is; opens what may stand in for it. */
const Name = styled(Button)`
  padding: 0;
  font: inherit;
  text-align: left;
  justify-content: flex-start;
  color: inherit;
  svg {
    flex: none;
    color: ${({ theme }) => theme.accentText};
  }
  ${PHONE} {
    text-decoration: underline dotted;
    svg {
      display: none;
    }
  }
`;

interface LineRowProps {
  readonly ingredientId: string;
  readonly massKg: number;
  readonly percent: number;
  readonly printer: Printer;
  /** Opens what it may be swapped for; `null` when nothing stands in for it. */
  readonly onSwap: (() => void) | null;
  /** `null` takes the line out. */
  readonly onSet: (massKg: number | null) => void;
}

function LineRow({ ingredientId, massKg, percent, printer, onSwap, onSet }: LineRowProps) {
  const { name, densityKgPerM3 } = usePantry().find(ingredientId);
  return (
    <tr>
      <td>
        {onSwap ? (
          <Name $look="quiet" onPress={onSwap} aria-label={`${name}, swap it`}>
            {name}
            <Repeat2 size={15} aria-hidden />
          </Name>
        ) : (
          name
        )}
      </td>
      <td>
        <MeasureField
          label={name}
          hideLabel
          value={massKg}
          least={0}
          most={1000}
          printer={printer}
          densityKgPerM3={densityKgPerM3}
          onChange={onSet}
        />
      </td>
      <td>{plain(percent)} %</td>
      <td>
        <Button
          $look="quiet"
          style={{ padding: 0, width: 44 }}
          aria-label={`Take out ${name}`}
          onPress={() => onSet(null)}
        >
          <X size={17} aria-hidden />
        </Button>
      </td>
    </tr>
  );
}
