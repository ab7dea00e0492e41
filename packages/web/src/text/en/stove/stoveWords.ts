import { LIMITS } from '@ember-fold/core/plan';
import { plural } from '../shared/plural';
import {
  wantedCrumb,
  type DangerId,
  type FinishAsks,
  type StoveBelief,
  type StovePiece,
  type HandsSeen,
  type Found,
  type NextStep,
  type OilVerdict,
  type OvenWhy,
  type SeenLooks,
  type StartPoint,
  type StoveFit,
  REOPEN_MS,
} from '@ember-fold/core/stove';
import { CRUMB_DOES } from '../bench/fry/methodText';
import { plain, type Printer, listNames } from '../../printer';

export const VERDICT_TEXT: Record<OilVerdict, string> = {
  cold: 'warming up',
  under: 'too cool',
  'in-range': 'just right',
  over: 'too hot for these pieces',
  warn: 'too hot: turn the heat off',
  'cut-heat': 'cut the heat now',
  'check-probe': 'is the probe in the oil?',
  'no-reading': 'no reading',
};

/** What of a printer the steps are written with. */
type StepPrinter = Pick<Printer, 'temp' | 'tempSpan' | 'span'>;

/** Why they come out sooner or later than planned. */
function unplannedText({ unplanned }: NextStep, p: StepPrinter): string {
  if (!unplanned) return '';
  const { byS, oilK } = unplanned;
  const by = `${p.span(Math.abs(byS))} ${byS < 0 ? 'sooner' : 'later'} than planned`;
  if (oilK === 0) return ` That is ${by}.`;
  return ` That is ${by}, because the oil has been ${p.tempSpan(Math.abs(oilK))} ${oilK > 0 ? 'hotter' : 'cooler'}.`;
}

/** What to do, and why. It is long because it has one case for each act. @param targetC target temperature of the oil, °C */
export function nextText(
  step: NextStep,
  p: StepPrinter,
  targetC: number,
): { readonly what: string; readonly why: string } {
  const list = listText(step.pieces);
  const { temp } = p;
  switch (step.act) {
    case 'turn':
      return { what: `Turn ${list}`, why: 'The other side needs to brown.' };
    case 'take-out':
      return step.reason === 'burnt'
        ? { what: `Take out ${list}`, why: 'They are burnt. Throw them away.' }
        : {
            what: `Take out ${list}`,
            why:
              step.reason === 'too-dark'
                ? 'They are too dark.'
                : `They are cooked and golden on both sides.${unplannedText(step, p)}`,
          };
    case 'to-oven':
      return {
        what: `Take out ${list}, into the oven`,
        why: `${step.reason === 'too-dark' ? 'They are too dark already.' : 'They are golden.'} The oven at ${temp(step.value)} cooks the middle.${unplannedText(step, p)}`,
      };
    case 'drop':
      return {
        what: `Drop ${step.pieces.length}`,
        why:
          step.reason === 'oil-ready'
            ? 'The oil is ready.'
            : step.reason === 'pipeline'
              ? 'Put one in each time you take one out.'
              : step.reason === 'room'
                ? 'There is room for more, and the oil is ready.'
                : step.reason === 'judge-oil'
                  ? `Test the oil first: when it is right, a crumb of dough ${CRUMB_DOES[wantedCrumb(targetC)]}.`
                  : `When the oil reaches ${temp(step.value)}.`,
      };
    case 'burner':
      return {
        what: step.value === 0 ? 'Burner off' : `Burner to ${step.value}`,
        why:
          step.reason === 'cut-heat'
            ? 'The oil is above its caution limit. Never use water; keep the lid at hand.'
            : step.reason === 'oil-over'
              ? `The oil is above its target of ${temp(targetC)}.`
              : step.reason === 'warm-up'
                ? `The target is ${temp(targetC)}. The burner stays hot for a while after you turn it down.`
                : step.reason === 'load-needs'
                  ? 'This keeps the oil at its temperature with these pieces in.'
                  : step.reason === 'all-out'
                    ? `All pieces are out of the oil. Stay until the oil is below ${temp(LIMITS.oil.leaveBelowC)}.`
                    : 'This keeps the oil at its temperature.',
      };
    case 'skim':
      return { what: 'Skim the crumbs', why: 'Crumbs burn and darken the oil.' };
    case 'aside':
      return {
        what: `Put ${list} in the oven`,
        why: `${ASIDE_WHY[step.reason as keyof typeof ASIDE_WHY] ?? ASIDE_WHY['raw-inside']} Keep them in the oven at ${temp(step.value)} until the middle is done.`,
      };
    case 'oven-out':
      return { what: `Take ${list} out of the oven`, why: 'Check the middle first.' };
    case 'judge':
      return {
        what: `Judge piece ${list}`,
        why: 'Look at it, cut it open and probe it, then say how it is. The others wait for this one.',
      };
    case 'finish':
      return { what: 'Finish the batch', why: 'All pieces are out.' };
    default: {
      const never: never = step.act;
      return never;
    }
  }
}

