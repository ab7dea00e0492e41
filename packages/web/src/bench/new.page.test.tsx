import type { StoreFormula } from '@ember-fold/core/ledger';
import type { BatchDraft } from '@ember-fold/core/plan';
import { fill, find, go, press, read, sees, send, settled, tap, waitFor } from '../../testing/page';

it('an amount that no kitchen has is asked about, and is put right in the line', async () => {
  await go('/bench/new');
  await fill('The recipe', '1500000 g flour\n150 g water\n5 g salt\nfilling 400 g mushrooms');
  await sees('This is more than a home kitchen holds');
  await sees('Check the marked amount before you plan this.');
  const plan = await find('button', 'Plan this batch');
  expect(plan.hasAttribute('disabled')).toBe(true);
  await fill('The recipe', '300 g flour\n150 g water\n5 g salt\nfilling 400 g mushrooms');
  await waitFor(async () => expect((await find('button', 'Plan this batch')).hasAttribute('disabled')).toBe(false));
  await press('Clear the text');
});

it('a stored dough and two stored fillings are a batch of two trays', async () => {
  const line = (ingredientId: string, massKg: number) => ({ ingredientId, massKg });
  const store = async (name: string, body: StoreFormula['body']) =>
    expect((await send('/formulas', { id: crypto.randomUUID(), name, body })).status).toBe(201);
  for (const [name, id] of [
    ['Leeks', 'leek'],
    ['Mushrooms', 'mushroom'],
  ] as const)
    await store(name, {
      kind: 'filling',
      lines: [line(id, 0.6), line('fine-salt', 0.006)],
      cookToShare: 0.8,
      coreTargetC: 74,
    });
  await go('/bench');
  await press('New batch');
  await tap('Saved formulas');
  for (const choice of ['Leeks', 'Mushrooms', 'cone']) await tap(choice);
  await press('Plan this batch');
  await settled();
  const { draft } = await read<{ draft: BatchDraft }>(`/batches/${location.pathname.split('/')[2]}`);
  expect(Object.values(draft.trays).map(({ shape, label }) => [shape, label])).toEqual([
    ['cone', 'Leeks'],
    ['cone', 'Mushrooms'],
  ]);
  expect(draft.dough.from).toBeDefined();
  expect(Object.values(draft.fillings).map(({ lines }) => lines[0]!.ingredientId)).toEqual(['leek', 'mushroom']);
});
