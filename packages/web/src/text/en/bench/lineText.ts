import { FAMILY_WORDS } from '../shared/familyWords';
import { plural } from '../shared/plural';
import {
  type Finding,
  type FindingCode,
  type FindingTone,
  shapeOf,
  type FryPlan,
  isUncooked,
  marksOf,
  type Station,
  type TrayWay,
  worstTone,
} from '@ember-fold/core/plan';
import type { PlannedLine, TimesKnown } from '../../plannedLine';
import { keepsFor, plain } from '../../printer';
import { CRUST_WORD } from '../shared/words';
import { TONE_WORD } from '../shared/findingText';
import { BLANK_WORD } from '../shared/shapeWords';
import { TRAY, WAY_STATION } from './trayText';
import { STATION_NAME } from '../shell/stationWords';

export const STATIONS: readonly Station[] = ['dough', 'filling', 'fold', 'fry', 'serve'];

/** One or two words for the most important finding of a station; others use the word of their tone. */
const SHORT: Partial<Record<FindingCode, string>> = {
  'dough.no-flour': 'no flour',
  'dough.portion-small': 'portions too small',
  'dough.too-stiff': 'too stiff',
  'dough.too-slack': 'too slack',
  'dough.fist-fails': 'short of fat',
  'dough.fat-outside': 'fat outside',
  'dough.water-outside': 'water outside',
  'dough.salt-high': 'salty',
  'dough.sugar-outside': 'sugar outside',
  'dough.no-stretch': 'no stretch',
  'dough.no-yeast': 'no yeast',
  'dough.yeast-much': 'too much yeast',
  'dough.no-second': 'no fat dough',
  'dough.part-ratio': 'dough ratio',
  'dough.other-family': 'another family',
  'filling.empty': 'empty',
  'filling.salt-high': 'salty',
  'filling.cool-slow': 'cools slowly',
  'filling.too-deep': 'too deep',
  'filling.runs': 'runny',
  'filling.juice-short': 'little juice',
  'filling.raw': 'raw parts',
  'filling.raw-unsaid': 'cooked or raw?',
  'filling.ahead-long': 'kept too long',
  'filling.ahead-slow': 'cools slowly',
  'fold.impossible': 'no pocket',
  'fold.tight': 'tight',
  'fold.bursts': 'bursts',
  'fold.bready': 'mostly dough',
  'fold.wall-thin': 'thin wall',
  'fold.dough-short': 'dough short',
  'fold.filling-short': 'filling short',
  'fold.seam': 'bursts',
  'fold.open-fill': 'bursts',
  'fold.open-air': 'air inside',
  'fold.open-wall': 'thin wall',
  'fold.open-wet': 'wet filling',
  'fold.open-seal': 'weak seam',
  'fold.open-floured': 'floured rim',
  'fold.open-dried': 'dry rim',
  'fold.open-no-pinch': 'weak seam',
  'fold.open-edge': 'weak seam',
  'fold.open-narrow': 'narrow seal',
  'fold.edge-narrow': 'narrow rim',
  'fold.coating-falls': 'coating falls off',
  'fry.frozen-oil': 'too hot for frozen',
  'fry.thaw-raw': 'do not thaw',
  'fry.burner-weak': 'burner too weak',
  'fry.unsafe-oil': 'unsafe oil',
  'fry.raw-ring': 'raw ring',
  'fry.core-cold': 'middle cold',
  'fry.some-unsafe': 'some middles cold',
  'fry.some-raw': 'some raw inside',
  'fry.some-pale': 'some pale',
  'fry.some-dark': 'some dark',
  'fry.never-done': 'never done',
  'fry.pale': 'pale',
  'fry.dark': 'dark',
  'fry.no-window': 'no window',
  'fry.load-deep': 'load too big',
  'fry.pot-full': 'crowded',
  'fry.pot-gone': 'pot removed',
  'fry.pot-over-half': 'pot too full',
  'fry.frozen-wipe': 'wipe frost',
  'fry.then-oven-never': 'never done',
  'fry.then-oven-cold': 'middle cold',
  'fry.then-oven-raw': 'raw ring',
  'fry.then-oven-dark': 'dark in the oven',
  'fry.crisp-never': 'not hot again',
  'fry.crisp-dark': 'dark in the oven',
  'bake.pale': 'pale',
  'bake.dark': 'dark',
  'bake.raw': 'raw inside',
  'bake.dark-first': 'no right moment',
  'stored.too-long': 'kept too long',
  'serve.dough-waits': 'dough waits',
  'serve.late': 'late',
  'serve.plan-late': 'supper late',
  'serve.plan-risky': 'may be late',
  'serve.to-fridge': 'chill them',
  'serve.fridge-limit': 'waits too long',
  'serve.no-take-out': 'no time plan',
  'fry.not-basted': 'baste it',
  'fry.greasy': 'greasy',
  'fry.seam': 'weak seam',
  'fry.hands': 'too many to turn',
  'fry.no-moment': 'no right moment',
  'serve.hold-long': 'long wait',
  'serve.room-limit': 'too long out',
};
const GOOD: Record<Station, string> = {
  dough: 'firm',
  filling: 'cools in time',
  fold: 'holds',
  fry: 'golden',
  serve: 'on time',
};

