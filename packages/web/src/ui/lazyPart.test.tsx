import { act, render, screen } from '@testing-library/react';
import { Suspense } from 'react';
import { Guard } from './controls/sheet/Guard';
import { lazyPart } from './lazyPart';

beforeEach(() => jest.useFakeTimers());
afterEach(() => jest.useRealTimers());

const pass = (ms: number) => act(async () => void (await jest.advanceTimersByTimeAsync(ms)));
const server = (isThere: () => boolean) => {
  globalThis.fetch = (async () => {
    if (!isThere()) throw new TypeError('Failed to fetch');
    return { ok: true };
  }) as unknown as typeof fetch;
};

/** A part that comes from the `nth` time it is asked for on. */
function partAt(nth: number) {
  const asked = { times: 0 };
  const Part = lazyPart(async () => {
    asked.times += 1;
    if (asked.times < nth) throw new TypeError('Failed to fetch dynamically imported module');
    return { default: () => <p>the part</p> };
  });
  return { Part, asked };
}

const shown = (Part: ReturnType<typeof partAt>['Part']) =>
  render(
    <Guard instead={<p>fell over</p>}>
      <Suspense fallback={<p>waiting</p>}>
        <Part />
      </Suspense>
    </Guard>,
  );

it('is there as soon as it comes, and is asked for once', async () => {
  server(() => true);
  const { Part, asked } = partAt(1);
  shown(Part);
  await pass(0);
  expect(screen.getByText('the part')).toBeTruthy();
  await pass(60_000);
  expect(asked.times).toBe(1);
});

it('waits for as long as the server is away, and comes when it is back', async () => {
  let isThere = false;
  server(() => isThere);
  const { Part, asked } = partAt(Infinity);
  shown(Part);
  await pass(10 * 60_000);
  expect(screen.getByText('waiting')).toBeTruthy();
  expect(asked.times).toBeGreaterThan(100);
  isThere = true;
  // Its own build is gone: the server answers, and this part of it never comes.
  jest.spyOn(console, 'error').mockImplementation(() => undefined);
  await pass(20_000);
  expect(screen.getByText('fell over')).toBeTruthy();
});

it('one lost answer of a server that is there is tried again', async () => {
  server(() => true);
  const { Part } = partAt(3);
  shown(Part);
  await pass(0);
  expect(screen.getByText('waiting')).toBeTruthy();
  await pass(4200);
  expect(screen.getByText('the part')).toBeTruthy();
});

it('what falls over beside it takes nothing else with it', () => {
  jest.spyOn(console, 'error').mockImplementation(() => undefined);
  const Broken = (): never => {
    throw new Error('broken');
  };
  render(
    <>
      <Guard instead={<p>fell over</p>}>
        <Broken />
      </Guard>
      <p>the rest</p>
    </>,
  );
  expect(screen.getByText('fell over')).toBeTruthy();
  expect(screen.getByText('the rest')).toBeTruthy();
});
