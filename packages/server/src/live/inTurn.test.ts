import fc from 'fast-check';
import { InTurn } from './inTurn.js';

test('what is asked under one name is done in that order, alone, whatever fails; names do not wait for each other', async () => {
  const asks = fc.array(fc.record({ name: fc.constantFrom('a', 'b', 'c'), turns: fc.nat(5), fails: fc.boolean() }));
  await fc.assert(
    fc.asyncProperty(asks, async (all) => {
      const turns = new InTurn();
      const doing = new Set<string>();
      const began: number[] = [];
      const answers = await Promise.allSettled(
        all.map(({ name, turns: takes, fails }, i) =>
          turns.run(name, async () => {
            expect(doing.has(name)).toBe(false);
            doing.add(name);
            began.push(i);
            for (let turn = 0; turn < takes; turn++) await null;
            doing.delete(name);
            if (fails) throw new Error(`no ${i}`);
            return i;
          }),
        ),
      );
      for (const name of ['a', 'b', 'c']) {
        const own = began.filter((i) => all[i]!.name === name);
        expect(own).toEqual([...own].sort((x, y) => x - y));
      }
      expect(began).toHaveLength(all.length);
      expect(answers.map((one) => (one.status === 'fulfilled' ? one.value : String(one.reason)))).toEqual(
        all.map(({ fails }, i) => (fails ? `Error: no ${i}` : i)),
      );
      await null;
      expect(turns.busy).toBe(0);
    }),
  );
  // One that never ends holds up nobody of another name.
  const turns = new InTurn();
  void turns.run('a', () => new Promise(() => undefined));
  expect(await turns.run('b', async () => 1)).toBe(1);
});
