import type { SideEffect, Substitution } from '@ember-fold/core';
import type { Printer } from './printer';
import { ALLERGEN_NAME } from './words';

const EFFECT: Record<SideEffect, string> = {
  'never-firms': 'It never firms: no flakes, and rolling stays soft.',
  'needs-cold': 'It needs ice water and a cold rest.',
  'forgives-warm': 'It forgives warm hands.',
  'less-flavour': 'It tastes of less.',
  'brings-salt': 'It brings salt: take some off.',
  'starts-slower': 'It wants waking in warm liquid first.',
  'keeps-short': 'It keeps for days only; crumble it into the liquid.',
  'browns-more': 'Its sugar browns sooner.',
  'browns-less': 'It browns later.',
  'drinks-more': 'It drinks more: the water is raised, wait 20 minutes before adding any.',
  'drinks-less': 'It drinks less: the water is lowered.',
  'stir-into-flour': 'It is stirred into the flour, and water is poured in its place.',
  'not-all-butter': 'This dough leans on its fat: swap a part of it, not all.',
};

/** What a swap changes elsewhere and what follows from it, in short sentences. */
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
