import { withTemps } from '../../text/printer';
import { DOUGH as T } from '#text/bench/dough/doughPhrases';
import {
  type DoughFamilyId,
  type DoughFigures,
  stiffnessAtShift,
  withFamily,
  withWorkedFormula,
  RANGES,
} from '@ember-fold/core/plan';
import { BookOpen } from 'lucide-react';
import { useState } from 'react';
import { styled, useTheme } from 'styled-components';
import { api } from '../../data/api/api';
import { useEdit } from '../../data/draft/useEdit';
import type { Line } from '../../data/draft/useLine';
import { Button } from '../../ui/controls/button/Button';
import { Choice } from '../../ui/controls/choice/Choice';
import { mixFindingText } from '#text/bench/dough/mixFindingText';
import { Findings } from '../../ui/controls/list/Findings';
import { FormulaTable } from '../../ui/controls/list/FormulaTable';
import { PanelTitle, Row } from '../../ui/layout/Panel';
import { Pick } from '../../ui/controls/choice/Pick';
import { CompositionBar } from '../../ui/drawing/CompositionBar';
import { StiffnessDial } from '../../ui/drawing/StiffnessDial';
import { plain } from '../../text/printer';
import { methodOf } from '#text/shared/familyWords';
import { familyNames } from '#text/shared/familyWords';
import { HEAT_NAME, PART_NAMES, RISE_NAME } from '#text/shared/words';
import { FormulaTools } from '../FormulaTools';
import { PercentField, TempField } from '../../ui/controls/field/MoreFields';
import { CountField } from '../../ui/controls/field/UnitFields';
import { PiecesField } from '../PiecesField';
import { StationLayout } from '../StationLayout';
import { TermWord } from '../../ui/handbook/TermWord';
import { WaterLog } from './WaterLog';

const Facts = styled.dl`
  display: grid;
  grid-template-columns: 1fr auto;
  margin: 6px 0 0;
  dt,
  dd {
    margin: 0;
    padding: 6px 0;
    border-top: 1px solid ${({ theme }) => theme.line};
    font-size: 14.5px;
  }
  dd {
    text-align: right;
    font-weight: 700;
    font-variant-numeric: tabular-nums;
  }
`;

const Method = styled.ol`
  display: grid;
  gap: 4px;
  margin-top: 6px;
  padding-top: 10px;
  border-top: 1px solid ${({ theme }) => theme.line};
  font-size: 14px;
  counter-reset: step;
  li {
    counter-increment: step;
    padding-left: 20px;
    text-indent: -20px;
  }
  li::before {
    content: counter(step) '.';
    display: inline-block;
    width: 20px;
    text-indent: 0;
    color: ${({ theme }) => theme.soft};
  }
`;

/** What each earlier dough of the main flour says of this one. */
function useHistory(figures: DoughFigures): readonly number[] {
  const { data } = api.useFloursQuery();
  return (data?.observations ?? []).flatMap((seen) => {
    if (seen.flourId !== figures.mainFlourId || seen.shift === null || Math.abs(seen.shift) > 1) return [];
    return stiffnessAtShift(figures, seen.shift) ?? [];
  });
}

