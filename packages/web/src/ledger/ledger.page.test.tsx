import type { LedgerRecord } from '@ember-fold/core/ledger';
import type { Batch } from '@ember-fold/core/plan';
import { START_CHECKS } from '@ember-fold/core/stove';
import {
  all,
  choose,
  find,
  go,
  openStation,
  plannedBatch,
  press,
  read,
  sees,
  seesNot,
  send,
  user,
  waitFor,
  within,
} from '../../testing/page';

interface Row {
  readonly id: string;
  readonly name: string;
}
const named = async (name: string) =>
  (await read<{ rows: readonly Row[] }>('/ledger?most=50')).rows.find((row) => row.name === name)!;
const rowWith = (text: string, scope: HTMLElement) =>
  waitFor(() => {
    const found = within(scope)
      .getAllByRole('row')
      .find(({ textContent }) => textContent!.includes(text));
    expect(found).toBeDefined();
    return found!.textContent!;
  });

it('side by side: what can be said of eight pieces each is said, and no more', async () => {
  const { id } = await named('Pear and ginger rounds, washed and not');
  await go(`/ledger/${id}`);
  const both = await find('region', 'Side by side');
  expect(await rowWith('Not washed', both)).toContain('pale');
  await sees('None burst on either plate, so this says nothing about the seam.', both);
  await sees('One score each is too few to say which people prefer.', both);
  expect((await read<LedgerRecord>(`/ledger/${id}`)).looks.looks.eatenFirst).toBe('B');
});

it('two records beside one another: figures against the first, one taken out', async () => {
  const { id } = await named('Squash and sage half-moons, first try');
  await go(`/ledger/${id}`);
  await user.click(await find('link', 'Compare with another'));
  await choose(/Add a record/, /^Squash and sage half-moons, summer/);
  // Its part of the page comes anew with each record.
  const beside = () => find('region', 'Compare');
  await waitFor(async () => {
    const label = (await beside()).querySelector('[aria-label^="Oil over time"]')?.getAttribute('aria-label');
    expect(label ?? '').toMatch(/half-moons, first try and .*half-moons, summer/);
  });
  expect(await rowWith('Burst', await beside())).toMatch(/10 %.*0 %/);
  expect(await rowWith('In the oil', await beside())).toMatch(/% (more|less)/);
  await press('Remove Squash and sage half-moons, first try');
  await waitFor(async () => expect(all('columnheader', undefined, await beside())).toHaveLength(1));
});

it('a test is planned: two trays that differ by one thing, judged blind, named when both are judged', async () => {
  const id = await plannedBatch('Tested', 12);
  await openStation(id, 'fold');
  // Where the figures come from is one tap away.
  await press('Where figures come from');
  await sees(/Speed of browning.*learnt/, await find('list', 'Where figures come from'));
  await user.keyboard('{Escape}');
  await press('Trays');
  await press('Plan a test');
  const sheet = await find('dialog', 'Side by side: one thing changed');
  await sees('No home batch is big enough to show that difference', sheet);
  await press('Make the two trays', sheet);
  await waitFor(async () => expect((await read<Batch>(`/batches/${id}`)).draft.test?.blind).toBe(true));
  const { draft } = await read<Batch>(`/batches/${id}`);
  expect(draft.trays.B!.pieces).toBe(draft.trays.A!.pieces);
  // Fried in one go; then nobody is told which plate is which.
  const pieces = Array.from({ length: 12 }, (_, i) => i + 1);
  await send(`/batches/${id}/stove`, { speed: 60, gate: START_CHECKS });
  await send(`/batches/${id}/stove/acts`, { id: crypto.randomUUID(), atS: 1, kind: 'drop', pieces });
  await send(`/batches/${id}/stove/acts`, { id: crypto.randomUUID(), atS: 2, kind: 'take-out', pieces });
  await send(`/batches/${id}/stove/finish`, {});
  await go(`/ledger/${id}`);
  await sees('Judge both plates first.');
  await seesNot('Press the air out');
  for (const n of [1, 2]) {
    await press('Add a score of 4', await find('region', `How did plate ${n} come out?`));
    if (n === 1) await sees('Judge both plates first.');
  }
  await seesNot('Judge both plates first.');
  const both = await find('region', 'Side by side');
  await sees('Press the air out from the fold', both);
  await sees('These scores cannot tell', both);
});
