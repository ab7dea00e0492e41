import { crustName, failingOf, type Finding, WORTH_A_CHANGE } from '@ember-fold/core/plan';
import { memo, Suspense } from 'react';
import { styled } from 'styled-components';
import type { Line } from '../../data/draft/useLine';
import { FRY as T } from '#text/bench/fry/fryPhrases';
import { CRUST_WORD } from '#text/shared/words';
import { hotFindingText } from '#text/bench/fry/hotFindingText';
import { Findings } from '../../ui/controls/list/Findings';
import { Soft } from '../../ui/layout/Panel';
import { crustColour } from '../../ui/drawing/crust';
import { Drawing } from '../../ui/drawing/Drawing';
import { lazyPart } from '../../ui/lazyPart';
import { ShapeDrawing } from '../../ui/drawing/ShapeDrawing';
import { figureFont } from '../../ui/theme';

const TakeOutWays = lazyPart(() => import('./TakeOutWays').then((m) => ({ default: m.TakeOutWays })));

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

  /* The findings below fit a page of 800 px with it. */
  svg {
    max-height: 44px;
  }
`;

/** What comes out: both faces in the colour they will have. */
function FacesAtTakeOut({ line }: { readonly line: Line }) {
  const fry = line.hot?.fry;
  const piece = line.cold.fold.piece;
  if (!fry?.atTakeOut || !piece) return null;
  const { colours } = fry.thenOven ?? fry.atTakeOut;
  return (
    <Faces>
      {colours.map((colour, i) => (
        <figure key={i} style={{ margin: 0 }}>
          <Drawing
            box={[-piece.widthM * 520, -piece.depthM * 1060, piece.widthM * 1040, piece.depthM * 1200]}
            label={`${i === 0 ? T.firstSide : T.otherSide}: ${CRUST_WORD[crustName(colour)]}`}
          >
            <ShapeDrawing piece={piece} fold={line.draft.fold} colour={crustColour(colour)} />
          </Drawing>
          <figcaption>{`${i === 0 ? T.theFirstSide : T.theOtherSide}, ${CRUST_WORD[crustName(colour)]}`}</figcaption>
        </figure>
      ))}
    </Faces>
  );
}

function outcomeText(line: Line): string {
  if (!line.hot) return '…';
  const { fry } = line.hot;
  if (!fry) return T.nothingToFry;
  if (!fry.atTakeOut) return fry.solution.darkS === null ? T.notDoneWithinHalfAn : T.noRightMoment;
  const has = (...codes: readonly string[]) => fry.findings.some(({ code }) => codes.includes(code));
  const cooked = has('fry.cooked', 'fry.then-oven');
  const raw = has('fry.raw-ring', 'fry.then-oven-raw') && !has('fry.then-oven-cold');
  const inside = cooked
    ? T.cookedThrough
    : has('fry.some-unsafe')
      ? T.someMiddlesCold
      : has('fry.some-raw')
        ? T.someRawInside
        : raw
          ? T.rawRingInside
          : T.middleNotSafe;
  const colour = has('fry.some-pale')
    ? T.somePale
    : has('fry.some-dark')
      ? T.someTooDark
      : CRUST_WORD[crustName(Math.min(...(fry.thenOven ?? fry.atTakeOut).colours))];
  return `${colour}, ${inside}`;
}

/** Share of pieces that come out right where other ways are worth looking for; `null`: nothing is known yet, or all is well. */
function tooFewRight({ hot, hotIsCurrent }: Line): number | null {
  if (!hotIsCurrent || !hot?.fry || hot.fry.thenOven) return null;
  const { takeOutS, chances } = hot.fry;
  if (takeOutS === null || chances === null) return 0;
  return failingOf(chances) !== null || chances.right < 1 - WORTH_A_CHANGE ? chances.right : null;
}

/** What comes out at this oil and time, and what is found. */
function VerdictOf({ line }: { readonly line: Line }) {
  const { draft, printer, hot } = line;
  const { fry } = draft;
  const plan = hot?.fry ?? null;
  const right = tooFewRight(line);
  const findings = plan?.findings ?? [];
  const isBad = ({ tone }: Finding) => tone === 'stop' || tone === 'look-out';
  return (
    <>
      <Soft>
        {plan?.takeOutS == null
          ? T.at(printer.temp(fry.oilC))
          : [
              T.atFor(printer.temp(fry.oilC), printer.time(plan.takeOutS)),
              ...(plan.thenOven?.minutesS == null
                ? []
                : [T.thenInOven(printer.span(plan.thenOven.minutesS), printer.temp(plan.thenOven.ovenC))]),
            ].join(T.phaseJoin)}
      </Soft>
      <Outcome>{outcomeText(line)}</Outcome>
      <FacesAtTakeOut line={line} />
      {right === null ? (
        <Findings findings={findings} printer={printer} say={hotFindingText} />
      ) : (
        // What is wrong comes before what would help.
        <>
          <Findings findings={findings.filter(isBad)} printer={printer} say={hotFindingText} />
          <Suspense fallback={null}>
            <TakeOutWays line={line} right={right} />
          </Suspense>
          <Findings findings={findings.filter((one) => !isBad(one))} printer={printer} say={hotFindingText} />
        </>
      )}
    </>
  );
}

/** Half a verdict is none: until the fry of this very draft is there, the one before stays. */
export const FryVerdict = memo(
  VerdictOf,
  (before, { line }) => before.line.hot !== null && !line.hotIsCurrent && line.hotProblem === null,
);
