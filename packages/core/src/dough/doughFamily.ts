import { CoreError } from '../errors.js';

/** The two families of the first cut; the rest of the craft table joins here. */
export type DoughFamilyId = 'rubbed-short' | 'scalded';

/** Inclusive range. */
export interface Band {
  readonly least: number;
  readonly most: number;
}

export interface DoughFamily {
  readonly id: DoughFamilyId;
  /** Percent of flour weight. */
  readonly fatPercent: Band;
  /** Percent of flour weight, before boil-off. */
  readonly waterPercent: Band;
  readonly stiffness: Band;
  /** Rolled thickness, m. */
  readonly rolledM: Band;
  /** Usual oil, °C. */
  readonly oilC: Band;
  readonly restS: Band;
  readonly browning: number;
  /** Area stretch the wall takes before it thins dangerously. */
  readonly stretch: number;
  readonly densityKgPerM3: number;
  /** Share of the liquid boiled off before the dough is weighed. */
  readonly boilOffShare: number;
  /** Water the flour wants, when the family sets it rather than the flour (scalding gels starch). */
  readonly absorption: number | null;
}

/** Figures: the craft table and models.md §2 and §4; our own working bands. */
export const DOUGH_FAMILIES: readonly DoughFamily[] = [
  {
    id: 'rubbed-short',
    fatPercent: { least: 12, most: 28 },
    waterPercent: { least: 32, most: 45 },
    stiffness: { least: 6.2, most: 8 },
    rolledM: { least: 0.0015, most: 0.003 },
    oilC: { least: 140, most: 165 },
    restS: { least: 900, most: 2400 },
    browning: 0.9,
    stretch: 0.09,
    densityKgPerM3: 1175,
    boilOffShare: 0,
    absorption: null,
  },
  {
    id: 'scalded',
    fatPercent: { least: 5, most: 22 },
    waterPercent: { least: 105, most: 210 },
    stiffness: { least: 3.5, most: 5.5 },
    rolledM: { least: 0.002, most: 0.003 },
    oilC: { least: 168, most: 182 },
    // Used warm: the rest is only what it takes to knead and cover.
    restS: { least: 300, most: 1200 },
    browning: 0.8,
    stretch: 0.14,
    densityKgPerM3: 1160,
    boilOffShare: 0.08,
    absorption: 1.0,
  },
];

/** @throws CoreError UNKNOWN_NAME */
export function doughFamily(id: string): DoughFamily {
  const found = DOUGH_FAMILIES.find((family) => family.id === id);
  if (!found) throw new CoreError('UNKNOWN_NAME', 'dough.family', `There is no dough family "${id.slice(0, 40)}".`);
  return found;
}
