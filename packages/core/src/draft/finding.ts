// Over 300 lines: one list of all findings, with what each of them knows.
import type { BurstCauseId, DoughFamilyId } from './choices.js';

/** Four kinds, each with its own shape and word on screen. */
export type FindingTone = 'good' | 'look-out' | 'stop' | 'know';
export type Station = 'dough' | 'filling' | 'fold' | 'fry' | 'serve';

type Nothing = Readonly<Record<never, never>>;
/** How many fail, and how many are right. */
type Shares = { readonly share: number; readonly right: number };

/** What each finding knows: SI, the unit in the name, °C; `percent` and `points` of the flour or filling, `share` 0–1. */
interface FindingValues {
  'dough.no-flour': Nothing;
  'dough.firm': { readonly stiffness: number; readonly least: number; readonly most: number };
  'dough.too-stiff': { readonly stiffness: number; readonly waterKg: number };
  'dough.too-slack': { readonly stiffness: number; readonly waterKg: number; readonly flourKg: number };
  'dough.fist-holds': { readonly percent: number };
  'dough.fist-crumbles': { readonly percent: number; readonly moreKg: number };
  'dough.fist-fails': { readonly percent: number; readonly moreKg: number };
  'dough.fat-outside': {
    readonly percent: number;
    readonly least: number;
    readonly most: number;
    readonly moreKg: number;
  };
  'dough.water-outside': {
    readonly percent: number;
    readonly least: number;
    readonly most: number;
    readonly moreKg: number;
  };
  'dough.sugar-outside': {
    readonly percent: number;
    readonly least: number;
    readonly most: number;
    readonly moreKg: number;
  };
  'dough.salt-high': { readonly percent: number; readonly usual: number; readonly lessKg: number };
  'dough.hold-back': { readonly firstKg: number; readonly reserveKg: number; readonly spoonPoints: number };
  'dough.butter-water': { readonly butterKg: number; readonly waterKg: number };
  'dough.boil-off': { readonly waterKg: number; readonly massKg: number };
  'dough.egg-water': { readonly waterKg: number; readonly points: number };
  'dough.bran-drinks': { readonly points: number; readonly waterKg: number; readonly waitS: number };
  'dough.no-stretch': { readonly percent: number; readonly mostPercent: number };
  'dough.edge-cracks': Nothing;
  'dough.no-yeast': { readonly yeastKg: number };
  'dough.sugar-slows': { readonly percent: number };
  'dough.yeast-much': { readonly percent: number; readonly least: number; readonly most: number };
  'dough.no-second': Nothing;
  'dough.part-ratio': { readonly ratio: number; readonly least: number; readonly most: number };
  'dough.other-family': { readonly family: DoughFamilyId };
  'dough.pour-at': { readonly waterC: number; readonly doughC: number };
  'dough.pour-ice': { readonly iceKg: number; readonly doughC: number };
  'dough.pour-hot': { readonly waterC: number; readonly mostC: number };
  'dough.liquid-kills': { readonly liquidC: number; readonly mostC: number };
  'dough.liquid-hot': { readonly liquidC: number; readonly mostC: number; readonly share: number };
  'dough.liquid-cold': { readonly liquidC: number; readonly leastC: number; readonly mostC: number };
  'dough.mixed': { readonly doughC: number; readonly wantedC: number; readonly measured: boolean };
  'dough.rise': {
    readonly soonestS: number;
    readonly doubleS: number;
    readonly latestS: number;
    readonly roomC: number;
  };
  'dough.rise-never': { readonly roomC: number; readonly withinS: number };
  'dough.rise-fridge': { readonly doubleS: number; readonly fridgeC: number; readonly keeps: boolean };
  'dough.bloom': {
    readonly yeastKg: number;
    readonly liquidKg: number;
    readonly leastC: number;
    readonly mostC: number;
    readonly leastS: number;
    readonly mostS: number;
  };
  'dough.proof': { readonly doubleS: number; readonly proofS: number; readonly place: 'room' | 'fridge' };
  'dough.portion-small': { readonly portionKg: number; readonly eachKg: number };
  'dough.cold-firm': { readonly stiffness: number; readonly fridgeC: number };
  'filling.empty': Nothing;
  'filling.room-warm': { readonly roomC: number; readonly fridgeC: number };
  'filling.none': Nothing;
  'filling.sweet': { readonly percent: number };
  'filling.salt-right': { readonly percent: number; readonly least: number; readonly most: number };
  'filling.salt-low': { readonly percent: number; readonly least: number; readonly saltKg: number };
  'filling.salt-high': { readonly percent: number; readonly most: number; readonly saltKg: number };
  'filling.salt-parts': { readonly partsKg: number; readonly saltKg: number };
  'filling.cook-dry': { readonly targetKg: number; readonly withPanKg: number; readonly boiledKg: number };
  'filling.strain': { readonly juiceKg: number; readonly reducedKg: number };
  'filling.juice-short': { readonly juiceKg: number; readonly boiledKg: number };
  'filling.squeeze': { readonly targetKg: number; readonly withPanKg: number; readonly boiledKg: number };
  'filling.boil-clear': Nothing;
  'filling.thick': { readonly freeKg: number; readonly share: number };
  'filling.loose': { readonly freeKg: number; readonly share: number };
  'filling.runs': { readonly freeKg: number; readonly share: number };
  'filling.cooked-today': { readonly targetC: number };
  'filling.cooked': { readonly targetC: number };
  'filling.raw': { readonly targetC: number };
  'filling.raw-unsaid': { readonly targetC: number };
  'filling.raw-vegetables': { readonly targetC: number };
  'filling.ice': { readonly iceKg: number };
  'filling.ahead-keeps': { readonly days: number; readonly most: number };
  'filling.ahead-long': { readonly days: number; readonly most: number };
  'filling.ahead-slow': { readonly to5S: number; readonly targetC: number; readonly limitS: number };
  'filling.spoon': { readonly eachKg: number; readonly eachM3: number };
  'filling.cool-safe': {
    readonly to21S: number;
    readonly foldS: number;
    readonly depthM: number;
    readonly targetC: number;
  };
  'filling.cool-slow': {
    readonly to21S: number;
    readonly depthM: number;
    readonly targetC: number;
    readonly fromC: number;
    readonly limitS: number;
  };
  'filling.cool-split': { readonly splitS: number; readonly savedS: number; readonly dishes: number };
  'filling.too-deep': { readonly depthM: number; readonly massKg: number; readonly mostM: number };
  'fold.impossible': Nothing;
  'fold.holds': { readonly fill: number; readonly spareKg: number; readonly overKg: number; readonly moreKg: number };
  'fold.tight': { readonly fill: number; readonly spareKg: number; readonly overKg: number; readonly moreKg: number };
  'fold.bursts': { readonly fill: number; readonly spareKg: number; readonly overKg: number; readonly moreKg: number };
  'fold.plain': Nothing;
  'fold.puffs': { readonly highM: number; readonly fill: number };
  'fold.stays-flat': { readonly highM: number; readonly fill: number };
  'fold.enough': { readonly fillingKg: number; readonly doughKg: number };
  'fold.bready': { readonly fill: number; readonly spareKg: number; readonly overKg: number; readonly moreKg: number };
  'fold.wall-thin': { readonly crownM: number; readonly seamM: number; readonly sealM: number };
  'fold.wall': { readonly crownM: number; readonly seamM: number; readonly sealM: number };
  'fold.gathered': {
    readonly wallM: number;
    readonly centreM: number;
    readonly rimM: number;
    readonly rolledM: number;
    readonly crownM: number;
    readonly sideM: number;
    readonly knotM: number;
  };
  'fold.part-frozen': { readonly firmS: number; readonly eachKg: number };
  'fold.knot': { readonly knotKg: number };
  'fold.dough-left': { readonly doughKg: number; readonly extra: number };
  'fold.dough-short': { readonly doughKg: number; readonly fewer: number };
  'fold.filling-left': { readonly fillingKg: number };
  'fold.filling-short': { readonly fillingKg: number };
  'fold.even': Nothing;
  'fold.thickness-outside': { readonly rolledM: number; readonly leastM: number; readonly mostM: number };
  'fold.seam': { readonly share: number; readonly index: number; readonly open: number };
  'fold.edge-narrow': { readonly sealM: number; readonly leastM: number };
  'fold.coating': {
    readonly coatingKg: number;
    readonly thicknessM: number;
    readonly browning: number;
    readonly restS: number;
  };
  'fold.coating-falls': Nothing;
  'fold.wash': { readonly coatingKg: number; readonly thicknessM: number; readonly browning: number };
  'fry.unsafe-oil': { readonly oilC: number; readonly limitC: number };
  'fry.cooked': { readonly doneS: number; readonly spareS: number; readonly coreC: number; readonly biteC: number };
  'fry.rests': { readonly fromC: number; readonly toC: number; readonly restS: number };
  'fry.raw-ring': { readonly interfaceC: number; readonly setS: number | null };
  'fry.warm': { readonly coreC: number; readonly hotC: number };
  'fry.core-cold': { readonly coreC: number; readonly targetC: number; readonly coreS: number | null };
  /** Too many of the pieces made by hand fail; shares of 1. */
  'fry.some-unsafe': { readonly share: number; readonly targetC: number };
  'fry.some-raw': Shares;
  'fry.some-pale': Shares;
  'fry.some-dark': Shares;
  'fry.no-moment': { readonly oilC: number; readonly darkS: number; readonly doneS: number | null };
  'fry.never-done': { readonly oilC: number; readonly horizonS: number };
  'fry.brown': { readonly colour: number; readonly darkS: number | null };
  'fry.pale': { readonly colour: number; readonly goldenS: number | null };
  'fry.dark': { readonly colour: number; readonly darkS: number | null; readonly soonerS: number | null };
  'fry.golden': { readonly goldenS: number | null };
  'fry.window': { readonly fromS: number; readonly toS: number };
  'fry.no-window': { readonly fromS: number; readonly toS: number };
  'fry.burner': {
    readonly holdSetting: number;
    readonly loadSetting: number;
    readonly warmS: number;
    readonly turnAtC: number;
    readonly restC: number;
    readonly mostC: number;
  };
  'fry.burner-weak': Nothing;
  'fry.load-holds': {
    readonly size: number;
    readonly lowestC: number;
    readonly leastC: number;
    readonly underS: number;
  };
  'fry.load-deep': {
    readonly size: number;
    readonly lowestC: number;
    readonly leastC: number;
    readonly underS: number;
  };
  'fry.ramp': { readonly fromC: number; readonly toC: number; readonly overS: number; readonly coolS: number | null };
  'fry.pipeline': {
    readonly size: number;
    readonly everyS: number;
    readonly lowestC: number;
  };
  'fry.then-oven': {
    readonly ovenC: number;
    readonly minutesS: number;
    readonly coreC: number;
    readonly biteC: number;
  };
  'fry.then-oven-never': { readonly ovenC: number };
  'fry.then-oven-cold': { readonly minutesS: number; readonly coreC: number; readonly targetC: number };
  'fry.then-oven-raw': { readonly minutesS: number; readonly interfaceC: number };
  'fry.then-oven-dark': { readonly minutesS: number; readonly ovenC: number };
  'fry.crisp': { readonly ovenC: number; readonly minutesS: number; readonly sheets: number };
  'fry.crisp-never': { readonly ovenC: number };
  'fry.crisp-dark': { readonly ovenC: number; readonly minutesS: number };
  'fry.not-basted': Nothing;
  'fry.hands': { readonly size: number; readonly hands: number };
  'fry.pot-full': { readonly size: number; readonly room: number };
  'fry.pot-gone': Nothing;
  'fry.pot-over-half': {
    readonly oilAlone: number;
    readonly withLoad: number;
    readonly freeM: number;
    readonly mostAlone: number;
    readonly mostWithLoad: number;
    readonly leastFreeM: number;
  };
  'fry.oil-discard': { readonly uses: number; readonly smokeC: number };
  'fry.oil-last': { readonly uses: number; readonly smokeC: number };
  'fry.oil-strain': { readonly uses: number; readonly smokeC: number };
  'fry.oil-allergen': { readonly allergic: number };
  'fry.greasy': { readonly oilKg: number; readonly share: number; readonly leastC: number };
  'fry.coil-shut': { readonly oilC: number; readonly mostC: number };
  'fry.seam': { readonly worstS: number; readonly holdsS: number | null };
  'fry.half-depth': { readonly needM3: number; readonly haveM3: number };
  'fry.half-too-deep': { readonly needM3: number; readonly haveM3: number };
  'fry.half-too-shallow': { readonly needM3: number; readonly haveM3: number };
  'fry.oil-outside': { readonly oilC: number; readonly leastC: number; readonly mostC: number };
  'fry.frozen-wipe': Nothing;
  'fry.frozen-oil': { readonly oilC: number; readonly leastC: number; readonly mostC: number };
  'fry.thaw-raw': Nothing;
  'bake.golden': { readonly minutesS: number; readonly ovenC: number };
  'bake.pale': { readonly minutesS: number; readonly goldenS: number };
  'bake.dark': { readonly minutesS: number; readonly darkS: number };
  'bake.raw': { readonly minutesS: number; readonly doneS: number | null };
  'bake.dark-first': { readonly ovenC: number; readonly darkS: number | null; readonly doneS: number | null };
  'bake.turn': { readonly turnS: number; readonly bakes: number };
  'stored.freeze': { readonly hardS: number | null; readonly keepS: number };
  'stored.chill': { readonly coldS: number | null; readonly keepS: number };
  'stored.too-long': { readonly wantedS: number; readonly keepS: number };
  'stored.plain': Nothing;
  'serve.keeps': { readonly keepS: number; readonly place: 'tin' | 'fridge' };
  'serve.dough-waits': {
    readonly family: DoughFamilyId;
    readonly waitS: number;
    readonly mostS: number;
    readonly portions: number;
  };
  'serve.ahead': { readonly days: number; readonly upTo: 'dough' | 'pieces' };
  'serve.ahead-dough': { readonly family: DoughFamilyId; readonly days: number; readonly most: number };
  'serve.ahead-pieces': { readonly waitS: number; readonly keepS: number };
  'serve.ahead-warm': Nothing;
  'serve.on-time': { readonly startMs: number };
  'serve.in-day-plan': { readonly startMs: number; readonly decides: 'oil' | 'hands' | 'oven' | 'waits' };
  'serve.plan-risky': { readonly startMs: number; readonly lateShare: number };
  'serve.plan-late': { readonly lateS: number; readonly decides: 'oil' | 'hands' | 'oven' | 'waits' };
  'serve.to-fridge': { readonly limitMs: number };
  'serve.fridge-limit': Nothing;
  'serve.no-take-out': Nothing;
  'serve.late': { readonly lateS: number };
  'serve.hold-long': { readonly holdS: number; readonly bestS: number };
  'serve.room-limit': { readonly waitS: number; readonly limitS: number };
}

