import { type OvenPhase, RANGES, type StartState, type TurnMethod } from '@ember-fold/core/plan';
import { Suspense } from 'react';
import { styled } from 'styled-components';
import { editPot } from '../../data/draft/editKitchen';
import { useEdit } from '../../data/draft/useEdit';
import type { Line } from '../../data/draft/useLine';
import { FRY as T } from '#text/bench/fry/fryPhrases';
import { START_NAME, TURN_NAME } from '#text/shared/words';
import { Button } from '../../ui/controls/button/Button';
import { Choice } from '../../ui/controls/choice/Choice';
import { PanelTitle, Row } from '../../ui/layout/Panel';
import { MinutesField, VolumeField, OptionalCountField, TempField } from '../../ui/controls/field/MoreFields';
import { LengthField } from '../../ui/controls/field/UnitFields';
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

/** Oil that is first let rise begins so much cooler and comes to where it was, °C and s. */
const FIRST_RISE = { byC: 30, overS: 600 } as const;

const Head = styled.div`
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  gap: 8px;
  button {
    margin-block: -12px;
    padding: 0;
    font-size: 14px;
  }
`;

/** Where the oil is held, the way to let it rise. */
function LetRise({ line }: { readonly line: Line }) {
  const edit = useEdit();
  if (line.draft.fry.ramp) return null;
  const rise = () =>
    edit('fry.ramp', (d) => {
      const oilC = Math.max(RANGES.draft.oilC.least, d.fry.oilC - FIRST_RISE.byC);
      return { ...d, fry: { ...d.fry, oilC, ramp: { outC: d.fry.oilC, overS: FIRST_RISE.overS } } };
    });
  return (
    <Button $look="quiet" onPress={rise}>
      {T.letOilRise}
    </Button>
  );
}

/** What oil that is let rise comes to, in what time, and the way back to holding it. */
function RampFields({ line }: { readonly line: Line }) {
  const edit = useEdit();
  const { draft, printer } = line;
  const { ramp } = draft.fry;
  const set = (next: typeof ramp) =>
    edit('fry.ramp', (d) => {
      const { ramp: _before, ...held } = d.fry;
      return { ...d, fry: next ? { ...held, ramp: next } : { ...held, oilC: ramp?.outC ?? held.oilC } };
    });
  if (!ramp) return null;
  return (
    <>
      <Row>
        <TempField
          label={T.risesTo}
          value={ramp.outC}
          {...RANGES.draft.oilC}
          printer={printer}
          onChange={(outC) => set({ ...ramp, outC })}
        />
      </Row>
      <Row>
        <MinutesField
          label={T.risesOver}
          value={ramp.overS}
          {...RANGES.draft.rampS}
          whenNull="10:00"
          onChange={(overS) => set({ ...ramp, overS })}
          onClear={() => set(undefined)}
        />
      </Row>
      <Button $look="quiet" style={{ padding: 0 }} onPress={() => set(undefined)}>
        {T.holdOil}
      </Button>
    </>
  );
}

/** The oven that finishes what comes out of the oil by its colour, and the way to do without. */
function OvenFields({ line }: { readonly line: Line }) {
  const edit = useEdit();
  const { draft, hot, printer } = line;
  const { thenOven } = draft.fry;
  if (!thenOven) return null;
  const set = (field: string, next: OvenPhase | null) =>
    edit(`fry.thenOven.${field}`, (d) => {
      const { thenOven: _before, ...fry } = d.fry;
      return { ...d, fry: next ? { ...fry, thenOven: next } : fry };
    });
  const minutesS = hot?.fry?.thenOven?.minutesS ?? null;
  return (
    <>
      <Row>
        <TempField
          label={T.thenOven}
          value={thenOven.ovenC}
          {...RANGES.oven.ovenC}
          printer={printer}
          onChange={(ovenC) => set('ovenC', { ...thenOven, ovenC })}
        />
      </Row>
      <Row>
        <MinutesField
          label={T.ovenMinutes}
          value={thenOven.minutesS}
          {...RANGES.oven.minutesS}
          whenNull={minutesS === null ? '–' : printer.time(minutesS)}
          onChange={(next) => set('minutesS', { ...thenOven, minutesS: next })}
          onClear={() => set('minutesS', { ...thenOven, minutesS: null })}
        />
      </Row>
      <Button $look="quiet" style={{ padding: 0 }} onPress={() => set('none', null)}>
        {T.noOven}
      </Button>
    </>
  );
}

/** Oil, minutes, load, pot, and how a piece is put in and turned; the oil over all the loads. */
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
      <Head>
        <PanelTitle>{T.pieceAndPot}</PanelTitle>
        <LetRise line={line} />
      </Head>
      <Row>
        <TempField
          label={T.oil}
          value={fry.oilC}
          {...RANGES.draft.oilC}
          printer={printer}
          onChange={(oilC) => set('oilC', { oilC })}
        />
      </Row>
      <RampFields line={line} />
      <Row>
        <MinutesField
          label={T.inTheOil}
          value={fry.minutesS}
          {...RANGES.draft.minutesS}
          whenNull={plan?.takeOutS == null ? '–' : printer.time(plan.takeOutS)}
          onChange={(minutesS) => set('minutesS', { minutesS })}
          onClear={() => set('minutesS', { minutesS: null })}
        />
      </Row>
      <OvenFields line={line} />
      <Row>
        <OptionalCountField
          label={T.piecesInALoad}
          value={fry.loadSize}
          {...RANGES.draft.loadSize}
          whenNull={plan?.loads ? String(plan.loads.loadSize) : '–'}
          onChange={(loadSize) => set('loadSize', { loadSize })}
          onClear={() => set('loadSize', { loadSize: null })}
        />
      </Row>
      <Row>
        <LengthField
          label={T.potAcross}
          value={kitchen.pot.diameterM}
          {...RANGES.pot.diameterM}
          onChange={(diameterM) => setPot({ diameterM })}
        />
      </Row>
      <Row>
        <VolumeField
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
      <Choice<TurnMethod>
        label={T.turned}
        value={fry.turn}
        options={TURN_NAME}
        onChange={(turn) => set('turn', { turn })}
      />
      {plan?.loads && (
        <Through>
          <Head>
            <h3>
              {plan.loads.everyS === null
                ? T.oilThroughTheLoadsAt(plan.loads.loadSize)
                : T.oilThroughThePipeline(plan.loads.loadSize)}
            </h3>
            {!fry.ramp && (
              <Button $look="quiet" onPress={() => set('pipeline', { pipeline: !fry.pipeline })}>
                {fry.pipeline ? T.inLoads : T.oneByOne}
              </Button>
            )}
          </Head>
          <Suspense fallback={<div style={{ height: 76 }} />}>
            <OilChart
              trace={plan.loads.trace.map((p) => [p.timeS, p.oilC])}
              range={plan.range}
              loadStartsS={plan.loads.loadStartsS}
              printer={printer}
              height={76}
              label={
                plan.loads.everyS === null
                  ? T.oilThroughLoadsNeverUnder(plan.loads.loads, printer.temp(plan.loads.lowestC))
                  : T.oilThroughPipelineNeverUnder(printer.temp(plan.loads.lowestC))
              }
            />
          </Suspense>
        </Through>
      )}
    </>
  );
}
