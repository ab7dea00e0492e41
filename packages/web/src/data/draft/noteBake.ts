import { type Kitchen, RANGES, type TrayDraft } from '@ember-fold/core/plan';
import { ovenSeen } from '../../workers/planClient';
import { editKitchen } from './editKitchen';

/**
 * When a bake was golden: this oven is known better from then on.
 * @returns whether any oven does that
 */
export async function noteBake(draft: TrayDraft, kitchen: Kitchen, ovenC: number, goldenS: number): Promise<boolean> {
  const factor = await ovenSeen(draft, kitchen, ovenC, goldenS);
  if (factor === null) return false;
  editKitchen((now) => ({ ...now, ovenSeen: [...(now.ovenSeen ?? []), factor].slice(-RANGES.oven.bakes.most) }));
  return true;
}
