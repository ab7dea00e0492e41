import { FINISH_C, type LiftWay, type LiftWayId } from '@ember-fold/core';
import type { Printer } from './printer';

/** Ways to a right moment to lift. */
export const LIFT_WAY_NAME: Record<LiftWayId, string> = {
  cooler: 'Cooler oil',
  hotter: 'Hotter oil',
  thinner: 'Thinner dough',
  smaller: 'Smaller pieces',
  warmer: 'A warmer start',
  turned: 'Turn each minute',
  oven: 'Finish in the oven',
};

/** What is changed by it. */
function changeText({ id, draft }: LiftWay, p: Printer): string {
  switch (id) {
    case 'cooler':
    case 'hotter':
      return `At ${p.temp(draft.fry.oilC)}: `;
    case 'thinner':
      return `Rolled ${p.length(draft.fold.thicknessM)}: `;
    case 'smaller':
      return `${p.mass(draft.fold.fillingEachKg)} of filling each: `;
    case 'warmer':
      return draft.fry.start === 'room' ? 'From the bench: ' : 'On paper for 20 min first: ';
    case 'turned':
    case 'oven':
      return '';
    default: {
      const never: never = id;
      return never;
    }
  }
}

/** What one way leads to. */
export function liftWayText(way: LiftWay, p: Printer): string {
  const from = changeText(way, p);
  if (way.ovenS !== null || way.biteC === null) {
    return `Lift by colour after ${p.time(way.liftS)}, then ${p.span(way.ovenS ?? 0)} at ${p.temp(FINISH_C)}. Probe one before you serve.`;
  }
  return `${from}golden and cooked after ${p.time(way.liftS)}, ${p.temp(way.biteC)} at the first bite.`;
}
