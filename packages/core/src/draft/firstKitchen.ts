import { CUSTOMARY_MEASURES, METRIC_MEASURES } from '../quantity/units.js';
import type { Kitchen, BurnerKind } from './kitchen.js';

/** What a new kitchen is asked first. SI. */
export interface FirstAsk {
  readonly system: 'metric' | 'customary';
  readonly diameterM: number;
  readonly heightM: number;
  readonly burner: BurnerKind;
  readonly thermometer: 'some' | 'none';
  readonly altitudeM: number;
  readonly cooks: number;
}

/**
 * What is taken until the cook says: units by the language of the browser, the rest as it stands.
 * @param language such as `en-US`
 * @example firstAsk(kitchen, 'en-GB').system // 'metric'
 */
export function firstAsk(kitchen: Kitchen, language: string): FirstAsk {
  const { pot, altitudeM, cooks = 1, thermometer } = kitchen;
  return {
    system: /^en-US\b/i.test(language) ? 'customary' : 'metric',
    diameterM: pot.diameterM,
    heightM: pot.heightM,
    burner: pot.burner ?? 'gas',
    altitudeM,
    cooks,
    thermometer: thermometer ?? 'some',
  };
}

/** Oil over what a pot of this size holds to its rim: a pot is filled to a third and no more. */
const FILLED = 0.3;

/**
 * A kitchen after its first questions: units whole, pot, burner, thermometer, height, hands. Oil for the
 * pot is what fills it to a little under a third.
 * @example firstKitchen(kitchen, firstAsk(kitchen, 'en-US')).units // 'cups'
 */
export function firstKitchen(kitchen: Kitchen, ask: FirstAsk): Kitchen {
  const isUs = ask.system === 'customary';
  const { thermometer: _before, hours: _hours, ...rest } = kitchen;
  const { burnerLagS: _learnt, ...pot } = kitchen.pot;
  const isSame = pot.diameterM === ask.diameterM && pot.heightM === ask.heightM;
  const rimM3 = (Math.PI / 4) * ask.diameterM ** 2 * ask.heightM;
  const oilM3 = isSame ? pot.oilM3 : Math.min(0.02, Math.max(0.0002, Math.floor(FILLED * rimM3 * 1e5) / 1e5));
  return {
    ...rest,
    units: isUs ? 'cups' : 'grams',
    temperature: isUs ? 'F' : 'C',
    measures: isUs ? CUSTOMARY_MEASURES : METRIC_MEASURES,
    ...(isUs && { hours: 12 as const }),
    altitudeM: ask.altitudeM,
    cooks: ask.cooks,
    ...(ask.thermometer === 'none' && { thermometer: 'none' as const }),
    pot: { ...pot, diameterM: ask.diameterM, heightM: ask.heightM, burner: ask.burner, oilM3 },
  };
}
