import { openStation, plannedBatch, screen, settled, user } from '../../testing/page';

it('opens', async () => {
  const t0 = performance.now();
  const id = await plannedBatch('Follows', 24);
  const before = await openStation(id, 'fold');
  console.log(before, performance.now() - t0);
  for (const n of ['48', '30', '36']) {
    const t1 = performance.now();
    const box = screen.getByRole('textbox', { name: 'Pieces' });
    const t2 = performance.now();
    await user.clear(box); await user.type(box, n);
    const t3 = performance.now();
    console.log(await settled(), t2 - t1, t3 - t2, performance.now() - t3);
  }
});
