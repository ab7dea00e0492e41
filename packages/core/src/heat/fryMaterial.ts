import { requireWithin } from '../errors.js';

/** Latent heat of boiling water at 100 °C, J/kg. */
export const BOILING_LATENT_J_PER_KG = 2.257e6;
/** Latent heat of melting ice, J/kg. */
export const MELTING_LATENT_J_PER_KG = 3.34e5;
/** Heat capacity of liquid water, J/kg K. */
export const WATER_CP = 4190;
/** Heat capacity of ice, J/kg K. */
export const ICE_CP = 2100;
/** Water held by salts and sugar melts a little under zero. */
export const MELTING_C = -1.5;

/** What one cubic metre of dough or filling is made of, as the oil sees it. */
export interface FryMaterial {
  /** Dry matter, fat included, kg/m³. */
  readonly dryKgPerM3: number;
  /** Water, kg/m³; 0 makes a material that never boils or freezes. */
  readonly waterKgPerM3: number;
  /** Heat capacity of the dry matter, J/kg K. */
  readonly dryCp: number;
  /** Conductivity with all water in place, W/m K; of a proofed dough at 20 °C. */
  readonly wetConductivity: number;
  /** Share of bubbles: steam in them carries heat the better the hotter it is; absent: none. */
  readonly gasShare?: number;
  /** Conductivity once the free water has left, W/m K. */
  readonly dryConductivity: number;
  /** Water that can leave as steam, kg/m³; past it the cell heats over the boiling point. */
  readonly ventableKgPerM3: number;
}

const WET_K = 0.4;
const GAS_R = 8.314_46;
const WATER_KG_PER_MOL = 0.018_015;
const AIR_K = 0.026;
const PASCAL = 101_325;

/**
 * Conductivity of a wet dough with bubbles, W/m K: Maxwell's law for spheres in dough, steam
 * crossing each bubble from its warm side to its cold one (vapour diffusion, saturation after
 * Magnus). Source: textbook laws, docs/models/frying.md; at a share of 0.44 about 0.24 at 20 °C,
 * 0.48 at 60, 1.0 at 90.
 *
 * @param gasShare of bubbles, 0–0.7
 * @param tempC −40–99; under freezing as at 0
 * @example foamConductivity(0.44, 60) // 0.5
 */
export function foamConductivity(gasShare: number, tempC: number): number {
  const c = Math.min(98.5, Math.max(0, tempC));
  const k = c + 273.15;
  const steamPa = 610.94 * Math.exp((17.625 * c) / (c + 243.04));
  const slope = (steamPa * 17.625 * 243.04) / (c + 243.04) ** 2;
  const diffusion = 2.2e-5 * (k / 273) ** 1.81;
  const crossing =
    (BOILING_LATENT_J_PER_KG * diffusion * WATER_KG_PER_MOL * slope * PASCAL) / (GAS_R * k) / (PASCAL - steamPa);
  // Past a few times the dough's own, what the bubble carries is set by the dough between.
  const bubble = Math.min(20, AIR_K + crossing);
  const [more, less] = [bubble + 2 * WET_K, bubble - WET_K];
  return (WET_K * (more + 2 * gasShare * less)) / (more - gasShare * less);
}

/**
 * Dough: all water but the bound 0.04 kg per kg dry can leave; conductivity falls
 * from 0.40 wet to 0.13 dry. Source: docs/models/frying.md, our own working values.
 *
 * @param densityKgPerM3 1150–1200 for unproofed dough, that over its rise for a proofed one (500–1300)
 * @param waterShare water by mass, 0–0.8
 * @param rise volume over that before proofing, 1–2.5
 * @throws CoreError OUT_OF_RANGE, NOT_A_NUMBER
 * @example doughMaterial(1175, 0.28).waterKgPerM3 // 329
 */
export function doughMaterial(densityKgPerM3: number, waterShare: number, rise = 1): FryMaterial {
  requireWithin(rise, 1, 2.5, 'rise');
  requireWithin(densityKgPerM3, 500, 1300, 'densityKgPerM3');
  requireWithin(waterShare, 0, 0.8, 'waterShare');
  const water = densityKgPerM3 * waterShare;
  const dry = densityKgPerM3 - water;
  return {
    dryKgPerM3: dry,
    waterKgPerM3: water,
    dryCp: 1700,
    wetConductivity: rise > 1 ? foamConductivity(1 - 1 / rise, 20) : WET_K,
    // Dry bubbles carry next to nothing.
    dryConductivity: 0.13 / rise,
    ...(rise > 1 && { gasShare: 1 - 1 / rise }),
    ventableKgPerM3: Math.max(0, water - 0.04 * dry),
  };
}

/**
 * Filling: boils and vents at most 15 % of its water through the shell.
 *
 * @param densityKgPerM3 950–1080 by type (500–1300)
 * @param waterShare water by mass, 0–0.97
 * @throws CoreError OUT_OF_RANGE, NOT_A_NUMBER
 * @example fillingMaterial(1000, 0.7).ventableKgPerM3 // 105
 */
export function fillingMaterial(densityKgPerM3: number, waterShare: number): FryMaterial {
  requireWithin(densityKgPerM3, 500, 1300, 'densityKgPerM3');
  requireWithin(waterShare, 0, 0.97, 'waterShare');
  const water = densityKgPerM3 * waterShare;
  return {
    dryKgPerM3: densityKgPerM3 - water,
    waterKgPerM3: water,
    dryCp: 1900,
    wetConductivity: 0.5,
    dryConductivity: 0.5,
    ventableKgPerM3: 0.15 * water,
  };
}

/** What lies between two layers of dough, m²K/W: a film of oil and flour, and the steam it opens into. Our own. */
const BETWEEN_LAYERS = { wet: 1e-3, dry: 3e-3 } as const;
/** Rings of a coil stand on edge: heat runs along dough and fat dough side by side. Our own. */
const COIL = { wet: 0.85, dry: 0.85 } as const;

/**
 * The same dough in layers, one over the other: what lies between them adds to the resistance
 * of the wall, spread over it. One layer is the dough itself.
 *
 * @param wallM all layers together, m, over 0
 * @param layers 1–40, fractions where some of the wall has one more than the rest
 * @throws CoreError OUT_OF_RANGE, NOT_A_NUMBER
 */
export function layeredShell(dough: FryMaterial, wallM: number, layers: number): FryMaterial {
  requireWithin(layers, 1, 40, 'layers');
  requireWithin(wallM, 1e-5, 0.2, 'wallM');
  const through = (conductivity: number, between: number) => wallM / (wallM / conductivity + (layers - 1) * between);
  return {
    ...dough,
    wetConductivity: through(dough.wetConductivity, BETWEEN_LAYERS.wet),
    dryConductivity: through(dough.dryConductivity, BETWEEN_LAYERS.dry),
  };
}

/** A shell of two doughs rolled, coiled and cut: its rings are fat dough in turn. */
export function coiledShell(dough: FryMaterial): FryMaterial {
  return {
    ...dough,
    wetConductivity: COIL.wet * dough.wetConductivity,
    dryConductivity: COIL.dry * dough.dryConductivity,
  };
}
