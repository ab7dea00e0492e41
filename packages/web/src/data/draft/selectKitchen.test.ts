/** @jest-environment ./testing/browser.mjs */
import 'fake-indexeddb/auto';
import type { OilRow } from '@ember-fold/core/ledger';
import {
  type BatchDraft,
  batchOf,
  CoreError,
  DEFAULT_KITCHEN,
  type Guests,
  type Ingredient,
  INGREDIENTS,
  type Kitchen,
  newTray,
  trayOf,
  withPieces,
} from '@ember-fold/core/plan';
import type { OilState } from '@ember-fold/core/stove';
import { renderHook } from '@testing-library/react';
import { api } from '../api/api';
import { cookApi } from '../api/cookApi';
import { draftLoaded } from './draftSlice';
import { oilApi } from '../api/oilApi';
import { selectKitchen, selectKitchenFor, selectSupperOf } from './selectKitchen';
import { store } from './store';
import { storeApi } from '../api/storeApi';
import { useEdit } from './useEdit';

const oilRow = (id: string, isGone = false): OilRow => ({
  oil: { id, name: `Oil ${id}` } as unknown as OilRow['oil'],
  events: [],
  state: { isGone, smokeC: 210, uses: 3, advice: 'keep', reasons: [] } as unknown as OilState,
});
const OWN: Ingredient = { ...INGREDIENTS[0]!, id: 'own-quillhaven-rye', name: 'Quillhaven rye' };
const KITCHEN: Kitchen = {
  ...DEFAULT_KITCHEN,
  potOilId: 'kept',
  otherPots: [
    { name: 'The small one', pot: { ...DEFAULT_KITCHEN.pot, settings: 6 }, oilId: 'small' },
    { name: 'The dry one', pot: { ...DEFAULT_KITCHEN.pot, settings: 4 } },
  ] as unknown as NonNullable<Kitchen['otherPots']>,
};
const GUESTS: readonly Guests[] = [{ id: 'n', name: 'Neighbours', count: 4, eats: 'anything', allergies: ['eggs'] }];

const batchIn = (pot: string | null, supper?: string): BatchDraft => {
  const tray = newTray('Squash', 'squash-sage', 24, '2030-01-05T18:30:00Z');
  const batch = batchOf(pot === null ? tray : { ...tray, fry: { ...tray.fry, pot } });
  return supper === undefined ? batch : { ...batch, supper };
};

/** The server has told all of this. */
function tell(kitchen: Kitchen = KITCHEN, oils: readonly OilRow[] = [oilRow('kept'), oilRow('small')]): void {
  const { dispatch } = store;
  dispatch(api.util.upsertQueryEntries([{ endpointName: 'kitchen', arg: undefined, value: { kitchen, version: 1 } }]));
  dispatch(
    storeApi.util.upsertQueryEntries([
      {
        endpointName: 'ingredients',
        arg: undefined,
        value: { rows: [{ ingredient: OWN, version: 1 }], bases: [] },
      },
    ]),
  );
  dispatch(oilApi.util.upsertQueryEntries([{ endpointName: 'oils', arg: undefined, value: [...oils] }]));
  const supper = { name: 'Feast', servings: [], each: 3, guests: GUESTS };
  dispatch(
    api.util.upsertQueryEntries([
      { endpointName: 'suppers', arg: undefined, value: [{ id: 'feast', supper, version: 1 }] },
    ]),
  );
}
const kitchenFor = (batch: BatchDraft | null) => selectKitchenFor(store.getState(), batch);

beforeEach(() => void store.dispatch(api.util.resetApiState()));

it('there is no kitchen to plan in before its own ingredients are known: a draft may hold one of them', () => {
  const { dispatch } = store;
  dispatch(
    api.util.upsertQueryEntries([{ endpointName: 'kitchen', arg: undefined, value: { kitchen: KITCHEN, version: 1 } }]),
  );
  expect(selectKitchen(store.getState())).toBeNull();
  expect(kitchenFor(batchIn(null))).toBeNull();
  tell();
  expect(selectKitchen(store.getState())!.ingredients).toEqual([OWN]);
});

it('a batch is planned at its pot, with that pot’s oil, and for the guests of its supper', () => {
  tell();
  const own = kitchenFor(batchIn(null))!;
  expect([own.pot.settings, own.potOil?.id, own.guests]).toEqual([9, 'kept', KITCHEN.guests]);
  const small = kitchenFor(batchIn('The small one', 'feast'))!;
  expect([small.pot.settings, small.potOil?.id, small.guests]).toEqual([6, 'small', GUESTS]);
  const dry = kitchenFor(batchIn('The dry one'))!;
  expect([dry.pot.settings, dry.potOil, dry.potOilId]).toEqual([4, undefined, undefined]);
});

it('oil that was poured away is in no pot; a pot or a supper that is gone leaves the kitchen’s own', () => {
  tell(KITCHEN, [oilRow('kept', true)]);
  expect(kitchenFor(batchIn(null))!.potOil).toBeUndefined();
  expect(kitchenFor(batchIn('A pot that is gone'))!.pot).toEqual(KITCHEN.pot);
  expect(kitchenFor(batchIn(null, 'gone'))!.guests).toBe(KITCHEN.guests);
  expect(selectSupperOf(store.getState(), 'gone')).toBeNull();
});

it('stays the same object while nothing of it changes: nothing is planned anew for a timer', () => {
  tell();
  const batch = batchIn('The small one', 'feast');
  const before = kitchenFor(batch);
  store.dispatch(cookApi.util.upsertQueryEntries([{ endpointName: 'timers', arg: undefined, value: [] }]));
  expect(kitchenFor(batch)).toBe(before);
  expect(kitchenFor({ ...batch, eatAt: '2030-01-06T12:00:00Z' })).toBe(before);
  tell({ ...KITCHEN, roomC: 30 });
  expect(kitchenFor(batch)!.roomC).toBe(30);
});

it('an edit that core refuses changes nothing; any other fault is not hidden', () => {
  tell();
  const batch = batchIn(null);
  store.dispatch(draftLoaded({ batchId: 'one', draft: batch }));
  const { result } = renderHook(() => useEdit());
  const now = () => store.getState().draft.draft!;
  result.current('pieces', (draft) => withPieces(draft, 30));
  expect(trayOf(now(), null).pieces).toBe(30);
  const kept = now();
  result.current('pieces', () => {
    throw new CoreError('OUT_OF_RANGE', 'pieces', 'is out of range');
  });
  result.current('pieces', () => null);
  expect(now()).toBe(kept);
  expect(() =>
    result.current('pieces', () => {
      throw new TypeError('a fault of ours');
    }),
  ).toThrow('a fault of ours');
});
