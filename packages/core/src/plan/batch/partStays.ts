import { LIMITS } from '../../limits/limits.js';
import type { StepKey } from '../../cook/cookAct.js';
import type { TrayDraft } from '../../draft/draft.js';
import type { Kitchen } from '../../draft/kitchen.js';
import type { PlannedTray } from './planBatch.js';
import type { RunStep } from './runSteps.js';

/** Rooms of a kitchen that hold only so much at one time. */
export const ROOMS = ['fridge', 'freezer', 'dishes'] as const;
export type Room = (typeof ROOMS)[number];

/** Something of a batch that lies in a room between two steps of its run-sheet. */
export interface PartStay {
  readonly room: Room;
  /** Trays, or dishes. */
  readonly places: number;
  /** It comes when this step is over. */
  readonly after: StepKey;
  /** It goes so many s after that step begins; `null`: when that is over. */
  readonly until: StepKey;
  readonly untilS: number | null;
  /** It needs no room where it waits no longer than this, s. */
  readonly freeS: number;
}

/**
 * How much a kitchen's rooms hold; one that nobody said is not in it.
 * @example roomsOf({ fridgeTrays: 3 }).fridge // 3
 */
export function roomsOf({
  fridgeTrays,
  freezerTrays,
  coolingDishes,
}: Pick<Kitchen, 'fridgeTrays' | 'freezerTrays' | 'coolingDishes'>): Partial<Readonly<Record<Room, number>>> {
  return {
    ...(fridgeTrays !== undefined && { fridge: fridgeTrays }),
    ...(freezerTrays !== undefined && { freezer: freezerTrays }),
    ...(coolingDishes !== undefined && { dishes: coolingDishes }),
  };
}

/**
 * What of a batch lies in fridge, freezer and dishes: fillings that cool, a tray of pieces for each
 * mark until its last one goes into the oil, fried pieces until they are crisped. A tray is one
 * place, however many pieces are on it. Our own.
 *
 * @param lastDropS of each fried tray: when its last piece goes in, s after the batch's first
 */
export function partStays(
  planned: readonly PlannedTray[],
  sheet: readonly RunStep[],
  lastDropS: ReadonlyMap<TrayDraft['mark'], number>,
  roomLimitS: number,
): readonly PartStay[] {
  const find = (is: (step: RunStep) => boolean) => sheet.find(is);
  const last = (is: (step: RunStep) => boolean) => sheet.findLast(is);
  const several = planned.length > 1;
  const isOf = (step: RunStep, mark: TrayDraft['mark']) => !several || step.mark === mark;
  const found: PartStay[] = [];
  const fry = find(({ what }) => what === 'fry');

  for (const cool of sheet.filter(({ what }) => what === 'cool')) {
    const uses = planned.filter(({ draft }) => !several || (draft.fillingOf ?? draft.mark) === cool.mark);
    const [first] = uses;
    const cooked = find(({ what, mark }) => what === 'cook-filling' && mark === cool.mark);
    const folded = last((step) => step.what === 'fold' && uses.some(({ draft }) => isOf(step, draft.mark)));
    if (!first || !cooked || !folded) continue;
    const { place, dishes: places = 1 } = first.draft.filling;
    const stay = { places, after: cooked.id, until: folded.id, freeS: 0 };
    found.push({ ...stay, room: 'dishes', untilS: null });
    if (place === 'fridge' || place === 'freezer') found.push({ ...stay, room: place, untilS: 0 });
  }
  for (const { draft } of planned) {
    const { mark, fry: how } = draft;
    const stored = last((step) => step.what === 'stored' && isOf(step, mark));
    const folds = sheet.filter((step) => step.what === 'fold' && isOf(step, mark));
    const after = stored ?? folds.at(-1);
    if (!after) continue;
    const dropS = lastDropS.get(mark);
    if (fry && dropS !== undefined) {
      const isWarm = how.start === 'room';
      const foldS = folds.reduce((sum, { durationS }) => sum + durationS, 0);
      found.push({
        places: 1,
        after: after.id,
        until: fry.id,
        untilS: Math.round(dropS),
        room: isWarm || how.start === 'fridge' ? 'fridge' : 'freezer',
        freeS: isWarm && stored === undefined ? Math.max(0, Math.round(roomLimitS - foldS)) : 0,
      });
    } else if (stored && (draft.way === 'freeze' || draft.way === 'chill')) {
      const until = find(({ what }) => what === 'serve');
      if (until)
        found.push({
          places: 1,
          after: stored.id,
          until: until.id,
          untilS: null,
          freeS: 0,
          room: draft.way === 'freeze' ? 'freezer' : 'fridge',
        });
    }
  }
  const crisp = find(({ what }) => what === 'crisp');
  if (fry && crisp)
    found.push({
      room: 'fridge',
      places: lastDropS.size,
      after: fry.id,
      until: crisp.id,
      untilS: 0,
      freeS: LIMITS.leftovers.intoFridgeS,
    });
  return found;
}
