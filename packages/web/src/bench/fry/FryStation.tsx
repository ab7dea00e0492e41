import { FRY as T } from '../../text/fryPhrases';
import { lazyPart } from '../../ui/lazyPart';
import { crustName, type StartState, type TurnSchool, RANGES } from '@ember-fold/core';
import { Columns2, CookingPot, Layers, ThermometerSun } from 'lucide-react';
import { Suspense, useState } from 'react';
import { styled } from 'styled-components';
import { editPot } from '../../data/editKitchen';
import { figureFont } from '../../ui/theme';
import { useEdit } from '../../data/useEdit';
import type { Line } from '../../data/useLine';
import { Button } from '../../ui/controls/Button';
import { Choice } from '../../ui/controls/Choice';
import { Findings } from '../../ui/controls/Findings';
import { PanelTitle, Row, Soft } from '../../ui/controls/Panel';
import { MinutesField, MlField, MmField, OptionalCountField, TempField } from '../../ui/controls/UnitFields';
import { crustColour } from '../../ui/drawing/crust';
import { Drawing } from '../../ui/drawing/Drawing';
import { FormShape } from '../../ui/drawing/FormShape';
import { CRUST_WORD, START_NAME, TURN_NAME } from '../../text/words';
import type { MapSize } from './FryMap';
import { StationLayout, StationTools } from '../StationLayout';

const FryChart = lazyPart(() => import('../../ui/charts/FryChart').then((m) => ({ default: m.FryChart })));
const BakeSheet = lazyPart(() => import('./BakeSheet').then((m) => ({ default: m.BakeSheet })));
const CrumbSheet = lazyPart(() => import('./CrumbSheet').then((m) => ({ default: m.CrumbSheet })));
const FryMap = lazyPart(() => import('./FryMap').then((m) => ({ default: m.FryMap })));
const SchoolsSheet = lazyPart(() => import('./SchoolsSheet').then((m) => ({ default: m.SchoolsSheet })));
const LotSheet = lazyPart(() => import('./LotSheet').then((m) => ({ default: m.LotSheet })));
const OilChart = lazyPart(() => import('../../ui/charts/OilChart').then((m) => ({ default: m.OilChart })));

const Outcome = styled.p`
  ${figureFont}
  font-size: 24px;
  line-height: 1.15;
  margin: 2px 0 8px;
`;

const Faces = styled.div`
  display: grid;
  grid-template-columns: 1fr 1fr;
  gap: 12px;
  margin-bottom: 10px;
  text-align: center;
  font-size: 13px;
  color: ${({ theme }) => theme.soft};
`;

const Stack = styled.div`
  display: grid;
  gap: 6px;
  h3 {
    ${figureFont}
    font-size: 15px;
  }
`;

const Views = styled.div`
  display: flex;
  flex-wrap: wrap;
  align-items: center;
  gap: 0 12px;
  h2 {
    margin: 0;
  }
  button {
    min-height: 36px;
    margin-left: auto;
    padding: 0;
  }
`;

/** A sixth either way: what rolling and filling by hand may do. */
const SIZE_NAME: Record<MapSize, string> = { thinner: 'thinner', 'as-folded': T.asFolded, thicker: 'thicker' };

type View = 'map' | 'inside';
const VIEWS: Record<View, string> = { map: T.whatComesOut, inside: T.insideOnePiece };

/** What comes out: both faces in the colour they will have. */
function FacesAtLift({ line }: { readonly line: Line }) {
  const fry = line.hot?.fry;
  const piece = line.cold.fold.piece;
  if (!fry?.atLift || !piece) return null;
  const { colours } = fry.atLift;
  return (
    <Faces>
      {colours.map((colour, i) => (
        <figure key={i} style={{ margin: 0 }}>
          <Drawing
            box={[-piece.widthM * 520, -piece.depthM * 1060, piece.widthM * 1040, piece.depthM * 1200]}
            label={`${i === 0 ? T.firstFace : T.otherFace}: ${CRUST_WORD[crustName(colour)]}`}
          >
            <FormShape piece={piece} fold={line.draft.fold} colour={crustColour(colour)} />
          </Drawing>
          <figcaption>{`${i === 0 ? T.firstFace2 : T.otherFace2}, ${CRUST_WORD[crustName(colour)]}`}</figcaption>
        </figure>
      ))}
    </Faces>
  );
}

