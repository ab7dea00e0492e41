import { dangerOf, type DangerAsk } from './danger.js';
import { type StoveAct, stoveState } from './stoveAct.js';
import { stoveBelief } from './stoveLearning.js';
import { oilByModel } from './oilByModel.js';
import { burnerW, potAtRest, stepPot } from '../oil/pot.js';
import type { OilNow } from './oilNow.js';
import { DEFAULT_KITCHEN } from '../draft/kitchen.js';

let n = 0;
type Told = StoveAct extends infer A ? (A extends StoveAct ? Omit<A, 'id'> : never) : never;
const act = (of: Told): StoveAct => ({ id: `a${n++}`, ...of }) as StoveAct;
const burner = (atS: number, setting: number) => act({ atS, kind: 'burner', setting });
const oil = (verdict: OilNow['verdict'], probeC: number | null = 158): OilNow => ({
  probeC,
  lastC: probeC,
  verdict,
  ratePerMin: 0,
  offC: 0,
  backInS: null,
  state: null,
  forecast: [],
});
const ask = (acts: readonly StoveAct[], more: Partial<DangerAsk> = {}) =>
  dangerOf({
    state: stoveState(acts, 24),
    oil: oil('in-range'),
    pot: DEFAULT_KITCHEN.pot,
    warnC: 179,
    loadM3: 0,
    nowS: 60,
    speed: 1,
    ...more,
  });

test.each([
  ['nothing wrong', [burner(0, 5)], {}, null],
  ['at the cut', [burner(0, 5)], { oil: oil('cut-heat', 206) }, { id: 'cut-heat', act: 'burner-off' }],
  [
    'still over the cut with the heat off',
    [burner(0, 0)],
    { oil: oil('cut-heat', 206) },
    { id: 'cut-heat', act: 'here' },
  ],
  ['over the cut, heat just turned off', [burner(45, 0)], { oil: oil('cut-heat', 206) }, null],
  [
    'over the warning with the heat on',
    [burner(0, 5)],
    { oil: oil('warn', 192) },
    { id: 'too-hot', act: 'burner-off' },
  ],
  ['over the warning, heat off already', [burner(0, 0)], { oil: oil('warn', 192) }, null],
  [
    'too hot when it was last seen, then no reading with the heat on',
    [burner(0, 9)],
    { oil: { ...oil('no-reading', null), lastC: 399 } },
    { id: 'cut-heat', act: 'burner-off' },
  ],
  ['probe out of the oil', [burner(0, 9)], { oil: oil('check-probe', 60) }, { id: 'probe-out', act: 'here' }],
  ['the probe was just seen to', [burner(0, 9), act({ atS: 50, kind: 'here' })], { oil: oil('check-probe', 60) }, null],
  ['four minutes and nobody', [burner(0, 5)], { nowS: 241 }, { id: 'left-alone', act: 'here' }],
  ['somebody was there', [burner(0, 5), act({ atS: 200, kind: 'skim' })], { nowS: 241 }, null],
  ['at sixty times, four minutes by the wall', [burner(0, 5)], { nowS: 1000, speed: 60 }, null],
  ['cold oil may be left', [burner(0, 0)], { oil: oil('cold', 40), nowS: 4000 }, null],
  [
    'nobody and no probe',
    [burner(0, 5)],
    { oil: oil('no-reading', null), nowS: 241 },
    { id: 'left-alone', act: 'here' },
  ],
  [
    'topped up until it stands too high with the load in',
    [burner(0, 5), act({ atS: 1, kind: 'top-up', m3: 0.0012 })],
    { loadM3: 0.0006 },
    { id: 'level', act: 'burner-off' },
  ],
] as const)('%s', (_name, acts, more, expected) => {
  expect(ask([...acts], more as Partial<DangerAsk>)).toEqual(expected);
});

describe('what takings out teach', () => {
  const seen = (looks: 'paler' | 'as-shown' | 'darker', atS = n) => act({ kind: 'seen', atS, pieces: [1], looks });
  const belief = (acts: readonly StoveAct[]) => stoveBelief(stoveState(acts, 24));
  test('nothing seen changes nothing; paler slows, darker quickens, and what is as shown settles it', () => {
    expect(belief([])).toMatchObject({ browning: 1, coreShiftC: 0, looks: 0 });
    const paler = belief([seen('paler')]);
    expect(paler.browning).toBeLessThan(0.95);
    expect(belief([seen('darker')]).browning).toBeGreaterThan(1.05);
    const settled = belief([seen('paler'), seen('as-shown'), seen('as-shown')]);
    expect(settled.browning).toBeCloseTo(paler.browning, 9);
    expect(settled.browningSpread).toBeLessThan(paler.browningSpread);
  });
  test('a stove that browns by a factor is found from looks against what was shown', () => {
    const truth = 0.7;
    const acts: StoveAct[] = [];
    for (let takeOut = 0; takeOut < 12; takeOut++) {
      const shown = belief(acts).browning;
      const ratio = truth / shown;
      acts.push(seen(ratio < 0.86 ? 'paler' : ratio > 1.16 ? 'darker' : 'as-shown', takeOut));
    }
    expect(Math.abs(belief(acts).browning / truth - 1)).toBeLessThan(0.17);
  });
  test('measured cores shift the model; one wild reading does not run away with it; taken back counts no more', () => {
    const core = act({ kind: 'core', atS: 900, piece: 1, tempC: 70, predictedC: 78 });
    expect(belief([core]).coreShiftC).toBeCloseTo(-4, 6);
    const wild = act({ kind: 'core', atS: 901, piece: 2, tempC: 20, predictedC: 78 });
    expect(belief([wild]).coreShiftC).toBeGreaterThanOrEqual(-7.5);
    // Without what the model read then, a measured core teaches nothing.
    expect(belief([act({ kind: 'core', atS: 903, piece: 3, tempC: 70, predictedC: null })]).cores).toBe(0);
    expect(belief([core, act({ kind: 'take-back', atS: 902, actId: core.id })]).cores).toBe(0);
  });
});

test('without a probe: nothing before something was told; then the pot model from there, with a range that grows', () => {
  const { pot } = DEFAULT_KITCHEN;
  const acts = [burner(0, 9), act({ kind: 'oil', atS: 600, tempC: 150, spreadC: 8 })];
  const at = (nowS: number, more: readonly StoveAct[] = []) =>
    oilByModel([...acts, ...more], 24, pot, 21, () => 150, nowS);
  expect(oilByModel(acts.slice(0, 1), 24, pot, 21, () => 150, 900)).toEqual({ readings: [], spreadC: null });
  const then = at(660);
  const model = stepPot(pot, potAtRest(150, burnerW(pot, 9)), 9, 21, 0, 60);
  expect(then.readings.at(-1)!.probeC).toBeCloseTo(model.oilC, 1);
  expect(then.spreadC).toBeCloseTo(9.5, 6);
  expect(at(6000).spreadC).toBe(25);
  const drop = act({ kind: 'drop', atS: 610, pieces: [1, 2, 3, 4, 5, 6] });
  expect(at(660, [drop]).readings.at(-1)!.probeC).toBeLessThan(then.readings.at(-1)!.probeC - 3);
  const crumb = act({ kind: 'oil', atS: 650, tempC: 168, spreadC: 8 });
  expect(at(660, [crumb]).readings[0]).toEqual({ atS: 650, probeC: 168 });
});
