import fc from 'fast-check';
import { advanceFry, createFryBody, type FryBody, type FryBodySpec, planBatch } from '../src/public/plan.js';
import { turnFry } from '../src/heat/advanceFry.js';
import { interfacePeakC } from '../src/heat/fryTemperatures.js';
import { coreOf, restInAir } from '../src/heat/restInAir.js';
import { oilWanted } from '../src/oil/ramp.js';
import { doughSetC } from '../src/heat/solveFry.js';
import { INGREDIENTS } from '../src/public/plan.js';
import { anyDraft, anyKitchen } from './anyWrites.js';

const ids = INGREDIENTS.map((one) => one.id);

/** Twice the cells, a tenth of the step, the whole upper face dry while it floats. */
function finer(spec: FryBodySpec): FryBodySpec {
  return {
    ...spec,
    wallCells: 2 * spec.wallCells,
    fillingCells: 2 * spec.fillingCells,
    upperDry: spec.faces === 'two' ? Math.max(spec.upperDry, 1) : 0,
  };
}
const FINE = { firstS: 0.02, growth: 1.1, mostS: 0.2, shrink: 0.4, iterations: 20 };

test('no draft ever says cooked or safe while a finer solve of the same piece is three degrees short', () => {
  let judged = 0;
  fc.assert(
    fc.property(anyDraft(ids), anyKitchen(), fc.constantFrom('poultry', 'egg', undefined), (any, kitchen, raw) => {
      const { raw: _raw, ...bare } = any.filling;
      // A basted face is washed by hand: how dry it stays is the cook's, not the solver's.
      const turn = any.fry.turn === 'basted' ? 'once' : any.fry.turn;
      // What the oven finishes is judged by what the oven does: see heat/programme.test.ts.
      const { thenOven: _oven, ...fryOnly } = any.fry;
      const draft = {
        ...any,
        way: 'fry' as const,
        filling: { ...bare, ...(raw && { raw }), coreTargetC: 74 },
        fry: { ...fryOnly, turn },
      };
      const { fry } = planBatch(draft, kitchen, null);
      if (!fry || fry.takeOutS === null || fry.takeOutS > 1800) return;
      if (!fry.findings.some(({ code }) => code === 'fry.cooked')) return;
      const body = createFryBody(finer(fry.body));
      // What was hot once stays safe: a core may have been hotter before its last turn.
      let coreC = -Infinity;
      const watch = (now: FryBody) => {
        coreC = Math.max(coreC, coreOf(now));
        return false;
      };
      for (const turnS of [...fry.solution.turnsS.filter((s) => s < fry.takeOutS!), fry.takeOutS]) {
        while (body.timeS < turnS - 1e-6) {
          const forS = Math.min(5, turnS - body.timeS);
          advanceFry(body, forS, oilWanted(draft.fry.oilC, draft.fry.ramp, body.timeS + forS / 2), watch, FINE);
        }
        if (turnS < fry.takeOutS) turnFry(body);
      }
      const rest = fry.needsRest ? restInAir(body, kitchen.roomC) : null;
      judged += 1;
      const wallC = Math.max(interfacePeakC(body), rest?.wallC ?? 0);
      expect(wallC).toBeGreaterThan(doughSetC(fry.body) - 3);
      const mustBeSafe =
        raw !== undefined ||
        draft.dough.ahead?.upTo === 'pieces' ||
        draft.fry.start === 'frozen' ||
        draft.fry.start === 'tempered';
      if (!mustBeSafe) return;
      expect(Math.max(coreC, rest?.coreC ?? 0)).toBeGreaterThan(Math.min(74, fry.body.boilingC - 4) - 3);
    }),
    { numRuns: 150, endOnFailure: true },
  );
  expect(judged).toBeGreaterThan(8);
});
