import { findIngredients, type Formula, ingredientById, INGREDIENTS, withLine } from '@ember-fold/core';
import { X } from 'lucide-react';
import { styled } from 'styled-components';
import { useEdit } from '../app/useEdit';
import { Button } from '../controls/Button';
import { Search } from '../controls/Search';
import { MeasureField } from '../controls/UnitFields';
import { plain, type Printer } from '../text/printer';

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
  td:last-child {
    width: 44px;
    padding-right: 0;
  }
`;

interface FormulaTableProps {
  /** Which formula of the draft. */
  readonly part: 'dough' | 'filling';
  readonly lines: Formula;
  /** Share of each line, percent, and what it is a share of. */
  readonly percents: readonly number[];
  readonly percentOf: string;
  readonly printer: Printer;
}

/** A new line starts with this, kg: a figure to type over, not a guess at the recipe. */
const NEW_LINE_KG = 0.01;

/** An editable formula: ingredient, mass in the cook's own system, share; add and take out. */
export function FormulaTable({ part, lines, percents, percentOf, printer }: FormulaTableProps) {
  const edit = useEdit();
  const setLine = (index: number, ingredientId: string, massKg: number | null) =>
    edit(`${part}.lines.${index}`, (draft) => ({
      ...draft,
      [part]: { ...draft[part], lines: withLine(draft[part].lines, index, ingredientId, massKg) },
    }));
  const used = new Set(lines.map((line) => line.ingredientId));
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
        <tbody>
          {lines.map((line, i) => {
            const { name, densityKgPerM3 } = ingredientById(line.ingredientId);
            return (
              <tr key={line.ingredientId + String(i)}>
                <td>{name}</td>
                <td>
                  <MeasureField
                    label={name}
                    hideLabel
                    value={line.massKg}
                    least={0}
                    most={1000}
                    printer={printer}
                    densityKgPerM3={densityKgPerM3}
                    onChange={(kg) => setLine(i, line.ingredientId, kg)}
                  />
                </td>
                <td>{plain(percents[i] ?? 0)} %</td>
                <td>
                  <Button
                    $look="quiet"
                    style={{ padding: 0, width: 44 }}
                    aria-label={`Take out ${name}`}
                    onPress={() => setLine(i, line.ingredientId, null)}
                  >
                    <X size={17} aria-hidden />
                  </Button>
                </td>
              </tr>
            );
          })}
        </tbody>
      </Table>
      {lines.length < 60 && (
        <div style={{ marginTop: 10, maxWidth: 320 }}>
          <Search
            label={`Add to the ${part}`}
            find={(text) => findIngredients(text, INGREDIENTS).filter((item) => !used.has(item.id))}
            onPick={(id) => setLine(lines.length, id, NEW_LINE_KG)}
          />
        </div>
      )}
    </>
  );
}