/** The reason that is shown for moving pieces to the oven. */
const ASIDE_WHY = {
  'raw-inside': 'One was not done in the middle.',
  'taken-early': 'They came out before the middle was done.',
  'dark-raw': 'They are too dark outside and not done inside. Take them out now.',
} as const;

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

/** The points to check before any oil is heated; each is ticked separately. */
export const START_POINT: Record<StartPoint, string> = {
  level: 'The oil fills less than a third of the pot, and less than half with a load in',
  dry: 'Hands, tools and pieces are dry, and no water is near the pot',
  lid: 'The lid is within reach',
  blanket: 'A fire blanket is within reach, away from the stove',
  children: 'Children and pets are out of the kitchen and will stay out',
  extinguisher:
    'A fire blanket or a wet-chemical (class F/K) extinguisher is within reach. I know: never water on burning oil',
  sleeves: 'Hair is tied back, sleeves are tight, handles are turned inwards',
  'smoke-point': 'I know this oil’s smoke point. It has not smoked and does not smell rancid',
  phone: 'A phone is within reach, and somebody knows I am frying',
  rules: 'I know the local fire and food rules, and they come first',
};

/** The dangers that take the whole screen: title, instruction and the label of the one button. */
export const DANGER: Record<DangerId, { readonly title: string; readonly what: string; readonly button: string }> = {
  'cut-heat': {
    title: 'Cut the heat now',
    what: 'Turn the heat off, if you can reach it safely. Put nothing in. Do not move the pot. If you see smoke or flame, slide the lid on from the side; never use water. If there are flames above the pot, leave, close the door, call the fire service.',
    button: 'The heat is off, I am here',
  },
  'too-hot': {
    title: 'Too hot',
    what: 'The oil is above its caution limit. Turn the heat off. Put nothing in until it has cooled down.',
    button: 'The heat is off',
  },
  level: {
    title: 'The pot is too full',
    what: 'The pot is more than half full with the load in, and may boil over. Turn the heat off and take pieces out. Do not take hot oil out.',
    button: 'The heat is off',
  },
  'probe-out': {
    title: 'Is the probe in the oil?',
    what: 'The heat is on and the reading is not rising. The oil may be far hotter than the reading says. Look, and put the probe back in.',
    button: 'It is in the oil',
  },
  'left-alone': {
    title: 'Is anybody there?',
    what: 'Nothing has been entered for four minutes, and the oil is hot. Never leave hot oil alone.',
    button: 'I am here',
  },
};

const OVEN_WHY: Record<OvenWhy, string> = { burst: 'burst', raw: 'raw inside', plan: 'to finish' };

/** What is in the oven: which, why, at what heat. */
export function ovenText(pieces: readonly StovePiece[], temp: (c: number) => string): string {
  return (['burst', 'raw', 'plan'] as const)
    .flatMap((why) => {
      const inThere = pieces.filter(({ oven }) => oven?.why === why);
      const list = listText(inThere.map(({ number }) => number));
      return inThere.length > 0 ? [`${list}, ${OVEN_WHY[why]}, at ${temp(inThere[0]!.oven!.ovenC)}`] : [];
    })
    .join('; ');
}

/** What a timer over set-aside pieces is called. */
export function ovenTimerName(pieces: readonly number[], why: OvenWhy, batch: string): string {
  const many = `${plural(pieces.length, 'piece', 'pieces')} ${listText(pieces)}`;
  switch (why) {
    case 'burst':
      return `Burst ${many} in the oven, ${batch}`;
    case 'raw':
      return `Probe ${many} in the oven, ${batch}`;
    case 'plan':
      return `Take ${many} out of the oven, ${batch}`;
    default: {
      const never: never = why;
      return never;
    }
  }
}

/** Which pot: its name, or how wide it is. */
export function potText(potName: string | null | undefined, acrossM: number): string {
  return potName ?? `${Math.round(acrossM * 100)} cm pot`;
}

export const LOOKS_NAME: Record<SeenLooks, string> = { paler: 'Paler', 'as-shown': 'As shown', darker: 'Darker' };