export interface StationText {
  readonly station: Station;
  /** The name of the station for this tray. */
  readonly name: string;
  readonly figure: string;
  readonly detail: string;
  readonly tone: FindingTone;
  readonly verdict: string;
}

function verdictOf(station: Station, findings: readonly Finding[]): Pick<StationText, 'tone' | 'verdict'> {
  const tone = worstTone(findings);
  if (tone === 'good') {
    const isBrown = findings.some(({ code }) => code === 'fry.brown');
    return { tone, verdict: isBrown ? CRUST_WORD.brown : GOOD[station] };
  }
  const first = findings.find((finding) => finding.tone === tone)!;
  return { tone, verdict: SHORT[first.code] ?? TONE_WORD[tone] };
}

/** For pieces that come out of the freezer or fridge: dough and filling are not made on the day. */
const ready = (station: 'dough' | 'filling'): StationText => ({
  station,
  name: STATION_NAME[station],
  figure: TRAY.made,
  detail: TRAY.outOfStore,
  tone: 'good',
  verdict: TRAY.ready,
});

function doughText({ batch, cold, printer }: PlannedLine): StationText {
  if (marksOf(batch).every((mark) => batch.trays[mark]!.fromStored !== undefined)) return ready('dough');
  const { figures, findings } = cold.dough;
  return {
    station: 'dough',
    name: STATION_NAME.dough,
    figure: printer.mass(figures.massKg),
    detail: `${plain(figures.waterPercent, 0)} % water · ${plain(figures.fatPercent, 0)} % fat`,
    ...verdictOf('dough', findings),
    ...(worstTone(findings) === 'good' ? { verdict: FAMILY_WORDS[figures.family.id].feel } : {}),
  };
}

function fillingText({ draft, cold, printer }: PlannedLine): StationText {
  if (draft.fromStored !== undefined) return ready('filling');
  const { figures, cooling, findings } = cold.filling;
  if (findings.some(({ code }) => code === 'filling.none')) {
    return { ...ready('filling'), figure: TRAY.none, detail: TRAY.plainPieces, verdict: TRAY.plainVerdict };
  }
  const foldS = cooling?.toFoldS ?? null;
  return {
    station: 'filling',
    name: STATION_NAME.filling,
    figure: printer.mass(figures.targetKg),
    detail: isUncooked(draft.filling)
      ? 'mixed raw, kept cold'
      : foldS === null
        ? 'does not cool in this dish'
        : `cold enough to fold in ${printer.time(foldS)}`,
    ...verdictOf('filling', findings),
  };
}

function foldText({ draft, cold, printer }: PlannedLine): StationText {
  const { piece, findings } = cold.fold;
  const { fold, pieces } = draft;
  return {
    station: 'fold',
    name: STATION_NAME.fold,
    figure: `${pieces} × ${piece ? printer.bareMass(piece.doughKg) : '–'} + ${printer.bareMass(fold.fillingEachKg)} ${printer.massUnit}`,
    detail: `${printer.length(fold.discM)} ${BLANK_WORD[shapeOf(draft.shape).blank]}, ${printer.length(fold.thicknessM)}`,
    ...verdictOf('fold', findings),
  };
}

/** Why a batch of a supper has no times yet. */
export const TIMES_WAIT: Record<Exclude<TimesKnown, 'known'>, string> = {
  coming: 'planning the supper',
  'out-of-reach': 'supper plan not loaded',
};

