import type { NextStep, OilVerdict } from '@ember-fold/core';

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
    case 'finish':
      return { what: 'Finish the batch', why: 'all pieces are out' };
    default: {
      const never: never = step.act;
      return never;
    }
  }
}

/** "1, 2 and 3" */
export function listText(numbers: readonly number[]): string {
  if (numbers.length <= 1) return numbers.join('');
  return `${numbers.slice(0, -1).join(', ')} and ${numbers[numbers.length - 1]}`;
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
