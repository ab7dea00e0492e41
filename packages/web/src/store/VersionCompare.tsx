import { STORE as T } from '#text/store/storePhrases';
import { compareFormulas, type FormulaBody, type FormulaWithVersions } from '@ember-fold/core/ledger';
import { useState } from 'react';
import { styled } from 'styled-components';
import { usePantry } from '../data/draft/useLine';
import { Panel, PanelTitle, Soft } from '../ui/layout/Panel';
import { Pick } from '../ui/controls/choice/Pick';
import { plain } from '../text/printer';
import { usePrinter } from '../ui/printing';

const Picks = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  > * {
    flex: 1 1 180px;
  }
`;

const Table = styled.table`
  width: 100%;
  margin-top: 8px;
  border-collapse: collapse;
  font-variant-numeric: tabular-nums;
  th {
    font-size: 13px;
    font-weight: 400;
    color: ${({ theme }) => theme.soft};
  }
  th,
  td {
    padding: 7px 6px;
    text-align: right;
    border-bottom: 1px solid ${({ theme }) => theme.line};
  }
  th:first-child,
  td:first-child {
    padding-left: 0;
    text-align: left;
  }
`;

const EDITED = 'edited';
const percent = (value: number | null): string => (value === null ? 'none' : `${plain(value, 1)} %`);

/** A change in points: more or less, said with a sign and distinguished by more than colour. */
function changeText(before: number | null, after: number | null): string {
  const points = (after ?? 0) - (before ?? 0);
  if (Math.abs(points) < 0.05) return 'same';
  return `${points > 0 ? '+' : '−'}${plain(Math.abs(points), 1)}`;
}

interface VersionCompareProps {
  readonly formula: FormulaWithVersions;
  /** What is being typed and not yet kept; `null` when nothing is. */
  readonly edited: FormulaBody | null;
}

/** Two versions side by side, in percent, so that how much was made does not matter. */
export function VersionCompare({ formula, edited }: VersionCompareProps) {
  const printer = usePrinter();
  const pantry = usePantry();
  const { versions } = formula;
  const bodies = new Map<string, FormulaBody>(versions.map(({ version, body }) => [String(version), body]));
  if (edited) bodies.set(EDITED, edited);
  const options: Record<string, string> = {
    ...(edited ? { [EDITED]: T.asTypedNow } : {}),
    ...Object.fromEntries(
      versions.map(({ version, savedAt }) => [`v${version}`, T.versionOn(version, printer.date(Date.parse(savedAt)))]),
    ),
  };
  const newest = edited ? EDITED : `v${formula.version}`;
  const beforeIt = `v${edited ? formula.version : Math.max(1, formula.version - 1)}`;
  const [chosen, setChosen] = useState<{ before?: string; after?: string }>({});
  const before = chosen.before && options[chosen.before] ? chosen.before : beforeIt;
  const after = chosen.after && options[chosen.after] ? chosen.after : newest;
  const bodyOf = (key: string) => bodies.get(key.replace(/^v/, ''));
  const [a, b] = [bodyOf(before), bodyOf(after)];
  if (bodies.size < 2 || !a || !b) {
    return (
      <Panel>
        <PanelTitle>{T.versions}</PanelTitle>
        <Soft>{T.oneVersionSoFarKept(printer.date(Date.parse(versions[0]?.savedAt ?? formula.updatedAt)))}</Soft>
      </Panel>
    );
  }
  const rows = compareFormulas(a.lines, b.lines, b.kind, pantry);
  return (
    <Panel>
      <PanelTitle>{T.versionsSideBySide}</PanelTitle>
      <Picks>
        <Pick
          label={T.before}
          value={before}
          options={options}
          onChange={(key) => setChosen({ ...chosen, before: key })}
        />
        <Pick
          label={T.after}
          value={after}
          options={options}
          onChange={(key) => setChosen({ ...chosen, after: key })}
        />
      </Picks>
      <Table aria-label={T.versionsCompared}>
        <thead>
          <tr>
            <th scope="col">{b.kind === 'dough' ? T.percentOfFlour : T.percentOfRaw}</th>
            <th scope="col">{T.beforeColumn}</th>
            <th scope="col">{T.afterColumn}</th>
            <th scope="col">{T.change}</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((row) => (
            <tr key={`${row.part} ${row.ingredientId}`}>
              <td>{`${pantry.find(row.ingredientId).name}${row.part === 1 ? T.secondDough : ''}`}</td>
              <td>{percent(row.before)}</td>
              <td>{percent(row.after)}</td>
              <td>
                <strong>{changeText(row.before, row.after)}</strong>
              </td>
            </tr>
          ))}
        </tbody>
      </Table>
    </Panel>
  );
}
