import {
  wantedCrumb,
  type DangerId,
  type FinishAsks,
  type FireBelief,
  type FirePiece,
  type HandsSeen,
  type Found,
  type NextStep,
  type OilVerdict,
  OVEN_FINISH,
  type OvenWhy,
  type SeenLooks,
  type StartPoint,
  type StoveFit,
} from '@ember-fold/core';
import { SAFE_C } from './cautions';
import { CRUMB_DOES } from './schoolText';
import { plain, type Printer, listNames } from './printer';

export const VERDICT_TEXT: Record<OilVerdict, string> = {
  cold: 'warming up',
  under: 'too cool',
  'in-band': 'just right',
  over: 'too hot for these pieces',
  warn: 'too hot: turn the heat off',
  'cut-heat': 'cut the heat now',
  'check-probe': 'is the probe in the oil?',
  'no-reading': 'no reading',
};

/** What to do, and why. @param markC oil to fry in, °C */
export function nextText(
  step: NextStep,
  temp: (c: number) => string,
  markC: number,
): { readonly what: string; readonly why: string } {
  const list = listText(step.pieces);
  switch (step.act) {
    case 'flip':
      return { what: `Flip ${list}`, why: 'The other face needs the oil.' };
    case 'lift':
      return { what: `Lift ${list}`, why: 'They are cooked and golden on both faces.' };
    case 'drop':
      return {
        what: `Drop ${step.pieces.length}`,
        why:
          step.reason === 'oil-ready'
            ? 'The oil is ready.'
            : step.reason === 'pipeline'
              ? 'The next one goes in as one comes up: one at a time.'
              : step.reason === 'room'
                ? 'There is room beside the others, and the oil is ready.'
                : step.reason === 'judge-oil'
                  ? `Judge the oil first: a crumb of dough ${CRUMB_DOES[wantedCrumb(markC)]} when it is right.`
                  : `Wait until the oil is at ${temp(step.value)}.`,
      };
    case 'burner':
      return {
        what: step.value === 0 ? 'Burner off' : `Burner to ${step.value}`,
        why:
          step.reason === 'cut-heat'
            ? 'The oil is over its caution limit. Never water; keep the lid at hand.'
            : step.reason === 'oil-over'
              ? 'The oil is too hot for these pieces.'
              : step.reason === 'warm-up'
                ? `Full heat until just under ${temp(markC)}.`
                : step.reason === 'lot-needs'
                  ? 'Holds the oil with these pieces in.'
                  : step.reason === 'all-out'
                    ? `Everything is out. Stay until the oil is under ${temp(SAFE_C)}.`
                    : 'Holds the oil at its temperature.',
      };
    case 'skim':
      return { what: 'Skim crumbs', why: 'Crumbs burn and darken the oil.' };
    case 'aside':
      return {
        what: `${list} to the oven`,
        why: `A probed core was not done. Oven at ${temp(step.value)} until it is.`,
      };
    case 'oven-out':
      return { what: `Out of the oven: ${list}`, why: 'Probe the middle first.' };
    case 'judge':
      return {
        what: `Judge piece ${list}`,
        why: 'Look at it, cut it open and probe it, then say how it is. The others wait for it.',
      };
    case 'finish':
      return { what: 'Finish the batch', why: 'All pieces are out.' };
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
        ? `Pieces brown as planned, within ${range} %.`
        : `Pieces brown ${percent} % ${browning > 1 ? 'faster' : 'slower'} than planned, within ${range} %. The times above count with it.`;
  const core =
    cores === 0 || Math.abs(coreShiftC) < 0.5
      ? ''
      : `Cores come out ${p.tempSpan(Math.abs(coreShiftC))} ${coreShiftC > 0 ? 'warmer' : 'colder'} than predicted.`;
  return [colour, core].filter(Boolean).join(' ');
}

/** What a stove is like, each with its range. */
export function fitText(
  { efficiency, lossWPerK, probeLagS, ringS, residualC }: StoveFit,
  p: Printer,
): readonly string[] {
  const range = (found: Found, times: number, digits: number) =>
    `${plain(found.value * times, digits)} (± ${plain(2 * found.sd * times, digits)})`;
  return [
    `${range(efficiency, 100, 0)} % of the ring’s power reaches the oil.`,
    `The pot loses ${range(lossWPerK, p.temperature === 'F' ? 5 / 9 : 1, 1)} W for each °${p.temperature} over the room.`,
    `The probe is ${range(probeLagS, 1, 0)} s behind the oil.`,
    `The ring goes on for ${range(ringS, 1, 0)} s after its knob.`,
    `The readings lie within ${p.tempSpanFine(residualC)} of that.`,
  ];
}

/** What is to be thought of before a batch is finished. */
export function finishLines({ unfried, hotC, burner }: FinishAsks, p: Printer): readonly string[] {
  const lines: string[] = [];
  if (unfried > 0)
    lines.push(
      `${unfried === 1 ? 'One piece has' : `${plain(unfried, 0)} pieces have`} not been fried. Raw pieces go into the fridge or the freezer within 2 hours.`,
    );
  if (burner > 0) lines.push(`The ring is on at ${plain(burner, 0)}. Turn it off.`);
  if (hotC !== null)
    lines.push(
      `The oil is at ${p.temp(hotC)}. Stay with it until it is under ${p.temp(SAFE_C)}, children and pets away.`,
    );
  return [...lines, 'If you finish by mistake, the record in the ledger takes you back for 2 hours.'];
}

/** How long tonight's hands take over a piece; lots are planned so that they can keep up. */
export function handsText({ eachS, lowS, highS, times }: HandsSeen): string {
  if (times === 0) return `Not seen yet. Lots are planned for ${plain(eachS, 1)} s a piece.`;
  return `You turn or lift a piece in ${plain(eachS, 1)} s (${plain(lowS, 1)} to ${plain(highS, 1)}), seen ${times === 1 ? 'once' : `${plain(times, 0)} times`}.`;
}

export const FIRE_TEXT = {
  loading: 'Opening the stove…',
  opening: 'Reading the stove…',
  title: (name: string) => `At the stove: ${name}`,
  fromAbove: 'The pot from above. Dots show the upper face over the lower one.',
  trace: (least: string, most: string) => `Oil over the last minutes; it should stay between ${least} and ${most}`,
} as const;

/** Whose figure the oil's is. */
export function oilSourceText(probe: string | null, spreadC: number | null, p: Printer): string {
  if (probe !== null) return `Oil now, ${probe.replaceAll('-', ' ')}`;
  return spreadC === null
    ? 'Oil now: test it with a crumb, or type what a thermometer shows'
    : `Oil, estimated from your last reading, ± ${p.tempSpan(spreadC)}`;
}

export function potFullText(where: string, oilM3: number, withLot: number, p: Printer): string {
  return `${where}, ${p.volume(oilM3)} of oil, ${p.percent(withLot)} full with a lot in`;
}
