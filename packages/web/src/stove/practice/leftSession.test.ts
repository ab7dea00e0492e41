import type { PracticeAct } from '@ember-fold/core/stove';
import fc from 'fast-check';
import { keepSession, leftSession } from './leftSession';

const OF = { kind: 'two-pots', seed: 7 } as unknown as Parameters<typeof leftSession>[0];
const KEY = 'ember.kept.practice-left';
type Kept = NonNullable<Parameters<typeof keepSession>[1]>;

const pieces = fc.array(fc.integer({ min: 1, max: 60 }), { minLength: 1, maxLength: 6 });
const what = fc.oneof(
  fc.record({ kind: fc.constantFrom('drop', 'turn', 'take-out', 'burst', 'aside'), pieces }),
  fc.record({ kind: fc.constant('burner'), setting: fc.integer({ min: 0, max: 9 }) }),
  fc.record({ kind: fc.constantFrom('skim', 'here') }),
);
const acts = fc.array(
  fc.record({
    id: fc.uuid(),
    atS: fc.double({ min: 0, max: 1e5, noNaN: true }),
    pot: fc.integer({ min: 0, max: 3 }),
    act: what,
  }),
  { maxLength: 12 },
) as unknown as fc.Arbitrary<PracticeAct[]>;

const choices = { pace: '4', whispers: true };

beforeEach(() => localStorage.clear());

it('an session that is left comes back as it was, for just that session', () => {
  fc.assert(
    fc.property(acts, fc.double({ min: 0, max: 1e5, noNaN: true }), (all, timeS) => {
      keepSession(OF, { acts: all, timeS, choices } as unknown as Kept);
      // As text keeps it: there is no minus nought in it.
      expect(leftSession(OF)).toEqual(JSON.parse(JSON.stringify({ ...OF, acts: all, timeS, choices })));
      expect(leftSession({ ...OF, seed: 8 })).toBeNull();
      expect(leftSession({ ...OF, kind: 'late-dough' } as unknown as typeof OF)).toBeNull();
      keepSession(OF, null);
      expect(leftSession(OF)).toBeNull();
    }),
  );
});

const whole = { ...OF, acts: [{ id: 'a', atS: 1, pot: 0, act: { kind: 'drop', pieces: [1] } }], timeS: 9, choices };
it.each([
  ['half of the text', JSON.stringify(whole).slice(0, 60)],
  ['a list', '[]'],
  ['a bare word', '"left"'],
  ['no acts', JSON.stringify({ ...whole, acts: undefined })],
  ['an act without pieces', JSON.stringify({ ...whole, acts: [{ ...whole.acts[0], act: { kind: 'take-out' } }] })],
  ['an act at no moment', JSON.stringify({ ...whole, acts: [{ ...whole.acts[0], atS: null }] })],
  ['an act between two pots', JSON.stringify({ ...whole, acts: [{ ...whole.acts[0], pot: 0.5 }] })],
  ['no right moment', JSON.stringify({ ...whole, timeS: 'late' })],
  [
    'a pace that is none',
    JSON.stringify({ ...whole, choices: { pace: 'function toString() { [native code] }', whispers: true } }),
  ],
  ['no choices', JSON.stringify({ ...whole, choices: null })],
])('%s in the browser is no session, and breaks nothing', (_what, text) => {
  localStorage.setItem(KEY, text);
  expect(leftSession(OF)).toBeNull();
  localStorage.setItem(KEY, JSON.stringify(whole));
  expect(leftSession(OF)).not.toBeNull();
});
