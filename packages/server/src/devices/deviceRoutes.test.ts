import type { ScaleFigure } from '@ember-fold/core/stove';
import fc from 'fast-check';
import { readLine, scaleLine } from './readingLine.js';
import { followStream } from '../simulated/followStream.js';
import { openApp, type TestApp, until } from '../test/openApp.js';

let app: TestApp;
beforeAll(async () => {
  app = await openApp();
});
afterAll(() => app.close());

const AT = '2026-01-10T12:00:00.250Z';
const send = (lines: string, token: string) =>
  app.call('POST', '/api/devices/readings', lines, { 'content-type': 'text/plain', authorization: `Bearer ${token}` });

describe('a line', () => {
  test('of a scale is read as it was written, in any unit', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 1e9 }),
        fc.integer({ min: -49_000, max: 199_000 }),
        fc.integer({ min: 0, max: 5000 }),
        fc.boolean(),
        fc.boolean(),
        (seq, grams, tare, isSteady, isFirst) => {
          const reading = {
            device: 'bench-scale',
            seq,
            at: AT,
            value: grams / 1000,
            tareKg: tare / 1000,
            isSteady,
            isFirst,
          };
          expect(readLine(scaleLine(reading))).toEqual({ ...reading, kind: 'mass', batchId: null });
        },
      ),
    );
    expect(readLine(`s-1 1 ${AT} mass 1 oz`)).toMatchObject({ value: 0.028349523125, isSteady: false });
    expect(readLine(`p-1 1 ${AT} temperature 338 F`)).toMatchObject({ value: 170, kind: 'temperature' });
    expect(readLine(`s-1 1 ${AT} mass 2.5 kg steady colour=red`)).toMatchObject({ value: 2.5, isSteady: true });
  });

  test('of anything else says what is wrong and never throws', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 300 }), (text) => {
        expect(typeof readLine(text)).toBe('object');
      }),
    );
    for (const bad of [
      '',
      's-1 1',
      `S_1 1 ${AT} mass 1 g`,
      `s-1 -1 ${AT} mass 1 g`,
      's-1 1 yesterday mass 1 g',
      `s-1 1 ${AT} mass 1 C`,
      `s-1 1 ${AT} mass NaN g`,
      `s-1 1 ${AT} mass 1e9 g`,
      `s-1 1 ${AT} mass 999999999 g`,
      `s-1 1 ${AT} mass 1 g tare=x`,
      `s-1 1 ${AT} mass 1 constructor`,
      `s-1 1 ${AT} mass 1 g ${'x'.repeat(200)}`,
    ])
      expect(readLine(bad)).toHaveProperty('problem');
  });
});

test('a scale of one’s own: added once, its token shown once, lines taken in order, late ones told', async () => {
  const device = { id: 'bench-scale', kind: 'scale', name: 'Kitchen scale' };
  const added = await app.call('POST', '/api/devices', device);
  expect(added.status).toBe(201);
  const { token } = added.body as { token: string };
  expect((await app.call('POST', '/api/devices', device)).body).toMatchObject({ code: 'ID_TAKEN', path: 'id' });
  const list = await app.call('GET', '/api/devices');
  expect(list.body).toEqual([
    expect.objectContaining({ id: 'simulated-scale' }),
    expect.objectContaining({ id: 'simulated-stove' }),
    { ...device, clockBehindS: 0 },
  ]);
  const lines = [1, 2, 2, 5, 4].map((seq) => `bench-scale ${seq} ${AT} mass ${seq}.5 g steady`);
  const answer = await send(
    [...lines, 'nonsense', `other 9 ${AT} mass 1 g`, `bench-scale 9 ${AT} temperature 20 C`].join('\r\n'),
    token,
  );
  expect(answer.body).toMatchObject({ taken: 3, late: 2 });
  expect((answer.body.refused as { line: number }[]).map((one) => one.line)).toEqual([6, 7, 8]);
  expect((await send(`bench-scale 1 ${AT} mass 3 g first`, token)).body).toMatchObject({ taken: 1 });
  expect((await send(lines[0]!, 'f'.repeat(48))).body).toMatchObject({ code: 'BAD_TOKEN' });
  expect((await app.call('POST', '/api/devices/readings', { a: 1 })).body).toMatchObject({ code: 'NOT_LINES' });
  expect((await send(`${lines[0]!}\n`.repeat(1001), token)).body).toMatchObject({ code: 'TOO_LARGE' });
  expect((await app.call('DELETE', '/api/devices/bench-scale')).status).toBe(204);
  expect((await send(lines[0]!, token)).status).toBe(401);
  expect((await app.call('DELETE', '/api/devices/bench-scale')).body).toMatchObject({ code: 'NO_DEVICE' });
});

test('the simulated scale speaks the same lines: it swings, settles on what lies on it, and tares', async () => {
  const seen: ScaleFigure[] = [];
  const stop = new AbortController();
  void followStream(`${app.url}/api/live`, stop.signal, ({ event, data }) => {
    if (event === 'scale') seen.push((data as { figure: ScaleFigure }).figure);
  }).catch(() => undefined);
  const scale = (body: object) => app.call('POST', '/api/devices/simulated-scale', body);
  const steadyAt = (kg: number) =>
    until(async () => {
      const last = seen[seen.length - 1];
      return last && last.isSteady && Math.abs(last.value - kg) <= 0.0015 ? last : null;
    });
  // A page that looks at it keeps it awake.
  await scale({ do: 'on' });
  await steadyAt(0);
  await scale({ do: 'load', loadKg: 0.21 });
  await steadyAt(0.21);
  expect(seen.some((one) => !one.isSteady && one.value > 0.05)).toBe(true);
  await scale({ do: 'tare' });
  expect((await steadyAt(0)).tareKg).toBeCloseTo(0.21, 2);
  await scale({ do: 'load', loadKg: 0.278 });
  await steadyAt(0.068);
  expect(seen.map((one) => one.seq)).toEqual(seen.map((one) => one.seq).sort((a, b) => a - b));
  expect((await scale({ do: 'load', loadKg: 99 })).body).toMatchObject({ code: 'BAD_INPUT', path: 'loadKg' });
  expect((await scale({ do: 'dance' })).body).toMatchObject({ code: 'BAD_INPUT', path: 'do' });
  stop.abort();
});
