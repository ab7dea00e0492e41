import type { PlannedTray } from '@ember-fold/core/plan';
import type { SupperPart } from '@ember-fold/core/supper';

/** A batch as it is planned, with its part in a supper. */
export interface Planned {
  readonly name: string;
  readonly trays: readonly PlannedTray[];
  readonly part: SupperPart;
}

/** Batches that are planned, by their ids. */
export type Plans = Readonly<Record<string, Planned>>;

/** Parts of the given batches; `null` until each of them is planned. */
export function partsOf(plans: Plans, ids: readonly string[]): readonly SupperPart[] | null {
  const parts = ids.flatMap((id) => plans[id]?.part ?? []);
  return parts.length === ids.length ? parts : null;
}