/** What has been learnt at the stove today; empty before anything was entered. */
export function beliefText({ browning, browningSpread, coreShiftC, looks, cores }: StoveBelief, p: Printer): string {
  const percent = Math.round(100 * Math.abs(browning - 1));
  const range = Math.round(100 * (browningSpread - 1));
  const colour =
    looks === 0
      ? ''
      : percent < 2
        ? `Pieces are browning as planned, within ${range} %.`
        : `Pieces are browning ${percent} % ${browning > 1 ? 'faster' : 'slower'} than planned, within ${range} %. The times above allow for it.`;
  const core =
    cores === 0 || Math.abs(coreShiftC) < 0.5
      ? ''
      : `The middles are ${p.tempSpan(Math.abs(coreShiftC))} ${coreShiftC > 0 ? 'warmer' : 'colder'} than predicted.`;
  return [colour, core].filter(Boolean).join(' ');
}

/** What a stove is like, each with its range. */
export function fitText(
  { efficiency, lossWPerK, probeLagS, burnerLagS, residualC }: StoveFit,
  p: Printer,
): readonly string[] {
  const range = (found: Found, times: number, digits: number) =>
    `${plain(found.value * times, digits)} (± ${plain(2 * found.sd * times, digits)})`;
  return [
    `${range(efficiency, 100, 0)} % of the burner’s power reaches the oil.`,
    `The pot loses ${range(lossWPerK, p.temperature === 'F' ? 5 / 9 : 1, 1)} W for each °${p.temperature} above room temperature.`,
    `The probe lags ${range(probeLagS, 1, 0)} s behind the oil.`,
    `The burner goes on heating for ${range(burnerLagS, 1, 0)} s after you turn it off.`,
    `The readings agree with this to ${p.tempSpanFine(residualC)}.`,
  ];
}

/** What is to be thought of before a batch is finished. */
export function finishLines({ unfried, inOven, hotC, burner }: FinishAsks, p: Printer): readonly string[] {
  const lines: string[] = [];
  if (unfried > 0)
    lines.push(
      `${plural(unfried, 'One piece has', `${plain(unfried, 0)} pieces have`)} not been fried. Put raw pieces in the fridge or freezer within ${p.span(LIMITS.room.mostS)}.`,
    );
  if (inOven > 0)
    lines.push(
      `${plural(inOven, 'One piece is', `${plain(inOven, 0)} pieces are`)} still in the oven. Take ${plural(inOven, 'it', 'them')} out when the time is over.`,
    );
  if (burner > 0) lines.push(`The burner is on at ${plain(burner, 0)}. Turn it off.`);
  if (hotC !== null)
    lines.push(
      `The oil is at ${p.temp(hotC)}. Stay with it until it is below ${p.temp(LIMITS.oil.leaveBelowC)}, and keep children and pets away.`,
    );
  return [
    ...lines,
    'If you finish by mistake, you can reopen the batch from its ledger record for ' + p.span(REOPEN_MS / 1000) + '.',
  ];
}

/** How long the cook takes over a piece today; loads are planned for that pace. */
export function handsText({ eachS, lowS, highS, times }: HandsSeen): string {
  if (times === 0) return `Not timed yet. Loads are planned for ${plain(eachS, 1)} s a piece.`;
  return `You turn a piece or take it out in ${plain(eachS, 1)} s (${plain(lowS, 1)} to ${plain(highS, 1)}), timed ${plural(times, 'once', `${plain(times, 0)} times`)}.`;
}

export const STOVE_TEXT = {
  loading: 'Opening the stove…',
  opening: 'Reading the stove…',
  title: (name: string) => `At the stove: ${name}`,
  fromAbove: 'The pot from above. The dots show the colour of the upper side over that of the lower side.',
  trace: (least: string, most: string) => `Oil in the last minutes; it should stay between ${least} and ${most}`,
} as const;

/** Whose figure the oil's is. */
export function oilSourceText(probe: string | null, spreadC: number | null, p: Printer): string {
  if (probe !== null) return `Oil now, ${probe.replaceAll('-', ' ')}`;
  return spreadC === null
    ? 'Oil now: test it with a crumb of dough, or type in what a thermometer shows'
    : `Oil, estimated from your last reading, ± ${p.tempSpan(spreadC)}`;
}

export function potFullText(where: string, oilM3: number, withLoad: number, p: Printer): string {
  return `${where}, ${p.volume(oilM3)} of oil, ${p.percent(withLoad)} full with a load in`;
}
