import { type DoughFamilyId, type ShapeId, shapeOf } from '@ember-fold/core/plan';
import { FAMILY_WORDS } from '../../shared/familyWords';
import type { Printer } from '../../../printer';

interface Portions {
  readonly family: DoughFamilyId;
  readonly shape: ShapeId;
  /** How many; `null` if the dough is made in several portions. */
  readonly pieces: number | null;
  readonly doughEachKg: number;
}

/** How to divide a dough before rolling or pressing, unless rounds are simply cut from it. */
export function portionLines({ family, shape, pieces, doughEachKg }: Portions, p: Printer): string[] {
  if (shapeOf(shape).blank === 'half-disc') {
    const discs = pieces === null ? '' : `: ${pieces} pieces are ${Math.ceil(pieces / 2)} discs`;
    return [`One disc makes two${discs}.`];
  }
  const of = (what: string) => `${pieces === null ? '' : `${pieces} `}${what} of ${p.mass(doughEachKg)}`;
  return FAMILY_WORDS[family].divided?.({ rounds: of('rounds'), slices: of('slices') }) ?? [];
}
