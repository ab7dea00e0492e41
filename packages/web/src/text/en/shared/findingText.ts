import { counted } from './plural';
import type { BurstCauseId, Finding, FindingCode, FindingTone, ValuesOf } from '@ember-fold/core/plan';
import { plain, type Printer } from '../../printer';

/** Codes whose sentences are loaded with their own stations; a batch opens at Fold, so only Fold's are loaded first. */
type HotCode = Extract<FindingCode, `${'fry' | 'bake' | 'stored' | 'serve'}.${string}`>;
type MixCode = Extract<FindingCode, `dough.${string}` | `filling.${string}`>;
type Sentence<Code extends FindingCode> = (v: ValuesOf<Code>, p: Printer) => string;
type SentencesOf<Code extends FindingCode> = { readonly [One in Code]: Sentence<One> };
export type HotSentences = SentencesOf<HotCode>;
export type MixSentences = SentencesOf<MixCode>;

/** @example counted(1, 'piece') // "1 piece" */

/** A share as cooks say it: "about half", "about 1 in 40". */
const oneIn = (share: number): string =>
  share > 0.4 ? 'About half' : `About 1 in ${Math.round(1 / Math.max(share, 1e-4))}`;

/** What to do about each cause of burst seams. */
const MEND: Record<BurstCauseId, string> = {
  fill: 'The pieces are very full. Use a little less filling.',
  air: 'Air is trapped inside. Press it out from the middle to the ends.',
  wall: 'The wall is thin. Roll thicker or use less filling.',
  wet: 'The filling has loose liquid. Cook it drier or thicken it.',
  seal: 'Nothing seals the rim. Brush it with water, flour paste or egg.',
  floured: 'Flour on the rim keeps it from sticking. Brush it off.',
  dried: 'The rims dry while they wait. Cover the discs, fill them sooner, or brush the rims.',
  'no-pinch': 'Pinch the seam once more just before frying.',
  edge: 'A forked or roped edge holds more than a plain one.',
  narrow: 'The seal is narrow. Leave a wider rim.',
};
const opens =
  (cause: BurstCauseId) =>
  ({ share }: { readonly share: number }): string =>
    `${oneIn(share)} will burst in the oil. ${MEND[cause]}`;

