import type { Kitchen, NamedPot, PotOil } from './kitchen.js';

/**
 * The other pot of this name, as a batch names it; `null`: the kitchen's own, also when the one it names is gone.
 * @example potOf(undefined, kitchen) // null
 */
export function potOf(pot: string | undefined, kitchen: Pick<Kitchen, 'otherPots'>): NamedPot | null {
  return kitchen.otherPots?.find(({ name }) => name === pot) ?? null;
}

/**
 * The kitchen for a batch fried in another of its pots: that pot takes the main pot's place, with its own burner and oil.
 * @param oil kept oil in that pot; `null`: fresh
 * @example kitchenAtPot(kitchen, null, null).pot.settings // 9
 */
export function kitchenAtPot(kitchen: Kitchen, taken: NamedPot | null, oil: PotOil | null): Kitchen {
  if (!taken) return kitchen;
  // What the kitchen's own pot holds is not in this one.
  const { potOil: _oil, potOilId: _id, ...rest } = kitchen;
  return { ...rest, pot: taken.pot, potName: taken.name, ...(oil && { potOilId: oil.id, potOil: oil }) };
}
