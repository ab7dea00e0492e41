import { LIMITS } from '../limits/limits.js';
import type { TrayDraft } from '../draft/draft.js';
import { type RawPart } from '../draft/choices.js';

/**
 * Temperature the coldest filling must reach in the oil, °C. The usual guides; local rules come
 * first. Source: the craft page, *Cautions*.
 *
 * @param raw what in it is raw; `null` when every part is cooked
 * @param reheatC the kitchen's own target for cooked fillings, 70–75
 * @example coreTargetFor('minced-meat', 74) // 71
 */
export function coreTargetFor(raw: RawPart | null, reheatC: number): number {
  switch (raw) {
    case null:
    case 'vegetables':
      return reheatC;
    case 'poultry':
      return LIMITS.core.poultryC;
    case 'minced-meat':
      return LIMITS.core.mincedMeatC;
    case 'egg':
      return LIMITS.core.eggC;
    case 'fish':
      return LIMITS.core.fishC;
    default: {
      const never: never = raw;
      return never;
    }
  }
}

/**
 * Whether a filling goes in as it is mixed: raw, and nothing boils off. It was never hot, so nothing of it cools.
 * @example isUncooked(draft.filling) // false
 */
export function isUncooked({ raw, cookToShare }: Pick<TrayDraft['filling'], 'raw' | 'cookToShare'>): boolean {
  return raw !== undefined && raw !== 'vegetables' && cookToShare >= 1;
}

/** Days a cooked filling keeps in the fridge before the batch: two, one with fish or shellfish, none raw. */
export function keepsDays(raw: RawPart | null, hasFish: boolean): number {
  if (raw !== null && raw !== 'vegetables') return 0;
  return hasFish ? 1 : 2;
}

/**
 * Whether the core must reach its temperature to be safe: something in it is raw, or it was made
 * on an earlier day, by itself or in pieces that come from the freezer, and is reheated. What was
 * cooked and cooled today need only be hot enough to please. Source: docs/models/practice.md;
 * local rules come first.
 * @example coreMustBeSafe({ filling: { raw: 'poultry' }, fry: { start: 'room' }, dough: {} }) // true
 */
export function coreMustBeSafe({
  filling: { raw, aheadDays = 0 },
  fry: { start },
  dough,
}: {
  readonly filling: Pick<TrayDraft['filling'], 'raw' | 'aheadDays'>;
  readonly fry: Pick<TrayDraft['fry'], 'start'>;
  readonly dough: Pick<TrayDraft['dough'], 'ahead'>;
}): boolean {
  const isAhead = aheadDays > 0 || dough.ahead?.upTo === 'pieces';
  return raw !== undefined || isAhead || start === 'frozen' || start === 'tempered';
}

/** The core that is safe, °C; −∞ where the filling asks for none. */
export function safeCoreC(draft: TrayDraft): number {
  return coreMustBeSafe(draft) ? draft.filling.coreTargetC : -Infinity;
}