/** One or two sentences for each finding: the figure, then what to do about it. */
const SENTENCES: SentencesOf<Exclude<FindingCode, HotCode | MixCode>> = {
  'fold.impossible': () => 'The seal leaves no room for a pocket. Use a larger disc or a narrower seal.',
  'fold.holds': ({ spareKg }, p) => `The pocket has room for ${p.mass(spareKg)} more filling.`,
  'fold.tight': ({ fill, overKg }, p) =>
    `The pocket is ${p.percent(fill)} full, which is tight. With ${p.mass(overKg)} less filling the seam is safer.`,
  'fold.bursts': ({ fill, overKg }, p) =>
    `The pocket is ${p.percent(fill)} full, and seams will burst. Use ${p.mass(overKg)} less filling in each piece, or a larger disc.`,
  'fold.plain': () => 'Plain pieces, without a filling.',
  'fold.puffs': ({ highM }, p) =>
    `Steam puffs it up to about ${p.length(highM)}. Roll it evenly: it does not puff if there is a crease or a hole.`,
  'fold.stays-flat': ({ highM, fill }, p) =>
    fill > 0.5
      ? 'The filling holds the walls together, so it stays flat. Use less filling for a hollow bread.'
      : `It puffs up to only ${p.length(highM)}, so it stays flat.`,
  'fold.enough': ({ fillingKg, doughKg }, p) =>
    `${p.mass(fillingKg)} of filling in ${p.mass(doughKg)} of dough is enough for this shape.`,
  'fold.bready': ({ fill, moreKg }, p) =>
    `The pocket is only ${p.percent(fill)} full, so the piece is mostly dough. There is room for ${p.mass(moreKg)} more.`,
  'fold.wall-thin': ({ seamM }, p) =>
    `The wall is stretched to ${p.length(seamM)} at the seam and may burst. Roll thicker or use less filling.`,
  'fold.wall': ({ crownM, seamM, sealM }, p) =>
    `The wall is ${p.length(crownM)} at the top, ${p.length(seamM)} beside the seam and ${p.length(sealM)} where it is sealed.`,
  'fold.gathered': ({ wallM, centreM, rimM, crownM, sideM, knotM }, p) =>
    `Roll the disc ${p.length(centreM)} thick in the middle and ${p.length(rimM)} at the rim: the wall is then ${p.length(wallM)} all round. If you roll it evenly, it is ${p.length(crownM)} at the top, ${p.length(sideM)} at the side and ${p.length(knotM)} at the knot.`,
  'fold.part-frozen': ({ firmS, eachKg }, p) =>
    `Shape the filling into portions of ${p.mass(eachKg)} and freeze them for ${p.span(firmS)}. They are then firm outside and soft in the middle. They are easier to wrap, but start colder in the oil.`,
  'fold.knot': ({ knotKg }, p) => `About ${p.mass(knotKg)} of dough is left at the knot. Pinch it off.`,
  'fold.dough-left': ({ doughKg, extra }, p) =>
    extra >= 1
      ? `${p.mass(doughKg)} of dough is left, enough for ${counted(extra, 'more piece', 'more pieces')} or some plain ones.`
      : `${p.mass(doughKg)} of dough is left, less than one piece.`,
  'fold.dough-short': ({ doughKg, fewer }, p) =>
    `You are ${p.mass(doughKg)} of dough short. Make ${counted(fewer, 'fewer piece', 'fewer pieces')}, thinner discs or more dough.`,
  'fold.filling-left': ({ fillingKg }, p) => `${p.mass(fillingKg)} of filling is left. It freezes well.`,
  'fold.filling-short': ({ fillingKg }, p) =>
    `You are ${p.mass(fillingKg)} of filling short. Use less in each piece or cook more.`,
  'fold.even': () => 'Dough and filling run out together.',
  'fold.seam': ({ share }) => `${oneIn(share)} will burst in the oil.`,
  'fold.open-fill': opens('fill'),
  'fold.open-air': opens('air'),
  'fold.open-wall': opens('wall'),
  'fold.open-wet': opens('wet'),
  'fold.open-seal': opens('seal'),
  'fold.open-floured': opens('floured'),
  'fold.open-dried': opens('dried'),
  'fold.open-no-pinch': opens('no-pinch'),
  'fold.open-edge': opens('edge'),
  'fold.open-narrow': opens('narrow'),
  'fold.edge-narrow': ({ sealM, leastM }, p) =>
    `This edge needs a rim of ${p.length(leastM)}, and you leave ${p.length(sealM)}. Leave more, or keep the edge plain.`,
  'fold.coating': ({ coatingKg, thicknessM, browning, restS }, p) =>
    `The coating adds ${p.mass(coatingKg)} to a piece, ${p.length(thicknessM)} thick, and browns ${plain(browning)} times as fast. Let it rest for ${p.span(restS)}. Skim the oil between loads.`,
  'fold.coating-falls': () =>
    'A dry coating on dry dough falls off in the oil. Wet the pieces first with water, milk, egg or slurry.',
  'fold.wash': ({ coatingKg, browning }, p) =>
    `The egg or milk wash adds ${p.mass(coatingKg)} to a piece and browns ${plain(browning)} times as fast.`,
  'fold.thickness-outside': ({ rolledM, leastM, mostM }, p) =>
    `The dough is rolled to ${p.length(rolledM)}. This dough is usually ${p.length(leastM)} to ${p.length(mostM)}.`,
};

/** The sentence of a finding, from the table that contains its code. */
export function sayBy(sentences: Partial<Record<FindingCode, unknown>>, finding: Finding, printer: Printer): string {
  return (sentences[finding.code] as (values: unknown, p: Printer) => string)(finding.values, printer);
}

/** The sentence of a finding of the Fold station. */
export const foldFindingText = (finding: Finding, printer: Printer): string => sayBy(SENTENCES, finding, printer);

export const TONE_WORD: Record<FindingTone, string> = {
  good: 'good',
  'look-out': 'look out',
  stop: 'stop',
  know: 'did you know',
};
