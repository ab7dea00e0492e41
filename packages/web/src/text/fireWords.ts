import {
  type DangerId,
  type FireBelief,
  type FirePiece,
  type Found,
  type NextStep,
  type OilVerdict,
  OVEN_FINISH,
  type OvenWhy,
  type SeenLooks,
  type StartPoint,
  type StoveFit,
} from '@ember-fold/core';
import { plain, type Printer } from './printer';

export const VERDICT_TEXT: Record<OilVerdict, string> = {
  cold: 'warming up',
  under: 'under the band',
  'in-band': 'in the band',
  over: 'over the band',
  warn: 'too hot, turn the heat off',
  'cut-heat': 'cut the heat now',
  'check-probe': 'is the probe in the oil?',
  'no-reading': 'no reading',
};

/** What to do, and why. */
export function nextText(step: NextStep, list: string, temp: (c: number) => string): { what: string; why: string } {
  switch (step.act) {
    case 'flip':
      return { what: `Flip ${list}`, why: 'the upper face has been out of the oil' };
    case 'lift':
      return { what: `Lift ${list}`, why: 'cooked through, golden on both faces' };
    case 'drop':
      return {
        what: `Drop ${step.pieces.length}`,
        why:
          step.reason === 'oil-ready'
            ? 'the oil is ready'
            : step.reason === 'room'
              ? 'there is room beside the others, and the oil is ready'
              : `when the oil reads ${temp(step.value)}; skim crumbs meanwhile`,
      };
    case 'burner':
      return {
        what: step.value === 0 ? 'Burner off' : `Burner to ${step.value}`,
        why:
          step.reason === 'cut-heat'
            ? 'oil is over its caution limit; never water, lid at hand'
            : step.reason === 'oil-over'
              ? 'oil is over its band'
              : step.reason === 'warm-up'
                ? 'full until a little under the mark'
                : step.reason === 'lot-needs'
                  ? 'what this lot draws'
                  : step.reason === 'all-out'
                    ? 'everything is out; stay until the oil is under 60 °C'
                    : 'holds this oil',
      };
    case 'skim':
      return { what: 'Skim crumbs', why: 'before the next drop: they burn, and darken the oil' };
    case 'aside':
      return { what: `${list} to the oven`, why: `a core read raw: ${temp(step.value)}, until it is there` };
    case 'oven-out':
      return { what: `Out of the oven: ${list}`, why: 'when a probe in the middle says so' };
    case 'finish':
      return { what: 'Finish the batch', why: 'all pieces are out' };
    default: {
      const never: never = step.act;
      return never;
    }
  }
}

/** "1, 2 and 3"; four or more in a row are "7 to 12". */
export function listText(numbers: readonly number[]): string {
  const rows: number[][] = [];
  for (const number of numbers) {
    const row = rows[rows.length - 1];
    if (row && row[row.length - 1] === number - 1) row.push(number);
    else rows.push([number]);
  }
  return listNames(
    rows.flatMap((row) => (row.length >= 4 ? [`${row[0]} to ${row[row.length - 1]}`] : row.map(String))),
  );
}

export function listNames(names: readonly string[]): string {
  if (names.length <= 1) return names.join('');
  return `${names.slice(0, -1).join(', ')} and ${names[names.length - 1]}`;
}

export const CAUTIONS: readonly string[] = [
  'Hot oil is never left alone, from the first warmth until it is under 60 °C again.',
  'A lid lies within reach. Fire: heat off if it can be reached safely, slide the lid over from the side, leave it shut until cold.',
  'Never water, never flour, and never carry the pot. Flames above the pot or no lid in hand: leave, close the door, call the fire service.',
  'Dry food, dry tools, no water near. Wipe frost off: ice spits and boils over.',
  'Children and pets away, handles turned in, sleeves tight.',
  'Burns: 20 minutes of cool running water; medical help for anything large, deep, on face or hands.',
];
export const DEFERRAL =
  'These are the usual guides. Local food and fire rules, labels and qualified advice come first. Selling food usually needs registration or a licence.';

