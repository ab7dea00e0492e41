import type { DoughFamily, HoldTimes, Kitchen, RawPart, StartState } from '@ember-fold/core';
import type { Printer } from './printer';

export const OLDEST_FIRST =
  'Keep every waiting disc and piece under a damp cloth. The oldest is filled first, closed first and fried first: set them out in rows, and take from the row you began with.';

export const HOLD_NAME: Record<StartState, string> = {
  room: 'On the bench, covered',
  fridge: 'In the fridge',
  frozen: 'Frozen, straight into the oil',
  tempered: 'Frozen, then 20 min on paper',
};

interface Of {
  readonly family: DoughFamily;
  readonly kitchen: Kitchen;
  readonly raw: RawPart | null;
}

/** How long each way takes for this piece, and what it does to the oil. */
export function holdText(start: StartState, times: HoldTimes, { family, kitchen, raw }: Of, printer: Printer): string {
  const keeps = family.id === 'yeast' ? 'a few hours: yeast goes on working' : 'a day';
  const limit = kitchen.roomC > 32 ? '1 h' : '2 h';
  const hard =
    times.toHardS === null
      ? 'They do not freeze hard within 12 h at this freezer setting.'
      : `Open tray, apart, hard in ${printer.time(times.toHardS)}; then bag and date them. Keeps 2 to 3 months for quality.`;
  switch (start) {
    case 'room':
      return `At ${printer.temp(kitchen.roomC)} no longer than ${limit} from the first fold to the oil, all told.`;
    case 'fridge':
      return times.toFridgeS === null
        ? 'They do not get cold through within 12 h.'
        : `Cold through in ${printer.time(times.toFridgeS)} on an open tray; keeps ${keeps}. Into the oil at ${printer.temp(kitchen.fridgeC)}.`;
    case 'frozen':
      return `${hard} Into cooler oil (${printer.temp(145)} to ${printer.temp(160)}), longer, smaller lots; wipe frost off.`;
    case 'tempered':
      return raw !== null && raw !== 'vegetables'
        ? 'Not with raw meat, fish or egg in it: never thaw those on the bench.'
        : `${hard} After 20 min on paper the middle is still ${printer.temp(times.temperedC)}; wipe the surface dry.`;
    default: {
      const never: never = start;
      return never;
    }
  }
}
