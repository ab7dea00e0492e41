import { stepState } from '../../cook/cookAct.js';
import type { DayPart } from './dayPart.js';
import type { DayAsk, DayStep, DayWork } from './dayTasks.js';
import type { RunStep } from '../batch/runSteps.js';

/** What lies so long before the table is work of an earlier day, s: no day of cooking is as long. */
export const EARLIER_S = 18 * 3600;
/** Steps that take the oven and go on by themselves. @example isInOven('bake') // true */
export const isInOven = (what: DayStep['what']): boolean => what === 'bake' || what === 'oven' || what === 'crisp';
/** Steps that hands do one right after the other. */
const JOINED: Partial<Record<RunStep['what'], RunStep['what']>> = { 'cook-filling': 'weigh-filling', fold: 'roll' };

/** Every run of hands-on steps away from the pot, and every bake, of what is still open. */
export function handsOf(
  { batchId, sheet, eatMs, cutters, ovenLeadS }: DayPart,
  { states, oneCutter }: DayAsk,
): DayWork[] {
  const state = states[batchId] ?? new Map();
  const open = sheet.filter(
    ({ id, kind, what }) =>
      stepState(state, id).state === 'open' && what !== 'serve' && (kind === 'hands' || isInOven(what)),
  );
  const isJoined = (step: RunStep, before: RunStep | undefined) =>
    before !== undefined &&
    JOINED[step.what] === before.what &&
    before.mark === step.mark &&
    (before.portion ?? 1) === (step.portion ?? 1);
  const works: DayWork[] = [];
  for (const step of open) {
    const before = open.find((one) => isJoined(step, one));
    const there = before && works.findIndex(({ steps }) => steps.some((one) => one.step === before));
    const lengthS = Math.round(step.durationS);
    const one = (fromS: number): DayStep => ({ batchId, what: step.what, step, fromS, lengthS });
    if (there !== undefined && there >= 0) {
      const work = works[there]!;
      works[there] = { ...work, lengthS: work.lengthS + lengthS, steps: [...work.steps, one(work.lengthS)] };
      continue;
    }
    const isBake = isInOven(step.what);
    // What the oven finishes goes in load by load: it is taken from the first load on.
    const leadS = step.what === 'oven' ? ovenLeadS : 0;
    const cutter = oneCutter ? cutters[step.mark ?? ''] : undefined;
    works.push({
      id: `${batchId} ${step.id}`,
      lengthS: leadS + lengthS,
      group: batchId,
      pot: null,
      eatMs,
      steps: [one(leadS)],
      hands: isBake ? null : 'board',
      things: isBake ? ['oven'] : step.what === 'roll' && cutter !== undefined ? [cutter] : [],
      isEarlier: eatMs - (step.startMs + 1000 * step.durationS) > 1000 * EARLIER_S,
    });
  }
  return works;
}

/** What is fried, pot by pot and table by table: heated once, then one batch after the other. */
export function potsOf({ parts, order, states }: DayAsk): DayWork[] {
  const place = ({ batchId }: DayPart) => order.findIndex(({ id }) => id === batchId);
  const potName = ({ kitchen }: DayPart) => kitchen.potName ?? '';
  const isOpen = ({ batchId }: DayPart, step: RunStep) =>
    stepState(states[batchId] ?? new Map(), step.id).state === 'open';
  const fried = parts.filter((part) => part.sheet.some((step) => step.what === 'fry' && isOpen(part, step)));
  const pots = [...new Set(fried.map(potName))].sort();
  return pots.flatMap((pot) => {
    const here = fried.filter((part) => potName(part) === pot);
    return [...new Set(here.map(({ eatMs }) => eatMs))]
      .sort((a, b) => a - b)
      .flatMap((eatMs, table) => {
        const row = here.filter((part) => part.eatMs === eatMs).sort((a, b) => place(a) - place(b));
        // What is crisped again before the table is fried whenever hands are free, with a heat of its own;
        // but never before what has to go into the oil first.
        const main = row.findIndex(({ isCrisped }) => !isCrisped);
        const early = main < 0 ? row : row.slice(0, main);
        const id = `pot ${pot} ${table}`;
        return [
          ...(early.length > 0 ? [stretchOf(early, `${id} early`, pot, eatMs)] : []),
          ...(early.length < row.length ? [stretchOf(row.slice(early.length), id, pot, eatMs)] : []),
        ];
      });
  });

  /** Heated once, then one batch after the other. */
  function stretchOf(row: readonly DayPart[], id: string, pot: string, eatMs: number): DayWork {
    const steps: DayStep[] = [];
    const lay = (one: Omit<DayStep, 'fromS'>) => {
      const fromS = steps.reduce((sum, { lengthS }) => sum + lengthS, 0);
      if (one.lengthS > 0 || one.step) steps.push({ ...one, fromS });
    };
    // Of all at one pot the first has its oil heated; where one of them was at it already, it is hot.
    const isHot = row.some((part) => part.sheet.some((step) => step.what === 'heat' && !isOpen(part, step)));
    row.forEach((part, i) => {
      const { batchId, sheet } = part;
      for (const step of sheet) {
        const isHeat = step.what === 'heat';
        if ((!isHeat && step.what !== 'fry') || !isOpen(part, step)) continue;
        const changeS = i === 0 ? 0 : Math.round(order[place(part)]?.changeS ?? 0);
        if (isHeat && i > 0) {
          lay({ batchId, what: 'change', step: null, lengthS: changeS });
          continue;
        }
        const durationS = isHeat && isHot ? 0 : Math.round(step.durationS);
        lay({ batchId, what: step.what, step, lengthS: durationS });
      }
    });
    const lengthS = steps.reduce((sum, one) => sum + one.lengthS, 0);
    return { id, lengthS, hands: 'oil', things: [`pot ${pot}`], group: id, pot, eatMs, isEarlier: false, steps };
  }
}

/** Everything that is eaten at one time is drained and served in one go. */
export function servesOf({ parts, states }: DayAsk): DayWork[] {
  const tables = [...new Set(parts.map(({ eatMs }) => eatMs))].sort((a, b) => a - b);
  return tables.flatMap((eatMs, table): DayWork[] => {
    const open = parts.flatMap((part) => {
      const serve = part.eatMs === eatMs ? part.sheet.find(({ what }) => what === 'serve') : undefined;
      const state = states[part.batchId] ?? new Map();
      return serve && stepState(state, serve.id).state === 'open' ? [{ batchId: part.batchId, step: serve }] : [];
    });
    if (open.length === 0) return [];
    const lengthS = Math.round(Math.max(...open.map(({ step }) => step.durationS)));
    // One serving is for all trays: it is listed at the first.
    const steps = open.map(({ batchId, step }, i): DayStep => {
      return { batchId, what: 'serve', step, fromS: 0, lengthS: i === 0 ? lengthS : 0 };
    });
    const common = { hands: 'board', things: [], group: 'table', pot: null, eatMs, isEarlier: false };
    return [{ ...common, id: `table ${table}`, lengthS, steps }];
  });
}
