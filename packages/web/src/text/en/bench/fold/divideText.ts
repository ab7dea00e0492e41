import type { DoughFamilyId, ShapeId } from '@ember-fold/core/plan';
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
  const each = p.mass(doughEachKg);
  const rounds = pieces === null ? `rounds of ${each}` : `${pieces} rounds of ${each}`;
  if (shape === 'cone' || shape === 'flat-triangle') {
    const discs = pieces === null ? '' : `: ${pieces} pieces are ${Math.ceil(pieces / 2)} discs`;
    return [`One disc makes two${discs}.`];
  }
  switch (family) {
    case 'thin-sheet':
      return [
        `Divide the dough into ${rounds} and roll each as wide as your hand.`,
        'Brush them with oil, dust them with flour, stack up to eight, and roll the stack out together.',
        'Cook the stack in a dry pan for 10 to 15 seconds a side. Peel the sheets apart while they are warm, and keep them under a cloth.',
      ];
    case 'coiled':
      return [
        `Roll the coil to an even log and slice it into ${pieces === null ? `slices of ${each}` : `${pieces} slices of ${each}`}.`,
        'Lay each slice flat with its rings facing up, and roll it out from the middle.',
      ];
    case 'soft-quick':
    case 'rice-starch':
      return [`Weigh ${rounds}, cover them, and press each flat by hand.`];
    case 'yeast':
      return [`Weigh ${rounds} and let them rest under a cloth before you roll.`];
    default:
      return [];
  }
}
