import { RANGES, type StartState, type TurnSchool } from '@ember-fold/core';
import { Suspense } from 'react';
import { styled } from 'styled-components';
import { editPot } from '../../data/editKitchen';
import { useEdit } from '../../data/useEdit';
import type { Line } from '../../data/useLine';
import { FRY as T } from '../../text/fryPhrases';
import { START_NAME, TURN_NAME } from '../../text/words';
import { Choice } from '../../ui/controls/Choice';
import { PanelTitle, Row } from '../../ui/controls/Panel';
import { MinutesField, MlField, MmField, OptionalCountField, TempField } from '../../ui/controls/UnitFields';
import { lazyPart } from '../../ui/lazyPart';
import { figureFont } from '../../ui/theme';

const OilChart = lazyPart(() => import('../../ui/charts/OilChart').then((m) => ({ default: m.OilChart })));

const Through = styled.div`
  display: grid;
  gap: 6px;
  margin-top: 8px;
  h3 {
    ${figureFont}
    font-size: 15px;
  }
`;

/** Oil, minutes, lot, pot, and how a piece is put in and turned; the oil over all the lots. */
export function FryFields({ line }: { readonly line: Line }) {
  const edit = useEdit();
  const { draft, kitchen, printer, hot } = line;
  const { fry } = draft;
  const plan = hot?.fry ?? null;
  const set = (field: string, change: Partial<typeof fry>) =>
    edit(`fry.${field}`, (d) => ({ ...d, fry: { ...d.fry, ...change } }));
  const setPot = (change: Partial<typeof kitchen.pot>) => editPot(kitchen.potName, change);
  return (
    <>
      <PanelTitle>{T.pieceAndPot}</PanelTitle>
      <Row>
        <TempField
          label={T.oil}
          value={fry.oilC}
          {...RANGES.draft.oilC}
          printer={printer}
          onChange={(oilC) => set('oilC', { oilC })}
        />
      </Row>
      <Row>
        <MinutesField
          label={T.inTheOil}
          value={fry.minutesS}
          {...RANGES.draft.minutesS}
          whenNull={plan?.liftS == null ? '–' : printer.time(plan.liftS)}
          onChange={(minutesS) => set('minutesS', { minutesS })}
          onClear={() => set('minutesS', { minutesS: null })}
        />
      </Row>
      <Row>
        <OptionalCountField
          label={T.piecesInALot}
          value={fry.lotSize}
          {...RANGES.draft.lotSize}
          whenNull={plan?.lots ? String(plan.lots.lotSize) : '–'}
          onChange={(lotSize) => set('lotSize', { lotSize })}
          onClear={() => set('lotSize', { lotSize: null })}
        />
      </Row>
      <Row>
        <MmField
          label={T.potAcross}
          value={kitchen.pot.diameterM}
          {...RANGES.pot.diameterM}
          onChange={(diameterM) => setPot({ diameterM })}
        />
      </Row>
      <Row>
        <MlField
          label={T.oilInThePot}
          value={kitchen.pot.oilM3}
          {...RANGES.pot.oilM3}
          onChange={(oilM3) => setPot({ oilM3 })}
        />
      </Row>
      <Choice<StartState>
        label={T.startsFrom}
        value={fry.start}
        options={START_NAME}
        onChange={(start) => set('start', { start })}
      />
      <Choice<TurnSchool>
        label={T.turned}
        value={fry.turn}
        options={TURN_NAME}
        onChange={(turn) => set('turn', { turn })}
      />
      {plan?.lots && (
        <Through>
          <h3>{T.oilThroughTheLotsAt(plan.lots.lotSize)}</h3>
          <Suspense fallback={<div style={{ height: 76 }} />}>
            <OilChart
              trace={plan.lots.trace.map((p) => [p.timeS, p.oilC])}
              band={plan.band}
              lotStartsS={plan.lots.lotStartsS}
              printer={printer}
              height={76}
              label={T.oilThroughLotsNeverUnder(plan.lots.lots, printer.temp(plan.lots.lowestC))}
            />
          </Suspense>
        </Through>
      )}
    </>
  );
}
