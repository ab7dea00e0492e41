import { LATER } from '#text/shared/laterPhrases';
import { guessedIngredient } from '@ember-fold/core/files';
import {
  type DoughFamilyId,
  searchIngredients,
  type Formula,
  hasSubstitutions,
  massOfFlourPercent,
  massOfWholePercent,
  type Pantry,
  type Substitution,
  withLine,
} from '@ember-fold/core/plan';
import { Suspense, useEffect, useMemo, useRef, useState } from 'react';
import { styled } from 'styled-components';
import { lazyPart } from '../../lazyPart';
import { FINE, PHONE } from '../../theme';
import { usePantry } from '../../../data/draft/useLine';
import type { Printer } from '../../../text/printer';
import { FormulaRow } from './FormulaRow';
import { newIngredientId, useTakeOn } from '../../../data/api/takeOn';
import { Problem } from '../../layout/Panel';
import { Search } from '../field/Search';
import { useLatest } from '../field/useLatest';

const SwapSheet = lazyPart(() => import('../sheet/SwapSheet').then((m) => ({ default: m.SwapSheet })));

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
  /* Cups and spoons are long; a phone is narrow. */
  ${PHONE} {
    td,
    th {
      padding-inline: 3px;
    }
    td:nth-child(2),
    td:nth-child(2) div {
      width: 126px;
    }
    td:nth-child(2) > div {
      column-gap: 0;
    }
    td:nth-child(2) > div > div {
      padding-inline: 5px;
    }
    td:nth-child(2) input {
      font-size: 15px;
    }
  }
  ${FINE} {
    td button {
      min-height: 34px;
      height: 34px;
    }
  }
`;

const Adders = styled.div`
  display: flex;
  flex-wrap: wrap;
  gap: 12px;
  margin-top: 8px;
  > * {
    flex: 1 1 220px;
    max-width: 320px;
  }
