import {
  crustName,
  type ForgivingPoint,
  type FryMapRow,
  fryRegion,
  type Fault,
  type OutcomeChances,
} from '@ember-fold/core/plan';
import type { Printer } from '../../../printer';
import { CRUST_WORD } from '../../shared/words';

/** Colour of the paler face of a row at a moment. */
function palerAt(row: FryMapRow, timeS: number, horizonS: number): number {
  const at = Math.round((Math.min(timeS, horizonS) / horizonS) * (row.paler.length - 1));
  return row.paler[at] ?? 0;
}

/** What is not done inside yet. */
function insideText({ setS, safeS }: FryMapRow, timeS: number): string {
  const isSet = setS !== null && timeS >= setS;
  const isUnsafe = safeS === null || timeS < safeS;
  if (!isSet) return 'raw dough inside';
  return isUnsafe ? 'filling not safe' : 'done inside';
}

/** Said where a piece exactly as planned is right and too many others are not. */
const FAULTS: Readonly<Record<Fault, string>> = {
  unsafe: 'some middles are not safe',
  raw: 'some pieces stay raw inside',
  pale: 'some pieces come out pale',
  dark: 'some pieces come out too dark',
};

/**
 * The whole story of one point of the map in one sentence.
 * @param byColour the oven cooks it through
 * @param fault what is wrong with too many pieces there; `null`: nothing, or it is not known
 */
export function storyText(
  row: FryMapRow,
  oilC: number,
  timeS: number,
  horizonS: number,
  p: Printer,
  byColour = false,
  fault: Fault | null = null,
): string {
  const at = `${p.temp(oilC)} for ${p.time(timeS)}`;
  const colour = CRUST_WORD[crustName(palerAt(row, timeS, horizonS))];
  const { doneS, goldenS, darkS } = row;
  const region = fryRegion(row, timeS);
  if (byColour) {
    const next = region === 'pale' ? goldenS : darkS;
    const turns = region === 'pale' ? 'golden' : 'too dark';
    return `${at}: ${colour}${next === null || region === 'dark' ? '' : `, ${turns} after ${p.time(next)}`}. The oven finishes them.`;
  }
  switch (region) {
    case 'raw':
      return `${at}: ${colour}, ${insideText(row, timeS)}. ${doneS === null ? `It is not done inside within ${p.span(horizonS)}.` : `It is done inside after ${p.time(doneS)}.`}`;
    case 'dark-raw':
      return `${at}: dark outside before the inside is cooked${doneS === null ? '' : ` after ${p.time(doneS)}`}. Fry cooler and longer.`;
    case 'pale':
      return goldenS === null
        ? `${at}: cooked through, ${colour}. This oil does not colour it within ${p.span(horizonS)}.`
        : `${at}: cooked through, ${colour}. It is golden after ${p.time(goldenS)}.`;
    case 'right':
      if (fault !== null) return `${at}: ${FAULTS[fault]}.`;
      return `${at}: ${colour}, cooked through${darkS === null ? '' : `, too dark after ${p.time(darkS)}`}.`;
    case 'dark':
      return `${at}: cooked through, too dark after ${p.time(darkS ?? timeS)}.`;
    default: {
      const never: never = region;
      return never;
    }
  }
}

/** How far oil and time may be out with the pieces still right. */
export function marginText(margins: { marginC: number; marginS: number } | null, p: Printer, byColour = false): string {
  if (!margins)
    return byColour
      ? 'Pieces are not golden at this temperature and time.'
      : 'Pieces do not come out right at this temperature and time.';
  const degrees = Math.round(p.degrees(margins.marginC) - p.degrees(0));
  return `You can be ${degrees} °${p.temperature} or ${p.time(margins.marginS)} out, either way, and ${byColour ? 'they still leave the oil golden' : 'still be right'}.`;
}

/** The oil temperature and time with the widest margins. */
export function forgivingText(best: ForgivingPoint | null, p: Printer): string {
  return best
    ? `Most forgiving: ${p.temp(best.oilC)} for about ${p.span(best.timeS)}.`
    : 'No point on this map is right. Roll thinner, make pieces smaller, or start warmer.';
}

/** How many of 100 handmade pieces come out right. */
export function chancesText({ unsafe, raw, pale, dark }: OutcomeChances, byColour = false): string {
  const of = (share: number) => Math.round(100 * share);
  const wrong = [
    [of(unsafe), 'not safe in the middle'],
    [of(raw), 'raw inside'],
    [of(pale), 'pale'],
    [of(dark), 'too dark'],
  ] as const;
  const failing = wrong.filter(([count]) => count > 0).map(([count, what]) => `${count} ${what}`);
  // What is wrong is rounded; the rest is right, so that they make a hundred.
  const rest = 100 - wrong.reduce((sum, [count]) => sum + count, 0);
  const out = byColour ? 'leave the oil golden' : 'come out right';
  if (failing.length === 0) return `Allowing for handmade differences, nearly all pieces should ${out}.`;
  return `Allowing for handmade differences, about ${rest} in 100 pieces should ${out}; ${failing.join(', ')}.`;
}
