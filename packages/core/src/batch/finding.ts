import type { BurstCauseId } from '../piece/seal.js';

/** Four kinds, each with its own shape and word on screen. */
export type FindingTone = 'good' | 'look-out' | 'stop' | 'know';
export type Station = 'dough' | 'filling' | 'fold' | 'fry' | 'serve';

/**
 * A verdict without wording: the web's `text/` turns code and values into a sentence.
 * Values are SI; their names carry the unit.
 */
export interface Finding {
  readonly code: FindingCode;
  readonly tone: FindingTone;
  readonly values: Readonly<Record<string, number>>;
}

export type FindingCode =
  | 'dough.no-flour'
  | 'dough.firm'
  | 'dough.too-stiff'
  | 'dough.too-slack'
  | 'dough.fist-holds'
  | 'dough.fist-crumbles'
  | 'dough.fist-fails'
  | 'dough.fat-outside'
  | 'dough.water-outside'
  | 'dough.salt-high'
  | 'dough.hold-back'
  | 'dough.butter-water'
  | 'dough.boil-off'
  | 'dough.sugar-outside'
  | 'dough.egg-water'
  | 'dough.bran-drinks'
  | 'dough.no-stretch'
  | 'dough.edge-cracks'
  | 'dough.no-yeast'
  | 'dough.sugar-slows'
  | 'dough.yeast-much'
  | 'dough.no-second'
  | 'dough.part-ratio'
  | 'dough.other-family'
  | 'dough.pour-at'
  | 'dough.pour-ice'
  | 'dough.pour-hot'
  | 'dough.rise'
  | 'dough.rise-never'
  | 'dough.rise-fridge'
  | 'dough.bloom'
  | 'dough.proof'
  | 'dough.cold-firm'
  | 'filling.empty'
  | 'filling.sweet'
  | 'filling.salt-right'
  | 'filling.salt-low'
  | 'filling.salt-high'
  | 'filling.salt-parts'
  | 'filling.cook-dry'
  | 'filling.strain'
  | 'filling.juice-short'
  | 'filling.squeeze'
  | 'filling.boil-clear'
  | 'filling.thick'
  | 'filling.loose'
  | 'filling.runs'
  | 'filling.cooked'
  | 'filling.raw'
  | 'filling.raw-vegetables'
  | 'filling.ice'
  | 'filling.ahead-keeps'
  | 'filling.ahead-long'
  | 'filling.ahead-slow'
  | 'filling.spoon'
  | 'filling.cool-safe'
  | 'filling.cool-slow'
  | 'filling.cool-split'
  | 'filling.too-deep'
  | 'fold.impossible'
  | 'fold.holds'
  | 'fold.tight'
  | 'fold.opens'
  | 'fold.bready'
  | 'fold.wall-thin'
  | 'fold.wall'
  | 'fold.gathered'
  | 'fold.knot'
  | 'fold.dough-left'
  | 'fold.dough-short'
  | 'fold.filling-left'
  | 'fold.filling-short'
  | 'fold.even'
  | 'fold.thickness-outside'
  | 'fold.seam'
  | `fold.open-${BurstCauseId}`
  | 'fold.edge-narrow'
  | 'fold.coat'
  | 'fold.coat-falls'
  | 'fold.wash'
  | 'fry.unsafe-oil'
  | 'fry.cooked'
  | 'fry.raw-ring'
  | 'fry.core-cold'
  | 'fry.never-done'
  | 'fry.pale'
  | 'fry.dark'
  | 'fry.golden'
  | 'fry.window'
  | 'fry.no-window'
  | 'fry.burner'
  | 'fry.burner-weak'
  | 'fry.lot-holds'
  | 'fry.lot-deep'
  | 'fry.pot-full'
  | 'fry.pot-over-half'
  | 'fry.coil-shut'
  | 'fry.seam'
  | 'fry.half-depth'
  | 'fry.half-too-deep'
  | 'fry.half-too-shallow'
  | 'fry.oil-outside'
  | 'fry.frozen-wipe'
  | 'fry.frozen-oil'
  | 'fry.thaw-raw'
  | 'serve.on-time'
  | 'serve.late'
  | 'serve.hold-long'
  | 'serve.room-limit';

/** The worst tone among findings: what the line shows for a station. */
export function worstTone(findings: readonly Finding[]): FindingTone {
  if (findings.some((f) => f.tone === 'stop')) return 'stop';
  if (findings.some((f) => f.tone === 'look-out')) return 'look-out';
  return 'good';
}