`;

interface FormulaTableProps {
  readonly kind: 'dough' | 'filling' | 'base';
  readonly lines: Formula;
  /** Share of each line, percent: of the flour in a dough, of the whole elsewhere. */
  readonly percents: readonly number[];
  /** Type shares instead of masses. */
  readonly byPercent?: boolean;
  /** Names of the two doughs, where there are two. */
  readonly partNames?: readonly [string, string] | null;
  /** Of a dough: lines can be swapped for what stands in for them. */
  readonly family?: DoughFamilyId | null;
  readonly printer: Printer;
  /** `field` names the line, so that typing in one is one step of undo. */
  readonly onLines: (field: string, change: (lines: Formula) => Formula) => void;
}

/** A new line starts with this, kg: a figure to type over, not a guess at the recipe. */
const NEW_LINE_KG = 0.01;
const PERCENT_OF = { dough: LATER.ofFlour, filling: LATER.ofRaw, base: LATER.ofRaw } as const;

/** Mass of a line that is to be this share of the flour, or of the whole. */
function massOfShare(lines: Formula, index: number, share: number, isDough: boolean, pantry: Pantry): number {
  if (!isDough) return massOfWholePercent(lines, index, 100 * share);
  const flourKg = lines.reduce(
    (sum, line) => (pantry.find(line.ingredientId).role === 'flour' ? sum + line.massKg : sum),
    0,
  );
  return massOfFlourPercent(100 * share, flourKg);
}

/** One formula, or both doughs of a two-dough family: ingredient, mass in the cook's own system, share. */
export function FormulaTable(props: FormulaTableProps) {
  const { kind, lines, percents, byPercent = false, partNames = null, family = null, printer, onLines } = props;
  const pantry = usePantry();
  const setMass = useLatest((index: number, ingredientId: string, massKg: number | null) =>
    onLines(`lines.${index}`, (now) => withLine(now, index, ingredientId, massKg)),
  );
  const setShare = useLatest((index: number, ingredientId: string, share: number) =>
    onLines(`lines.${index}`, (now) =>
      withLine(now, index, ingredientId, massOfShare(now, index, share, kind === 'dough', pantry)),
    ),
  );
  const add = useLatest((ingredientId: string, part: 0 | 1) =>
    onLines(`lines.${lines.length}`, (now) => withLine(now, now.length, ingredientId, NEW_LINE_KG, part)),
  );
  const [swapping, setSwapping] = useState<number | null>(null);
  const swap = ({ lines: swapped }: Substitution) => {
    onLines('swap', () => swapped);
    setSwapping(null);
  };
  const rows = lines.map((line, index) => ({ ...line, index, percent: percents[index] ?? 0 }));
  const groups = partNames
    ? partNames.map((name, i) => ({ name, inPart: i as 0 | 1, rows: rows.filter((row) => (row.part ?? 0) === i) }))
    : [{ name: null, inPart: 0 as const, rows }];
  return (
    <>
      <Table aria-label={LATER.formula(kind[0]!.toUpperCase(), kind.slice(1))}>
        <thead>
          <tr>
            <th scope="col">{LATER.ingredient}</th>
            <th scope="col">{byPercent ? PERCENT_OF[kind] : printer.units === 'cups' ? LATER.measure : LATER.mass}</th>
            <th scope="col">{byPercent ? 'mass' : PERCENT_OF[kind]}</th>
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
              <FormulaRow
                key={row.ingredientId + String(row.index)}
                {...row}
                kind={kind}
                printer={printer}
                byPercent={byPercent && !(kind === 'dough' && pantry.find(row.ingredientId).role === 'flour')}
                canSwap={family !== null && hasSubstitutions(lines, row.index, pantry)}
                onSwap={setSwapping}
                onSet={setMass}
                onShare={setShare}
              />
            ))}
          </tbody>
        ))}
      </Table>
      {swapping !== null && lines[swapping] && family && (
        <Suspense fallback={null}>
          <SwapSheet
            lines={lines}
            index={swapping}
            family={family}
            printer={printer}
            onClose={() => setSwapping(null)}
            onSwap={swap}
          />
        </Suspense>
      )}
      {lines.length < 60 && (
        <Adders>
          {groups.map(({ name, inPart, rows: inGroup }) => (
            <Adder
              key={inPart}
              label={LATER.addToThe(name?.toLowerCase() ?? kind)}
              kind={kind}
              part={inPart}
              used={inGroup.map((row) => row.ingredientId).join(' ')}
              onAdd={add}
            />
          ))}
        </Adders>
      )}
    </>
  );
}

interface AdderProps {
  readonly label: string;
  readonly kind: FormulaTableProps['kind'];
  readonly part: 0 | 1;
  /** Ids that are in already, by spaces: a text, so that it is the same for as long as they are. */
  readonly used: string;
  readonly onAdd: (ingredientId: string, part: 0 | 1) => void;
}

function Adder({ label, kind, part, used, onAdd }: AdderProps) {
  const pantry = usePantry();
  const find = useMemo(() => {
    const taken = new Set(used.split(' '));
    const offered = pantry.all.filter(({ id }) => !taken.has(id) && !(kind === 'base' && id.startsWith('base-')));
    return (text: string) =>
      searchIngredients(text, offered).map(({ ingredient: { id, name }, calledAs }) => ({
        id,
        name: LATER.calledAs(name, calledAs),
      }));
  }, [pantry, used, kind]);
  const pick = useLatest((id: string) => onAdd(id, part));
  const [takeOn, problem] = useTakeOn();
  const awaited = useRef<string | null>(null);
  const onNew = useLatest((name: string) => {
    const capital = name.charAt(0).toUpperCase() + name.slice(1);
    const made = guessedIngredient(capital, kind === 'dough' ? 'dough' : 'filling', newIngredientId(), pantry);
    awaited.current = made.id;
    void takeOn(made).then((isTaken) => {
      if (!isTaken) awaited.current = null;
    });
  });
  // Every plan must know it before a line holds it.
  useEffect(() => {
    const id = awaited.current;
    if (id === null || !pantry.all.some((one) => one.id === id)) return;
    awaited.current = null;
    pick(id);
  }, [pantry, pick]);
  return (
    <div>
      <Search label={label} hideLabel find={find} onPick={pick} onNew={onNew} />
      {problem !== null && <Problem>{problem}</Problem>}
    </div>
  );
}
