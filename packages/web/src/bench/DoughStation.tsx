import { type DoughFamilyId, withFamily, withLimit, withWorkedFormula } from '@ember-fold/core';
import { useState } from 'react';
import { styled, useTheme } from 'styled-components';
import { useEdit } from '../app/useEdit';
import { type Line, usePantry } from '../app/useLine';
import { Button } from '../controls/Button';
import { Findings } from '../controls/Findings';
import { PanelTitle, Problem, Row, Soft } from '../controls/Panel';
import { Pick } from '../controls/Pick';
import { MeasureField } from '../controls/UnitFields';
import { CompositionBar } from '../drawing/CompositionBar';
import { StiffnessDial } from '../drawing/StiffnessDial';
import { plain } from '../text/printer';
import { FAMILY_METHOD, FAMILY_NAME, PART_NAMES } from '../text/words';
import { FormulaTable } from './FormulaTable';
import { PiecesField } from './PiecesField';
import { StationLayout } from './StationLayout';
import { WaterLog } from './WaterLog';

/** "I have only 640 g of flour": pieces and filling follow what there is. */
function ScaleToLimit({ line }: { readonly line: Line }) {
  const edit = useEdit();
  const pantry = usePantry();
  const { draft, kitchen, printer } = line;
  const [index, setIndex] = useState('0');
  const [have, setHave] = useState<number | null>(null);
  const [failed, setFailed] = useState(false);
  const chosen = draft.dough.lines[Number(index)];
  if (!chosen) return null;
  const { name, densityKgPerM3 } = pantry.find(chosen.ingredientId);
  const options = Object.fromEntries(
    draft.dough.lines.map((l, i) => [String(i), pantry.find(l.ingredientId).name]),
  ) as Record<string, string>;
  const massKg = have ?? chosen.massKg;
  const apply = () => {
    const next = withLimit(draft, { of: 'dough', line: Number(index), massKg }, kitchen);
    setFailed(next === null);
    if (next) edit('dough.limit', () => next);
    setHave(null);
  };
  return (
    <>
      <Pick label="Scale to what there is of" value={index} options={options} onChange={setIndex} />
      <Row>
        <MeasureField
          label={`I have`}
          value={massKg}
          least={0}
          most={1000}
          printer={printer}
          densityKgPerM3={densityKgPerM3}
          onChange={setHave}
        />
      </Row>
      <Button onPress={apply} isDisabled={have === null}>{`Scale to this ${name.toLowerCase()}`}</Button>
      {failed && <Problem>Not one piece comes out of that.</Problem>}
    </>
  );
}

const Head = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 12px;
  h2 {
    margin: 0;
  }
  button {
    margin-left: auto;
  }
`;

const Method = styled.ol`
  display: grid;
  gap: 4px;
  margin-top: 12px;
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

/** Formula, effective water and fat, stiffness, first pour. */
export function DoughStation({ line }: { readonly line: Line }) {
  const edit = useEdit();
  const theme = useTheme();
  const { draft, printer, cold } = line;
  const { figures, findings } = cold.dough;
  const { flour, water, fat, other } = figures.madeOf;
  const { secondPart, restS } = figures.family;
  return (
    <StationLayout
      controls={
        <>
          <PanelTitle>Dough</PanelTitle>
          <Pick<DoughFamilyId>
            label="Family"
            value={draft.dough.family}
            options={FAMILY_NAME}
            onChange={(family) => edit('dough.family', (d) => withFamily(d, family))}
          />
          <PiecesField pieces={draft.pieces} />
          <Row>
            <span>Effective water</span>
            <strong>{plain(figures.waterPercent)} %</strong>
          </Row>
          <Row>
            <span>Effective fat</span>
            <strong>{plain(figures.fatPercent)} %</strong>
          </Row>
          <Row>
            <span>Rests</span>
            <strong>
              {restS.most === 0 ? 'not at all' : `${printer.span(restS.least)} to ${printer.span(restS.most)}`}
            </strong>
          </Row>
          <Row>
            <span>First pour</span>
            <strong>{`${printer.mass(figures.firstPourKg)}, ${printer.mass(figures.reserveKg)} back`}</strong>
          </Row>
          <ScaleToLimit line={line} key={draft.dough.lines.length} />
        </>
      }
      drawing={
        <>
          <Head>
            <PanelTitle>Formula</PanelTitle>
            <Soft as="span">{`ingredients cost ${printer.money(figures.totals.cost)}`}</Soft>
            <Button $look="quiet" onPress={() => edit('dough.worked', withWorkedFormula)}>
              Take the worked formula
            </Button>
          </Head>
          <FormulaTable
            part="dough"
            lines={draft.dough.lines}
            percents={figures.linePercents}
            percentOf="of flour"
            partNames={secondPart && PART_NAMES[secondPart]}
            printer={printer}
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
          <StiffnessDial stiffness={figures.stiffness} band={figures.stiffnessBand} />
          <Findings findings={findings} printer={printer} />
          <Method aria-label="How it is made">
            {FAMILY_METHOD[draft.dough.family].map((step) => (
              <li key={step}>{step}</li>
            ))}
          </Method>
        </>
      }
    />
  );
}