/** Gone through before any oil is heated, each by itself. */
export const START_POINT: Record<StartPoint, string> = {
  level: 'Oil under a third of the pot, under half with a lot in',
  dry: 'Hands, tools and pieces dry; no water near',
  lid: 'The lid lies within reach',
  blanket: 'A fire blanket within reach, away from the stove',
  children: 'Children and pets out, and kept out',
  extinguisher: 'An extinguisher for cooking fat, or I know: never water',
  sleeves: 'Hair tied, sleeves tight, handles turned in',
  'smoke-point': 'This oil’s smoke point is known; no smoke, no smell',
  phone: 'A phone within reach, and somebody knows I am frying',
  rules: 'Local fire and food rules are known and come first',
};

/** A state that takes the whole screen: what it is, what to do, what the one button says. */
export const DANGER: Record<DangerId, { readonly title: string; readonly what: string; readonly button: string }> = {
  'cut-heat': {
    title: 'Cut the heat now',
    what: 'Heat off, if it can be reached safely. Nothing goes in. Do not move the pot. Smoke or flame: lid on from the side, never water; flames above the pot: leave, close the door, call the fire service.',
    button: 'The heat is off, I am here',
  },
  'too-hot': {
    title: 'Too hot',
    what: 'Over the caution limit for this oil. Heat off; nothing goes in until it has come down.',
    button: 'Heat is off',
  },
  level: {
    title: 'The pot is too full',
    what: 'Over half with the lot in: it may boil over. Heat off, lift pieces out; take no hot oil out.',
    button: 'Heat is off',
  },
  'probe-out': {
    title: 'Is the probe in the oil?',
    what: 'The heat is on and the reading does not rise. Oil may be far hotter than it says: look, and put the probe back.',
    button: 'It is in the oil',
  },
  'left-alone': {
    title: 'Is anybody there?',
    what: 'Nothing was done for four minutes over hot oil. It is never left alone.',
    button: 'I am here',
  },
};

/** Set aside to the oven: which, at what heat. */
export function ovenText(pieces: readonly FirePiece[], temp: (c: number) => string): string {
  return (['burst', 'raw'] as const)
    .flatMap((why) => {
      const list = pieces.filter((piece) => piece.oven?.why === why).map((piece) => piece.number);
      const name = why === 'burst' ? 'burst' : 'raw inside';
      return list.length > 0 ? [`${listText(list)}, ${name}, at ${temp(OVEN_FINISH[why].ovenC)}`] : [];
    })
    .join('; ');
}

/** What a timer over set-aside pieces is called. */
export function ovenTimerName(pieces: readonly number[], why: OvenWhy, batch: string): string {
  const many = `${pieces.length === 1 ? 'piece' : 'pieces'} ${listText(pieces)}`;
  return why === 'burst' ? `Burst ${many} in the oven, ${batch}` : `Probe ${many} in the oven, ${batch}`;
}

/** Which pot: its name, or how wide it is. */
export function potText(potName: string | null | undefined, acrossM: number): string {
  return potName ?? `${Math.round(acrossM * 100)} cm pot`;
}

export const LOOKS_NAME: Record<SeenLooks, string> = { paler: 'Paler', 'as-shown': 'As shown', darker: 'Darker' };

/** What this evening has taught; empty before anything was told. */
export function beliefText({ browning, browningSpread, coreShiftC, looks, cores }: FireBelief, p: Printer): string {
  const percent = Math.round(100 * Math.abs(browning - 1));
  const range = Math.round(100 * (browningSpread - 1));
  const colour =
    looks === 0
      ? ''
      : percent < 2
        ? `Browns as planned, give or take ${range} %.`
        : `Browns ${percent} % ${browning > 1 ? 'faster' : 'slower'} than planned, give or take ${range} %; counted from now on.`;
  const core =
    cores === 0 || Math.abs(coreShiftC) < 0.5
      ? ''
      : `Cores come out ${p.tempSpan(Math.abs(coreShiftC))} ${coreShiftC > 0 ? 'warmer' : 'colder'} than the model reads.`;
  return [colour, core].filter(Boolean).join(' ');
}

/** What a stove is like, each with its range. */
export function fitText({ efficiency, lossWPerK, probeLagS, residualC }: StoveFit): string {
  const range = (found: Found, times: number, digits: number) =>
    `${plain(found.value * times, digits)} (± ${plain(2 * found.sd * times, digits)})`;
  return `${range(efficiency, 100, 0)} % of the ring’s power reaches the oil; ${range(lossWPerK, 1, 1)} W are lost for each degree over the room; the probe lags ${range(probeLagS, 1, 0)} s. The readings lie ${plain(residualC)} °C about that.`;
}
