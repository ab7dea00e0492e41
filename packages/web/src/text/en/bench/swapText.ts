import type { SideEffect, Substitution } from '@ember-fold/core/plan';
import type { Printer } from '../../printer';
import { ALLERGEN_NAME } from '../shared/words';

const EFFECT: Record<SideEffect, string> = {
  'never-firms': 'It never sets: the dough has no flakes and stays soft when you roll it.',
  'needs-cold': 'It needs ice water and a cold rest.',
  'forgives-warm': 'It is easier with warm hands.',
  'less-flavour': 'It has less flavour.',
  'brings-salt': 'It contains salt: use less salt elsewhere.',
  'starts-slower': 'Dissolve it in warm liquid first.',
  'keeps-short': 'It keeps for only a few days; crumble it into the liquid.',
  'browns-more': 'Its sugar makes the crust brown sooner.',
  'browns-less': 'The crust browns later.',
  'drinks-more': 'It absorbs more water, so the water is raised. Wait 20 minutes before you add any more.',
  'drinks-less': 'It absorbs less water, so the water is lowered.',
  'stir-into-flour': 'Stir it into the flour and use water as the liquid.',
  'not-all-butter': 'This dough depends on its fat: replace part of it, not all.',
};

/** What a swap changes in the other ingredients and in the result, in short sentences. */
export function swapText({ waterChangeKg, fatChangeKg, effects, newAllergens }: Substitution, p: Printer): string {
  const change = (kg: number, what: string) =>
    Math.abs(kg) < 0.0005 ? [] : [`${p.mass(Math.abs(kg))} ${kg > 0 ? 'more' : 'less'} ${what}.`];
  return [
    ...change(waterChangeKg, 'water'),
    ...change(fatChangeKg, 'of the other fat'),
    ...effects.map((effect) => EFFECT[effect]),
    ...newAllergens.map((allergen) => `Contains ${ALLERGEN_NAME[allergen]}.`),
  ].join(' ');
}
