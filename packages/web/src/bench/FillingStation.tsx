import { type CoolingPlace, type Kitchen, withCookTo } from '@ember-fold/core';
import { lazy, Suspense } from 'react';
import { editKitchen } from '../app/editKitchen';
import { useEdit } from '../app/useEdit';
import type { Line } from '../app/useLine';
import { Choice } from '../controls/Choice';
import { Findings } from '../controls/Findings';
import { Figure, PanelTitle, Row, Soft } from '../controls/Panel';
import { GramField, MmField, PercentField, TempField } from '../controls/UnitFields';
import { PLACE_NAME } from '../text/words';
import { FormulaTable } from './FormulaTable';
import { PiecesField } from './PiecesField';
import { StationLayout } from './StationLayout';

const CoolingChart = lazy(() => import('../charts/CoolingChart').then((m) => ({ default: m.CoolingChart })));

/** The dish belongs to the kitchen: it is the same one next time. */
function DishFields({ dish }: { readonly dish: Kitchen['dish'] }) {
  const set = (change: Partial<Kitchen['dish']>) =>
    editKitchen((kitchen) => ({ ...kitchen, dish: { ...kitchen.dish, ...change } }));
  return (
    <>
      <Row>
        <MmField
          label="Dish, length"
          value={dish.lengthM}
          least={0.05}
          most={1}
          onChange={(lengthM) => set({ lengthM })}
        />
      </Row>
      <Row>
        <MmField label="Dish, width" value={dish.widthM} least={0.05} most={1} onChange={(widthM) => set({ widthM })} />
      </Row>
    </>
  );
}

/** Formula, salt, cooking dry by the scale, cooling. */
export function FillingStation({ line }: { readonly line: Line }) {
  const edit = useEdit();
  const { draft, kitchen, printer, cold } = line;
  const { figures, cooling, split, findings } = cold.filling;
  const { filling } = draft;
  const set = (field: string, change: Partial<typeof filling>) =>
    edit(`filling.${field}`, (d) => ({ ...d, filling: { ...d.filling, ...change } }));
  return (
    <StationLayout
      controls={
        <>
          <PanelTitle>Cook dry, then cool</PanelTitle>
          <PiecesField pieces={draft.pieces} />
          <Row>
            <PercentField
              label="Cook down to"
              value={filling.cookToShare}
              least={0.3}
              most={1}
              onChange={(share) => edit('filling.cookToShare', (d, known) => withCookTo(d, share, known))}
            />
          </Row>
          <Row>
            <GramField
              label="Pan weighs"
              value={filling.panKg}
              least={0}
              most={10}
              printer={printer}
              onChange={(panKg) => set('panKg', { panKg })}
            />
          </Row>
          <Row>
            <TempField
              label="Hot into the dish"
              value={filling.hotC}
              least={20}
              most={110}
              printer={printer}
              onChange={(hotC) => set('hotC', { hotC })}
            />
          </Row>
          <DishFields dish={kitchen.dish} />
          <Choice<CoolingPlace>
            label="Cools in"
            value={filling.place}
            options={PLACE_NAME}
            onChange={(place) => set('place', { place })}
          />
          <Choice
            label="Dish"
            value={filling.covered ? 'covered' : 'open'}
            options={{ open: 'open', covered: 'covered' }}
            onChange={(choice) => set('covered', { covered: choice === 'covered' })}
          />
        </>
      }
      drawing={
        <>
          <PanelTitle>Formula</PanelTitle>
          <Soft>{`ingredients cost ${printer.money(figures.totals.cost)}`}</Soft>
          <FormulaTable
            part="filling"
            lines={filling.lines}
            percents={figures.linePercents}
            percentOf="of raw"
            printer={printer}
          />
        </>
      }
      findings={
        <>
          <Soft>Stop cooking when the scale shows</Soft>
          <Figure>{printer.mass(figures.targetWithPanKg)}</Figure>
          <Soft>{`${printer.mass(figures.targetKg)} of filling in a pan of ${printer.mass(filling.panKg)}`}</Soft>
          {cooling && (
            <Suspense fallback={<div style={{ height: 150 }} />}>
              <CoolingChart cooling={cooling} split={split} printer={printer} />
            </Suspense>
          )}
          <Findings findings={findings} printer={printer} />
        </>
      }
    />
  );
}