/** A seam that opens often, by what opens it. */
type OpenValues = { readonly share: number; readonly index: number; readonly open: number; readonly factor: number };
type AllValues = FindingValues & { readonly [Cause in BurstCauseId as `fold.open-${Cause}`]: OpenValues };

export type FindingCode = keyof AllValues;
export type ValuesOf<Code extends FindingCode> = AllValues[Code];

/**
 * A verdict without wording: the web's `text/` turns a code and its own values into a sentence.
 * Every threshold and temperature in a sentence comes from here.
 */
export type Finding = {
  readonly [Code in FindingCode]: { readonly code: Code; readonly tone: FindingTone; readonly values: AllValues[Code] };
}[FindingCode];

/**
 * The worst tone among findings: what the line shows for a station.
 * @example worstTone(plan.fold.findings) // 'good'
 */
export function worstTone(findings: readonly Finding[]): FindingTone {
  if (findings.some((f) => f.tone === 'stop')) return 'stop';
  if (findings.some((f) => f.tone === 'look-out')) return 'look-out';
  return 'good';
}

/** The finding of a code, with its own values; `null` where it was not found. */
export function findingOf<Code extends FindingCode>(
  findings: readonly Finding[],
  code: Code,
): Extract<Finding, { readonly code: Code }> | null {
  return (findings.find((one) => one.code === code) as Extract<Finding, { readonly code: Code }> | undefined) ?? null;
}
