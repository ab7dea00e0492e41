export type DoughFamilyId =
  | 'shortcrust'
  | 'wholemeal'
  | 'hot-oil'
  | 'coiled'
  | 'hot-water'
  | 'flaky'
  | 'egg-butter'
  | 'soft-quick'
  | 'yeast'
  | 'rice-starch'
  | 'thin-sheet';

export type CoolingPlace = 'room' | 'fridge' | 'ice-bath' | 'freezer';

/** What in a filling is raw when it is folded in; fillings of cooked parts have none. */
export type RawPart = 'poultry' | 'minced-meat' | 'fish' | 'egg' | 'vegetables';

/** Cold as the fridge; or in shaped portions, frozen outside and soft in the middle. */
export type FillingState = 'fridge' | 'part-frozen';

/** How a filling loses its water: in the pan, as juice reduced apart, squeezed out, or not at all but bound. */
export type FillingMethod = 'pan' | 'strain' | 'squeeze' | 'thicken';

/**
 * How a piece lies in the oil and is moved while it fries. Held under: all skin in oil. Once and
 * each minute: it floats and is turned. Basted: floats, hot oil is ladled over it, turned once.
 * Half-depth: stands in oil to its middle, turned once.
 */
export type TurnMethod = 'held-under' | 'once' | 'each-minute' | 'basted' | 'half-depth';

export const TURN_METHODS: readonly TurnMethod[] = ['each-minute', 'once', 'basted', 'held-under', 'half-depth'];

/** How a piece comes to the oil; tempered: frozen, then 20 min on paper. */
export type StartState = 'room' | 'fridge' | 'frozen' | 'tempered';

export type WetCoatingId = 'none' | 'water' | 'egg' | 'milk' | 'slurry';

export type DryCoatingId = 'none' | 'crumb' | 'semolina' | 'sesame' | 'poppy';

/** Wet, then dry; once or twice. */
export interface CoatingChoices {
  readonly wet: WetCoatingId;
  readonly dry: DryCoatingId;
  readonly double: boolean;
}

export const NO_COATING: CoatingChoices = { wet: 'none', dry: 'none', double: false };

/** How a flat rim is finished. */
export type EdgeId = 'plain' | 'fork' | 'rope' | 'mould';

/** A point of an outline, m. */
export type Point = readonly [number, number];

export type ShapeId =
  | 'half-moon'
  | 'two-discs'
  | 'square-parcel'
  | 'strip-triangle'
  | 'cone'
  | 'flat-triangle'
  | 'roll'
  | 'ball'
  | 'pouch'
  | 'oval'
  | 'teardrop'
  | 'whole-core'
  | 'cup'
  | 'puffed-bread'
  | 'own-cutter';

/** What is brushed on the rim before it is closed. */
export type SealWith = 'none' | 'water' | 'flour-paste' | 'starch-slurry' | 'egg' | 'milk';

/** How the seam is made and kept until the oil. */
export interface SealChoices {
  readonly sealWith: SealWith;
  /** Bench flour is left on the rim. */
  readonly flouredRim: boolean;
  /** Pinched once more just before frying. */
  readonly finalPinch: boolean;
  /** Air is pressed out from the middle to the ends. */
  readonly airPressed: boolean;
  /** Waiting discs lie under a damp cloth. */
  readonly covered: boolean;
  /** How long a rolled disc waits for its filling, s, 0–7200. */
  readonly waitS: number;
}

/** What most cooks do without being asked. */
export const USUAL_SEAL: SealChoices = {
  sealWith: 'water',
  flouredRim: false,
  finalPinch: true,
  airPressed: false,
  covered: true,
  waitS: 600,
};

/** What makes a seam open: each multiplies the index; 1 is as usual, above is worse. */
export type BurstCauseId =
  | 'fill'
  | 'air'
  | 'wall'
  | 'wet'
  | 'seal'
  | 'floured'
  | 'dried'
  | 'no-pinch'
  | 'edge'
  | 'narrow';

/** Oil that rises on purpose while a load is in it: °C at its end, and s from the drop until then. */
export interface OilRamp {
  readonly outC: number;
  readonly overS: number;
}