function outcomeText(line: Line): string {
  if (!line.hot) return '…';
  const { fry } = line.hot;
  if (!fry?.atLift) return T.notDoneWithinHalfAn;
  const cooked = fry.findings.some((f) => f.code === 'fry.cooked');
  const raw = fry.findings.some((f) => f.code === 'fry.raw-ring');
  const pale = CRUST_WORD[crustName(Math.min(...fry.atLift.colours))];
  return `${pale}, ${cooked ? T.cookedThrough : raw ? T.rawRingInside : T.coreNotYetHot}`;
}

/** Oil, minutes, lot; curves of one piece and of the oil under all of them. */
export function FryStation({ line }: { readonly line: Line }) {
  const edit = useEdit();
  const { draft, kitchen, printer, hot } = line;
  const { fry } = draft;
  const plan = hot?.fry ?? null;
  const [view, setView] = useState<View>('map');
  const [open, setOpen] = useState<'schools' | 'crumb' | 'bake' | 'lots' | null>(null);
  const [size, setSize] = useState<MapSize>('as-folded');
  const close = () => setOpen(null);
  const set = (field: string, change: Partial<typeof fry>) =>
    edit(`fry.${field}`, (d) => ({ ...d, fry: { ...d.fry, ...change } }));
  const setPot = (change: Partial<typeof kitchen.pot>) => editPot(kitchen.potName, change);
  return (
    <StationLayout
      controls={
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
            <Stack style={{ marginTop: 8 }}>
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
            </Stack>
          )}
        </>
      }
      drawing={
        plan ? (
          <Stack>
            <Views>
              <PanelTitle>{VIEWS[view]}</PanelTitle>
              {view === 'map' && (
                <Choice<MapSize> label={T.mapForAPiece} hideLabel value={size} options={SIZE_NAME} onChange={setSize} />
              )}
              <Button $look="quiet" onPress={() => setView(view === 'map' ? 'inside' : 'map')}>
                {view === 'map' ? T.lookInsideOnePiece : T.backToTheMap}
              </Button>
            </Views>
            <Suspense fallback={<div style={{ height: 300 }} />}>
              {view === 'map' ? (
                <FryMap line={line} size={size} />
              ) : (
                <FryChart fry={plan} coreTargetC={draft.filling.coreTargetC} printer={printer} />
              )}
            </Suspense>
          </Stack>
        ) : (
          <Soft>{hot ? T.thereIsNoPieceTo2 : 'Computing…'}</Soft>
        )
      }
      findings={
        <>
          <Soft>
            {plan?.liftS == null
              ? T.at(printer.temp(fry.oilC))
              : T.atFor(printer.temp(fry.oilC), printer.time(plan.liftS))}
          </Soft>
          <Outcome>{outcomeText(line)}</Outcome>
          <FacesAtLift line={line} />
          {plan && <Findings findings={plan.findings} printer={printer} />}
          {plan && (
            <StationTools>
              <Button $look="quiet" onPress={() => setOpen('schools')}>
                <Columns2 size={16} aria-hidden />
                {T.twoSchools}
              </Button>
              <Button $look="quiet" onPress={() => setOpen('crumb')}>
                <ThermometerSun size={16} aria-hidden />
                {T.noThermometer}
              </Button>
              <Button $look="quiet" onPress={() => setOpen('bake')}>
                <CookingPot size={16} aria-hidden />
                {T.bakeInstead}
              </Button>
              <Button $look="quiet" onPress={() => setOpen('lots')}>
                <Layers size={16} aria-hidden />
                {T.lotsAndOrder}
              </Button>
            </StationTools>
          )}
          <Suspense fallback={null}>
            {open === 'schools' && <SchoolsSheet line={line} onClose={close} />}
            {open === 'lots' && <LotSheet line={line} onClose={close} />}
            {open === 'bake' && <BakeSheet line={line} onClose={close} />}
            {open === 'crumb' && <CrumbSheet line={line} onClose={close} />}
          </Suspense>
        </>
      }
    />
  );
}
