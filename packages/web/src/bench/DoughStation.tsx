import { type DoughFamilyId, ingredientById, withFamily, withLimit, withPieces } from '@ember-fold/core';
import { useState } from 'react';
import { useTheme } from 'styled-components';
import { useEdit } from '../app/useEdit';
import type { Line } from '../app/useLine';
import { Button } from '../controls/Button';
import { Choice } from '../controls/Choice';
import { Findings } from '../controls/Findings';
import { PanelTitle, Problem, Row, Soft } from '../controls/Panel';
import { Pick } from '../controls/Pick';
import { CountField, MeasureField } from '../controls/UnitFields';
import { CompositionBar } from '../drawing/CompositionBar';
import { StiffnessDial } from '../drawing/StiffnessDial';
import { plain } from '../text/printer';
import { FAMILY_NAME } from '../text/words';
import { FormulaTable } from './FormulaTable';
import { StationLayout } from './StationLayout';

/** "I have only 640 g of flour": pieces and filling follow what there is. */
function ScaleToLimit({ line }: { readonly line: Line }) {
  const edit = useEdit();
  const { draft, printer } = line;
  const [index, setIndex] = useState('0');
  const [have, setHave] = useState<number | null>(null);
  const [failed, setFailed] = useState(false);
  const chosen = draft.dough.lines[Number(index)];
  if (!chosen) return null;
  const { name, densityKgPerM3 } = ingredientById(chosen.ingredientId);
  const options = Object.fromEntries(
    draft.dough.lines.map((l, i) => [String(i), ingredientById(l.ingredientId).name]),
  ) as Record<string, string>;
  const massKg = have ?? chosen.massKg;
  const apply = () => {
    const next = withLimit(draft, Number(index), massKg);
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

/** Formula, effective water and fat, stiffness, first pour. */
export function DoughStation({ line }: { readonly line: Line }) {
  const edit = useEdit();
  const theme = useTheme();
  const { draft, printer, cold } = line;
  const { figures, findings } = cold.dough;
  const { flour, water, fat, other } = figures.madeOf;
  return (
    <StationLayout
      controls={
        <>
          <PanelTitle>Dough</PanelTitle>
          <Choice<DoughFamilyId>
            label="Family"
            value={draft.dough.family}
            options={FAMILY_NAME}
            onChange={(family) => edit('dough.family', (d) => withFamily(d, family))}
          />
          <Row>
            <CountField
              label="Pieces"
              value={draft.pieces}
              least={1}
              most={2000}
              onChange={(pieces) => edit('pieces', (d) => withPieces(d, pieces))}
            />
          </Row>
          <Row>
            <span>Effective water</span>
            <strong>{plain(figures.waterPercent)} %</strong>
          </Row>
          <Row>
            <span>Effective fat</span>
            <strong>{plain(figures.fatPercent)} %</strong>
          </Row>
          <Row>
            <span>First pour</span>
            <strong>{printer.mass(figures.firstPourKg)}</strong>
          </Row>
          <Row>
            <span>Kept back</span>
            <strong>{printer.mass(figures.reserveKg)}</strong>
          </Row>
          <ScaleToLimit line={line} key={draft.dough.lines.length} />
        </>
      }
      drawing={
        <>
          <PanelTitle>Formula</PanelTitle>
          <FormulaTable
            part="dough"
            lines={draft.dough.lines}
            percents={figures.linePercents}
            percentOf="of flour"
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
          <Soft>Water and fat are counted from every ingredient, not only the jug.</Soft>
        </>
      }
      findings={
        <>
          <StiffnessDial stiffness={figures.stiffness} band={figures.family.stiffness} />
          <Findings findings={findings} printer={printer} />
        </>
      }
    />
  );
}
