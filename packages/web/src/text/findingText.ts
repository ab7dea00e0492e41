import { type BurstCauseId, type Finding, type FindingCode, type FindingTone, type ValuesOf } from '@ember-fold/core';
import { plain, type Printer } from './printer';

/** Codes whose sentences come with their stations: a batch opens on its fold. */
type HotCode = Extract<FindingCode, `${'fry' | 'bake' | 'put-by' | 'serve'}.${string}`>;
type MixCode = Extract<FindingCode, `dough.${string}` | `filling.${string}`>;
type Sentence<Code extends FindingCode> = (v: ValuesOf<Code>, p: Printer) => string;
type SentencesOf<Code extends FindingCode> = { readonly [One in Code]: Sentence<One> };
export type HotSentences = SentencesOf<HotCode>;
export type MixSentences = SentencesOf<MixCode>;

/** @example many(1, 'piece') // "1 piece" */
const many = (n: number, one: string, more = `${one}s`): string => `${plain(n, 0)} ${n === 1 ? one : more}`;

/** A share as cooks say it: one in so many. */
const oneIn = (share: number): string =>
  share > 0.4 ? 'every second piece' : `one piece in ${Math.round(1 / Math.max(share, 1e-4))}`;

/** What to do about each cause of seams that open. */
const MEND: Record<BurstCauseId, string> = {
  fill: 'The pieces are very full. Take a little less filling.',
  air: 'Air is trapped inside. Press it out from the middle to the ends.',
  wall: 'The wall is thin. Roll thicker or fill less.',
  wet: 'The filling has loose liquid. Cook it drier or thicken it.',
  glue: 'Nothing holds the rim. Brush it with water, paste or egg.',
  floured: 'Flour on the rim keeps it from sticking. Brush it clean.',
  dried: 'The rims dry while they wait. Cover the discs, fill sooner, or brush the rim.',
  'no-pinch': 'Pinch the seam once more just before frying.',
  edge: 'A forked or roped edge holds more than a plain one.',
  narrow: 'The seal is narrow. Leave a wider rim.',
};
const opens =
  (cause: BurstCauseId) =>
  ({ share }: { readonly share: number }): string =>
    `About ${oneIn(share)} will open in the oil. ${MEND[cause]}`;

