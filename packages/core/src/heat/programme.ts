import type { OilRamp, TurnMethod } from '../draft/choices.js';
import { type TrayDraft, USUAL_BAKE } from '../draft/draft.js';

/** What ends a phase. `right`: the dough is set, the filling safe where that is asked, and the crust golden. */
export type PhaseEnd =
  | { readonly by: 'minutes'; readonly minutesS: number }
  | { readonly by: 'right' }
  /** The paler face reaches the colour at which this cook takes pieces out. */
  | { readonly by: 'colour' }
  /** The coldest filling reaches this, °C. */
  | { readonly by: 'core'; readonly coreC: number }
  /** As cold as the place, through and through. */
  | { readonly by: 'cold' };

/** One stretch of a programme in one surrounding. */
export type HeatPhase =
  | {
      readonly kind: 'oil';
      readonly oilC: number;
      readonly ramp?: OilRamp;
      readonly turn: TurnMethod;
      readonly end: PhaseEnd;
    }
  | { readonly kind: 'oven'; readonly ovenC: number; readonly lies: 'tray' | 'rack'; readonly end: PhaseEnd }
  | { readonly kind: 'cold'; readonly place: 'fridge' | 'freezer'; readonly end: PhaseEnd };

/** The phase that a tray is cooked or stored in first. */
function firstPhase({ way = 'fry', fry, bake = USUAL_BAKE }: TrayDraft): HeatPhase | null {
  const endOf = (minutesS: number | null, otherwise: PhaseEnd): PhaseEnd =>
    minutesS === null ? otherwise : { by: 'minutes', minutesS };
  switch (way) {
    case 'fry': {
      const { oilC, turn, ramp, minutesS, thenOven } = fry;
      // What is finished in the oven leaves the oil by its colour.
      const end = endOf(minutesS, thenOven ? { by: 'colour' } : { by: 'right' });
      return ramp ? { kind: 'oil', oilC, turn, ramp, end } : { kind: 'oil', oilC, turn, end };
    }
    case 'bake':
      return { kind: 'oven', ovenC: bake.ovenC, lies: 'tray', end: endOf(bake.minutesS, { by: 'right' }) };
    case 'freeze':
      return { kind: 'cold', place: 'freezer', end: { by: 'cold' } };
    case 'chill':
      return { kind: 'cold', place: 'fridge', end: { by: 'cold' } };
    case 'plain':
      return null;
    default: {
      const never: never = way;
      return never;
    }
  }
}

/**
 * The heat of a tray as an ordered list of phases, each until something is true of its pieces. One
 * body goes through all of them. Source: docs/models/programme.md.
 *
 * @param reheatC the temperature to which this kitchen reheats, °C
 * @returns empty for pieces that are left as they are
 * @example programmeOf(draft, 74).map(({ kind }) => kind) // ['oil']
 */
export function programmeOf(draft: TrayDraft, reheatC: number): readonly HeatPhase[] {
  const first = firstPhase(draft);
  if (first === null) return [];
  const phases = [first];
  if ((draft.way ?? 'fry') !== 'fry') return phases;
  const { thenOven, crispC } = draft.fry;
  if (thenOven) {
    const { ovenC, minutesS } = thenOven;
    phases.push({
      kind: 'oven',
      ovenC,
      lies: 'rack',
      end: minutesS === null ? { by: 'right' } : { by: 'minutes', minutesS },
    });
  }
  if (crispC !== undefined) {
    phases.push(
      { kind: 'cold', place: 'fridge', end: { by: 'cold' } },
      { kind: 'oven', ovenC: crispC, lies: 'rack', end: { by: 'core', coreC: reheatC } },
    );
  }
  return phases;
}
