import type { Line } from '../../data/draft/useLine';
import { recipeOfBatch } from '#text/store/recipeOut';
import { SaveAs } from '../../ui/controls/button/SaveAs';

/** The batch as a file: for another kitchen, for other programs, to read. */
export function SaveBatch({ line: { batch, kitchen, printer }, id }: { readonly line: Line; readonly id: string }) {
  const recipe = () => recipeOfBatch(batch, kitchen, printer, new Date().toISOString());
  return <SaveAs of="batch" id={id} name={batch.name} recipe={recipe} />;
}
