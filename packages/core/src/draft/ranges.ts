import { MOST_LINE_KG } from '../ingredient/formula.js';
import type { Range } from '../numeric/range.js';

/**
 * Every range a cook's choice may lie in, once: the server refuses what is outside, fields and
 * sliders end there, planning takes all that is inside. SI; °C. Working limits, our own: wider
 * than any kitchen, narrow enough that every model answers.
 */
export const RANGES = {
  /** What a batch decides. */
  draft: {
    pieces: { least: 1, most: 2000 },
    lineKg: { least: 0, most: MOST_LINE_KG },
    pourKg: { least: 0, most: 100 },
    cookToShare: { least: 0.3, most: 1 },
    panKg: { least: 0, most: 10 },
    hotC: { least: -20, most: 110 },
    coreTargetC: { least: 63, most: 96 },
    dishes: { least: 1, most: 4 },
    aheadDays: { least: 0, most: 2 },
    /** Dough or pieces made on an earlier day. */
    madeAheadDays: { least: 1, most: 2 },
    discM: { least: 0.02, most: 0.4 },
    lengthM: { least: 0.02, most: 1.5 },
    thicknessM: { least: 0.0004, most: 0.012 },
    sealM: { least: 0.002, most: 0.04 },
    fillingEachKg: { least: 0, most: 1 },
    outline: { least: -1, most: 1 },
    waitS: { least: 0, most: 7200 },
    oilC: { least: 110, most: 200 },
    /** s from the drop until rising oil is where it is let rise to. */
    rampS: { least: 60, most: 1800 },
    minutesS: { least: 20, most: 1800 },
    loadSize: { least: 1, most: 60 },
    /** A step of one's own, s. */
    ownStepS: { least: 60, most: 86_400 },
    /** Loads the dough is made in. */
    doughPortions: { least: 1, most: 6 },
    /** Liquid as it is poured, and the dough when it is kneaded. */
    liquidC: { least: 0, most: 100 },
    mixedC: { least: 0, most: 60 },
    /** Share of the liquid that boils off while a dough is scalded. */
    boilOffShare: { least: 0, most: 0.6 },
    /** A dough as it is weighed back. */
    doughKg: { least: 0.001, most: 110 },
  },
  /** The kitchen it is cooked in. */
  kitchen: {
    roomC: { least: -10, most: 50 },
    fridgeC: { least: -5, most: 15 },
    freezerC: { least: -40, most: -5 },
    altitudeM: { least: -400, most: 5500 },
    cooks: { least: 1, most: 6 },
    fridgeTrays: { least: 0, most: 40 },
    freezerTrays: { least: 0, most: 40 },
    coolingDishes: { least: 1, most: 40 },
    cupMl: { least: 200, most: 300 },
    teaspoonMl: { least: 4, most: 6 },
    scaleStepKg: { least: 0.00001, most: 0.1 },
    reheatC: { least: 70, most: 75 },
    dishM: { least: 0.05, most: 1 },
    boardM: { least: 0.1, most: 3 },
    guests: { least: 1, most: 500 },
    mixS: { least: 0, most: 14_400 },
    cookFillingS: { least: 0, most: 28_800 },
    foldEachS: { least: 0, most: 3600 },
    serveS: { least: 0, most: 7200 },
    betweenLoadsS: { least: 0, most: 1800 },
    turnEachS: { least: 0.5, most: 30 },
  },
  /** People who eat together. */
  supper: {
    each: { least: 1, most: 20 },
    servings: { least: 1, most: 6 },
    groups: { least: 0, most: 60 },
    cooks: { least: 0, most: 6 },
    pins: { least: 0, most: 200 },
  },
  pot: {
    diameterM: { least: 0.1, most: 0.6 },
    heightM: { least: 0.05, most: 0.6 },
    massKg: { least: 0.1, most: 30 },
    oilM3: { least: 0.0002, most: 0.02 },
    smokeC: { least: 160, most: 280 },
    burnerW: { least: 300, most: 8000 },
    efficiency: { least: 0.2, most: 1 },
    settings: { least: 1, most: 20 },
    lossWPerK: { least: 0.2, most: 30 },
    probeLagS: { least: 0.5, most: 60 },
    /** Lag of the burner behind its setting, s. */
    burnerLagS: { least: 1, most: 400 },
  },
  ingredient: {
    share: { least: 0, most: 1 },
    densityKgPerM3: { least: 50, most: 3000 },
    unitKg: { least: 0.001, most: 50 },
    usedShare: { least: 0.01, most: 10 },
    pricePerKg: { least: 0, most: 10_000 },
    asInstantYeast: { least: 0.01, most: 3 },
  },
  store: {
    haveKg: { least: 0, most: 1000 },
    strength: { least: 0.1, most: 10 },
    /** Oil put into a pot, and added to what is in it. */
    filledM3: { least: 0.0002, most: 0.02 },
    addedM3: { least: 0.00001, most: 0.02 },
    panM3: { least: 0.0001, most: 0.1 },
    storedKg: { least: 0.001, most: 100 },
    timerS: { least: 1, most: 86_400 },
  },
  /** Told at the stove. */
  stove: {
    setting: { least: 0, most: 20 },
    topUpM3: { least: 0.00001, most: 0.01 },
    coreC: { least: -20, most: 120 },
    predictedC: { least: -40, most: 130 },
    oilC: { least: 0, most: 260 },
    spreadC: { least: 0, most: 60 },
    /** Pieces in one act. */
    together: { least: 1, most: 60 },
    /** A record may last for days: s since the stove was lit. */
    atS: { least: 0, most: 90 * 86_400 },
  },
  /** Other ways to cook a batch. */
  oven: {
    ovenC: { least: 150, most: 230 },
    /** Heat at the skin of this oven over the usual one's; and bakes that are kept. */
    factor: { least: 0.3, most: 3 },
    bakes: { least: 0, most: 12 },
    perTray: { least: 1, most: 60 },
    minutesS: { least: 60, most: 5400 },
  },
  weighing: {
    grossKg: { least: 0, most: 100 },
    eachKg: { least: 1e-4, most: 5 },
  },
} as const satisfies Readonly<Record<string, Readonly<Record<string, Range>>>>;

/** How long a piece is looked at in the oil, s: as long as a cook may plan it in there. */
export const FRY_HORIZON_S = RANGES.draft.minutesS.most;
