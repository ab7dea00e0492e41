import { capital } from '../../shared/capital';
import { inHundred } from '../../shared/inHundred';
import type { TakeOutWay, TakeOutWayId } from '@ember-fold/core/plan';
import type { Printer } from '../../../printer';

/** Changes that lead to a right moment to take the pieces out. */
export const TAKE_OUT_WAY_NAME: Record<TakeOutWayId, string> = {
  minutes: 'Other minutes',
  cooler: 'Cooler oil',
  hotter: 'Hotter oil',
  thinner: 'Thinner dough',
  smaller: 'Smaller pieces',
  warmer: 'A warmer start',
  turned: 'Turn every minute',
  oven: 'Finish in the oven',
};

/** What this change alters in the plan. */
function changeText({ id, draft }: TakeOutWay, p: Printer): string {
  switch (id) {
    case 'cooler':
    case 'hotter':
      return `At ${p.temp(draft.fry.oilC)}: `;
    case 'thinner':
      return `Rolled ${p.length(draft.fold.thicknessM)}: `;
    case 'smaller':
      return `${p.mass(draft.fold.fillingEachKg)} of filling each: `;
    case 'warmer':
      return draft.fry.start === 'room' ? 'From room temperature: ' : 'On paper for 20 min first: ';
    case 'minutes':
    case 'turned':
    case 'oven':
      return '';
    default: {
      const never: never = id;
      return never;
    }
  }
}

/** The result of one change. */
export function takeOutWayText(way: TakeOutWay, p: Printer): string {
  const from = changeText(way, p);
  const right = `${capital(inHundred(way.right))} come out right.`;
  if (way.ovenS !== null) {
    return `Take them out of the oil when they are golden, after ${p.time(way.takeOutS)}. Finish them for ${p.span(way.ovenS)} in the oven at ${p.temp(way.draft.fry.thenOven!.ovenC)}. ${right} They are at ${p.temp(way.biteC)} at the first bite.`;
  }
  return (
    capital(`${from}golden and cooked after ${p.time(way.takeOutS)}, ${p.temp(way.biteC)} at the first bite.`) +
    ` ${right}`
  );
}