/** Formula, effective water and fat, stiffness, first pour. */
export function DoughStation({ line }: { readonly line: Line }) {
  const edit = useEdit();
  const theme = useTheme();
  const [byPercent, setByPercent] = useState(false);
  const { draft, printer, cold } = line;
  const { figures, findings } = cold.dough;
  const history = useHistory(figures);
  const { flour, water, fat, other } = figures.madeOf;
  const { secondPart, restS } = figures.family;
  const { dough } = draft;
  const facts = [
    [T.effectiveWater, `${plain(figures.waterPercent)} %`, 'effective-water'],
    [T.effectiveFat, `${plain(figures.fatPercent)} %`, null],
    [T.firstPour, T.back(printer.water(figures.firstPourKg), printer.water(figures.reserveKg)), 'first-pour'],
    [T.rests, restS.most === 0 ? T.notAtAll : T.to(printer.span(restS.least), printer.span(restS.most)), null],
  ] as const;
  return (
    <StationLayout
      controls={
        <>
          <PanelTitle>{T.dough}</PanelTitle>
          <Pick<DoughFamilyId>
            label={T.family}
            value={dough.family}
            options={familyNames()}
            onChange={(family) => edit('dough.family', (d) => withFamily(d, family))}
          />
          <PiecesField pieces={draft.pieces} />
          <Row>
            <CountField
              label={T.inLoads}
              value={dough.portions ?? 1}
              {...RANGES.draft.doughPortions}
              onChange={(portions) =>
                edit('dough.portions', (d) => {
                  const { portions: _before, ...rest } = d.dough;
                  return { ...d, dough: portions > 1 ? { ...rest, portions } : rest };
                })
              }
            />
          </Row>
          {figures.family.onHeat && (
            <Choice
              label={T.flourIsStirredIn}
              value={dough.onHeat ? 'on' : 'off'}
              options={HEAT_NAME}
              onChange={(heat) => edit('dough.onHeat', (d) => ({ ...d, dough: { ...d.dough, onHeat: heat === 'on' } }))}
            />
          )}
          {figures.yeastPercent >= 0.05 && (
            <Choice
              label={T.rises}
              value={dough.rise ?? 'room'}
              options={RISE_NAME}
              onChange={(rise) => edit('dough.rise', (d) => ({ ...d, dough: { ...d.dough, rise } }))}
            />
          )}
          <Warmth line={line} />
          <Facts>
            {facts.map(([name, value, term]) => (
              <FactRow key={name} name={name} value={value} term={term} />
            ))}
          </Facts>
          <Method aria-label={T.howItIsMade}>
            {methodOf(figures)
              .map((one) => withTemps(one, printer))
              .map((step) => (
                <li key={step}>{step}</li>
              ))}
          </Method>
        </>
      }
      drawing={
        <>
          <FormulaTools
            of="dough"
            line={line}
            cost={figures.totals.cost}
            byPercent={byPercent}
            onByPercent={setByPercent}
          >
            <Button $look="quiet" onPress={() => edit('dough.worked', withWorkedFormula)}>
              <BookOpen size={16} aria-hidden />
              {T.workedFormula}
            </Button>
          </FormulaTools>
          <FormulaTable
            kind="dough"
            lines={dough.lines}
            percents={figures.linePercents}
            byPercent={byPercent}
            partNames={secondPart && PART_NAMES[secondPart]}
            family={dough.family}
            printer={printer}
            onLines={(field, change) =>
              edit(`dough.${field}`, (d) => ({ ...d, dough: { ...d.dough, lines: change(d.dough.lines) } }))
            }
          />
          <CompositionBar
            printMass={printer.mass}
            parts={[
              { name: 'flour', kg: flour, colour: theme.edge },
              { name: 'water', kg: water, colour: theme.know },
              { name: 'fat', kg: fat, colour: theme.lookOut },
              { name: 'other', kg: other, colour: theme.ink },
            ]}
          />
          {figures.family.absorption === null && <WaterLog line={line} />}
        </>
      }
      findings={
        <>
          <StiffnessDial stiffness={figures.stiffness} range={figures.stiffnessRange} history={history} />
          <Findings findings={findings} printer={printer} say={mixFindingText} />
        </>
      }
    />
  );
}

/** How warm the liquid is poured over yeast, and how much of it boils off a hot-water dough; emptied, as computed. */
function Warmth({ line: { draft, cold, printer } }: { readonly line: Line }) {
  const edit = useEdit();
  const { dough } = draft;
  const { family, boiledOffKg, madeOf } = cold.dough.figures;
  const { rise } = cold.dough;
  const set = (field: 'liquidC' | 'boilOffShare', value: number | null) =>
    edit(`dough.${field}`, (d) => {
      const { [field]: _before, ...rest } = d.dough;
      return { ...d, dough: value === null ? rest : { ...rest, [field]: value } };
    });
  return (
    <>
      {rise?.liquidC != null && (
        <Row>
          <TempField
            label={T.liquidAt}
            value={dough.liquidC ?? null}
            whenNull={plain(printer.degrees(rise.liquidC), 0)}
            {...RANGES.draft.liquidC}
            printer={printer}
            onChange={(liquidC) => set('liquidC', liquidC)}
            onClear={() => set('liquidC', null)}
          />
        </Row>
      )}
      {family.onHeat && (
        <Row>
          <PercentField
            label={T.boilsOff}
            value={dough.boilOffShare ?? null}
            whenNull={plain(madeOf.water > 0 ? (100 * boiledOffKg) / madeOf.water : 0, 0)}
            {...RANGES.draft.boilOffShare}
            onChange={(share) => set('boilOffShare', share)}
            onClear={() => set('boilOffShare', null)}
          />
        </Row>
      )}
    </>
  );
}

interface FactRowProps {
  readonly name: string;
  readonly value: string;
  /** What its name is in the handbook; `null`: it says itself. */
  readonly term: string | null;
}

function FactRow({ name, value, term }: FactRowProps) {
  return (
    <>
      <dt>{term === null ? name : <TermWord id={term}>{name}</TermWord>}</dt>
      <dd>{value}</dd>
    </>
  );
}
