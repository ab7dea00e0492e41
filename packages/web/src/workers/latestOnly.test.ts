import fc from 'fast-check';
import { latestOnly } from './latestOnly';

it('answers the newest ask, tells the others that they were overtaken, and runs one at a time', async () => {
  await fc.assert(
    fc.asyncProperty(
      fc.array(fc.record({ wait: fc.nat(3), fails: fc.boolean() }), { minLength: 1, maxLength: 12 }),
      async (asks) => {
        let running = 0;
        const ask = latestOnly(async (i: number) => {
          running += 1;
          expect(running).toBe(1);
          await new Promise((resolve) => setTimeout(resolve, 1));
          running -= 1;
          if (asks[i]!.fails) throw new Error(`ask ${i}`);
          return i;
        });
        const answers = [];
        for (const [i, { wait }] of asks.entries()) {
          answers.push(
            ask(i).then(
              (value) => value,
              (cause: Error) => cause.message,
            ),
          );
          for (let w = 0; w < wait; w++) await new Promise((resolve) => setTimeout(resolve, 0));
        }
        const got = await Promise.all(answers);
        const last = asks.length - 1;
        expect(got[last]).toBe(asks[last]!.fails ? `ask ${last}` : last);
        got.forEach((value, i) => expect([null, i, `ask ${i}`]).toContain(value));
      },
    ),
    { numRuns: 40 },
  );
});

it('takes up work again after a failure', async () => {
  let broken = true;
  const ask = latestOnly(async (n: number) => {
    if (broken) throw new Error('no');
    return n;
  });
  await expect(ask(1)).rejects.toThrow('no');
  broken = false;
  await expect(ask(2)).resolves.toBe(2);
});