/** Shown for the few milliseconds until the worker has answered for the first time. */
export const COMING = '…';
const coming = (station: Station, name: string = STATION_NAME[station]): StationText => ({
  station,
  name,
  figure: COMING,
  detail: 'computing',
  tone: 'know',
  verdict: '',
});

/** How the batch is divided into loads. */
const throughPot = (
  { loadSize, loads, everyS, totalS }: NonNullable<FryPlan['loads']>,
  printer: PlannedLine['printer'],
): string =>
  everyS === null
    ? `${loadSize} at a time, ${loads} ${plural(loads, 'load', 'loads')}, ${printer.span(totalS)}`
    : `one every ${printer.time(everyS)}, ${printer.span(totalS)}`;

/** The oven after the oil, and how long all loads take; `null`: they are done in the oil. */
function thenOvenText({ thenOven, loads }: FryPlan, { span }: PlannedLine['printer']): string | null {
  if (thenOven?.minutesS == null || !loads) return null;
  return `then ${span(thenOven.minutesS)} oven · ${loads.loads} ${plural(loads.loads, 'load', 'loads')}, ${span(loads.totalS)}`;
}

/** A tray that is baked, frozen, chilled or left as it is. */
function otherWayText({ draft, hot, printer }: PlannedLine, way: Exclude<TrayWay, 'fry'>): StationText {
  const of = { station: 'fry' as const, name: WAY_STATION[way] };
  if (!hot) return coming('fry', of.name);
  const { bake, stored } = hot;
  if (bake) {
    const { minutesS, sheets, how } = bake;
    return {
      ...of,
      figure: `${printer.temp(how.ovenC)} · ${minutesS === null ? '–' : printer.span(minutesS)}`,
      detail: plural(sheets, 'one tray', `${sheets} trays, ${printer.span(bake.totalS)}`),
      ...verdictOf('fry', bake.findings),
    };
  }
  if (stored) {
    return {
      ...of,
      figure: `${draft.pieces} stored`,
      detail: stored.coldS === null ? 'not cold in half a day' : `cold after ${printer.span(stored.coldS)}`,
      ...verdictOf('fry', stored.findings),
      ...(worstTone(stored.findings) === 'good' && { verdict: `keeps for ${keepsFor(stored.keepS, printer)}` }),
    };
  }
  if (way === 'plain')
    return { ...of, figure: `${draft.pieces}`, detail: 'shaped, nothing more', tone: 'good', verdict: 'as they are' };
  return { ...of, figure: '–', detail: 'no piece yet', tone: 'stop', verdict: 'no piece' };
}

function fryText(line: PlannedLine): StationText {
  const { draft, hot, printer } = line;
  const { way = 'fry' } = draft;
  if (way !== 'fry') return otherWayText(line, way);
  if (!hot) return coming('fry');
  const { fry } = hot;
  const name = STATION_NAME.fry;
  if (!fry)
    return { station: 'fry', name, figure: '–', detail: 'nothing to fry yet', tone: 'stop', verdict: 'no piece' };
  const { loads, takeOutS } = fry;
  return {
    station: 'fry',
    name,
    figure: `${printer.temp(draft.fry.oilC)} · ${takeOutS === null ? '–' : printer.time(takeOutS)}`,
    detail: loads ? (thenOvenText(fry, printer) ?? throughPot(loads, printer)) : 'no right moment',
    ...verdictOf('fry', fry.findings),
  };
}

function serveText({ hot, printer, times }: PlannedLine): StationText {
  if (!hot) return coming('serve');
  if (times !== 'known' && hot.serve) return { ...coming('serve'), detail: TIMES_WAIT[times] };
  const { serve } = hot;
  if (!serve)
    return {
      station: 'serve',
      name: STATION_NAME.serve,
      figure: '–',
      detail: 'needs a piece to fry',
      tone: 'stop',
      verdict: 'no piece',
    };
  return {
    station: 'serve',
    name: STATION_NAME.serve,
    figure: `start ${printer.clock(serve.startMs)}`,
    detail: `last load out ${printer.clock(serve.lastLoadUpMs)}`,
    ...verdictOf('serve', serve.findings),
  };
}

/** The figure that matters at each station, and a plain verdict. */
export function lineText(line: PlannedLine): readonly StationText[] {
  return [doughText(line), fillingText(line), foldText(line), fryText(line), serveText(line)];
}
