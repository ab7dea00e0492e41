import {
  type DoughFamily,
  type HoldTimes,
  type Kitchen,
  type RawPart,
  type StartState,
  roomLimitS,
} from '@ember-fold/core/plan';
import type { Printer } from '../../../printer';

export const OLDEST_FIRST =
  'Keep every waiting disc and piece under a damp cloth. Set them out in rows, and fill, seal and fry the oldest first.';

export const HOLD_NAME: Record<StartState, string> = {
  room: 'On the worktop, covered',
  fridge: 'In the fridge',
  frozen: 'Frozen, straight into the oil',
  tempered: 'Frozen, then 20 min on paper',
};

interface Of {
  readonly family: DoughFamily;
  readonly kitchen: Kitchen;
  readonly raw: RawPart | null;
}

/** How long each way takes for this piece, and how to fry it afterwards. */
export function holdText(start: StartState, times: HoldTimes, { family, kitchen, raw }: Of, printer: Printer): string {
  const keeps = family.id === 'yeast' ? 'a few hours (the yeast goes on working)' : 'a day';
  const limit = printer.span(roomLimitS(kitchen.roomC));
  const hard =
    times.toHardS === null
      ? 'They do not freeze hard within 12 hours in this freezer.'
      : `Freeze them apart on an open tray. They are hard after ${printer.span(times.toHardS)}. Then bag and date them. They keep for 2 to 3 months.`;
  switch (start) {
    case 'room':
      return `At ${printer.temp(kitchen.roomC)} they may wait ${limit} at most in all, from the first fold to the oil.`;
    case 'fridge':
      return times.toFridgeS === null
        ? 'They do not get cold all the way through within 12 hours.'
        : `On an open tray they are cold all the way through after ${printer.span(times.toFridgeS)}. They keep for ${keeps} and go into the oil at ${printer.temp(kitchen.fridgeC)}.`;
    case 'frozen':
      return `${hard} Fry them longer in cooler oil (${printer.temp(145)} to ${printer.temp(160)}) and in smaller loads. Wipe off any frost.`;
    case 'tempered':
      return raw !== null && raw !== 'vegetables'
        ? 'Not for pieces with raw meat, fish or egg. Never thaw those on the worktop.'
        : `${hard} After 20 min on paper the middle is still ${printer.temp(times.temperedC)}. Wipe the surface dry.`;
    default: {
      const never: never = start;
      return never;
    }
  }
}