/** One sentence or two for each finding: the number, then what to do about it. */
const SENTENCES: SentencesOf<Exclude<FindingCode, HotCode | MixCode>> = {
  'fold.impossible': () => 'The seal leaves no room for a pocket. Take a larger disc or a narrower seal.',
  'fold.holds': ({ spareKg }, p) => `The filling is ${p.mass(spareKg)} under what the pocket holds.`,
  'fold.tight': ({ fill, overKg }, p) =>
    `The pocket is ${p.percent(fill)} full, which is tight. ${p.mass(overKg)} less filling is safe.`,
  'fold.opens': ({ fill, overKg }, p) =>
    `The pocket is ${p.percent(fill)} full and seams will open. Take ${p.mass(overKg)} out of each piece, or a larger disc.`,
  'fold.plain': () => 'Plain pieces, without a filling.',
  'fold.puffs': ({ highM }, p) =>
    `Steam lifts it to about ${p.length(highM)}. Roll it evenly: it does not puff through a crease or a hole.`,
  'fold.stays-flat': ({ highM, fill }, p) =>
    fill > 0.5
      ? 'The filling holds the walls together: it stays flat. Use less filling for a hollow bread.'
      : `It lifts only ${p.length(highM)}: it stays flat.`,
  'fold.enough': ({ fillingKg, doughKg }, p) =>
    `${p.mass(fillingKg)} of filling in ${p.mass(doughKg)} of dough is enough for this form.`,
  'fold.bready': ({ fill, moreKg }, p) =>
    `The pocket is only ${p.percent(fill)} full: mostly dough. There is room for ${p.mass(moreKg)} more.`,
  'fold.wall-thin': ({ seamM }, p) =>
    `The wall thins to ${p.length(seamM)} at the seam and may open. Roll thicker or fill less.`,
  'fold.wall': ({ crownM, seamM, sealM }, p) =>
    `The wall is ${p.length(crownM)} at the top, ${p.length(seamM)} beside the seam and ${p.length(sealM)} where it is sealed.`,
  'fold.gathered': ({ wallM, centreM, rimM, crownM, sideM, knotM }, p) =>
    `Roll the disc ${p.length(centreM)} in the middle and ${p.length(rimM)} at the rim: the wall is then ${p.length(wallM)} all round. Rolled flat it is ${p.length(crownM)} at the top, ${p.length(sideM)} at the side and ${p.length(knotM)} at the knot.`,
  'fold.part-frozen': ({ firmS, eachKg }, p) =>
    `Shape the filling into portions of ${p.mass(eachKg)} and freeze them for ${p.span(firmS)}. They are then firm outside and soft in the middle. They close more easily and start colder.`,
  'fold.knot': ({ knotKg }, p) => `About ${p.mass(knotKg)} of dough is left at the knot. Pinch it off.`,
  'fold.dough-left': ({ doughKg, extra }, p) =>
    extra >= 1
      ? `${p.mass(doughKg)} of dough is left, enough for ${many(extra, 'more piece', 'more pieces')} or some plain ones.`
      : `${p.mass(doughKg)} of dough is left, less than one piece.`,
  'fold.dough-short': ({ doughKg, fewer }, p) =>
    `${p.mass(doughKg)} of dough is missing. Make ${many(fewer, 'fewer piece', 'fewer pieces')}, thinner discs or more dough.`,
  'fold.filling-left': ({ fillingKg }, p) => `${p.mass(fillingKg)} of filling is left. It freezes well.`,
  'fold.filling-short': ({ fillingKg }, p) => `${p.mass(fillingKg)} of filling is missing. Fill less or cook more.`,
  'fold.even': () => 'Dough and filling end together.',
  'fold.seam': ({ share }) => `About ${oneIn(share)} will open in the oil.`,
  'fold.open-fill': opens('fill'),
  'fold.open-air': opens('air'),
  'fold.open-wall': opens('wall'),
  'fold.open-wet': opens('wet'),
  'fold.open-glue': opens('glue'),
  'fold.open-floured': opens('floured'),
  'fold.open-dried': opens('dried'),
  'fold.open-no-pinch': opens('no-pinch'),
  'fold.open-edge': opens('edge'),
  'fold.open-narrow': opens('narrow'),
  'fold.edge-narrow': ({ sealM, leastM }, p) =>
    `This edge needs a rim of ${p.length(leastM)}; there is ${p.length(sealM)}. Leave more, or finish it plain.`,
  'fold.coat': ({ coatKg, thicknessM, browning, restS }, p) =>
    `The coat adds ${p.mass(coatKg)} to a piece, ${p.length(thicknessM)} thick, and browns ${plain(browning)} times as fast. Let it rest ${p.span(restS)}. Skim the oil between lots.`,
  'fold.coat-falls': () =>
    'A dry coat on dry skin falls off in the oil. Wet the pieces first: water, milk, egg or slurry.',
  'fold.wash': ({ coatKg, browning }, p) =>
    `The wash adds ${p.mass(coatKg)} to a piece and browns ${plain(browning)} times as fast.`,
  'fold.thickness-outside': ({ rolledM, leastM, mostM }, p) =>
    `The dough is rolled to ${p.length(rolledM)}. This dough is usually ${p.length(leastM)} to ${p.length(mostM)}.`,
};

/** What a finding says, from a table that has its code: each sentence gets the values of its own. */
export function sayBy(sentences: Partial<Record<FindingCode, unknown>>, finding: Finding, printer: Printer): string {
  return (sentences[finding.code] as (values: unknown, p: Printer) => string)(finding.values, printer);
}

/** Fold. */
export const foldFindingText = (finding: Finding, printer: Printer): string => sayBy(SENTENCES, finding, printer);

export const TONE_WORD: Record<FindingTone, string> = {
  good: 'good',
  'look-out': 'look out',
  stop: 'stop',
  know: 'did you know',
};
