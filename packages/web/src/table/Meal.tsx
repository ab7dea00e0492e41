import type { BatchSummary, SupperRow } from '@ember-fold/core/plan';
import { DAY_TONE, dayVerdict, headsOf, servingsOf } from '@ember-fold/core/supper';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { styled } from 'styled-components';
import { api } from '../data/api/api';
import type { Printer } from '../text/printer';
import { DAY_PLAN as E } from '#text/table/dayPlanPhrases';
import { eatsText, SUPPER as S } from '#text/table/supperPhrases';
import { TABLE as T } from '#text/table/tablePhrases';
import { ToneMark, toneColour } from '../ui/controls/list/Findings';
import { PanelTitle, Soft } from '../ui/layout/Panel';
import { BatchRows } from './BatchRows';
import { type Planned, partsOf, type Plans } from './planned';
import { useSupperEats } from './useSupperEats';

const Section = styled.section`
  margin-bottom: 16px;
  header {
    display: flex;
    flex-wrap: wrap;
    align-items: baseline;
    gap: 0 14px;
    margin-bottom: 6px;
  }
  header h2 {
    margin: 0;
  }
`;

const Word = styled.span<{ $colour: ReturnType<typeof toneColour> }>`
  display: inline-flex;
  align-items: center;
  gap: 4px;
  font-size: 14px;
  font-weight: 600;
  color: ${({ theme, $colour }) => theme[$colour]};
`;

/** What is eaten together: a supper with all its batches, or batches of one moment. */
export interface Meal {
  /** ms at which it begins, and is over. */
  readonly fromMs: number;
  readonly toMs: number;
  /** `null`: batches that are for no supper. */
  readonly supper: SupperRow | null;
  readonly batches: readonly BatchSummary[];
}

/** Soonest first: suppers, and each moment at which something else is eaten, with their batches. */
export function mealsOf(list: readonly BatchSummary[], suppers: readonly SupperRow[]): Meal[] {
  const known = new Set(suppers.map(({ id }) => id));
  const loose = new Map<number, BatchSummary[]>();
  for (const batch of list) {
    if (batch.supper !== undefined && known.has(batch.supper)) continue;
    const ms = Date.parse(batch.eatAt);
    loose.set(ms, [...(loose.get(ms) ?? []), batch]);
  }
  const meals: Meal[] = [
    ...suppers.map((row) => {
      const moments = servingsOf(row.supper).map(({ at }) => Date.parse(at));
      const batches = list.filter(({ supper }) => supper === row.id);
      return { fromMs: moments[0]!, toMs: moments.at(-1)!, supper: row, batches };
    }),
    ...[...loose].map(([ms, batches]) => ({ fromMs: ms, toMs: ms, supper: null, batches })),
  ];
  return meals.sort((a, b) => a.fromMs - b.fromMs);
}

/** When a meal is on the table. */
function mealTime({ supper, fromMs }: Meal, printer: Printer): string {
  const times = supper ? servingsOf(supper.supper).map(({ at }) => Date.parse(at)) : [fromMs];
  const clocks = times.map((ms, i) =>
    i > 0 && printer.day(ms) !== printer.day(fromMs) ? `${printer.day(ms)} ${printer.clock(ms)}` : printer.clock(ms),
  );
  return T.at(printer.day(fromMs), clocks.join(', '));
}

interface MealProps {
  readonly meal: Meal;
  readonly printer: Printer;
  readonly plans: Plans;
  readonly shows: (batch: BatchSummary) => boolean;
  readonly onPlan: (id: string, planned: Planned) => void;
}

/** One meal of the first page, each batch with its five verdicts. */
export function MealSection({ meal, printer, plans, shows, onPlan }: MealProps) {
  const { supper, batches } = meal;
  const time = mealTime(meal, printer);
  const pieces = batches.reduce((sum, batch) => sum + batch.pieces, 0);
  return (
    <Section aria-label={supper ? `${supper.supper.name}, ${time}` : time}>
      <header>
        {supper ? (
          <>
            <PanelTitle>
              <Link to={`/table/${supper.id}`}>{supper.supper.name}</Link>
            </PanelTitle>
            <span>{time}</span>
            <Soft as="span">{S.people(headsOf(supper.supper.guests), pieces, supper.supper.each)}</Soft>
            <EatsWord row={supper} batches={batches} plans={plans} />
            {batches.length > 0 && <HoldsWord id={supper.id} printer={printer} />}
          </>
        ) : (
          <>
            <PanelTitle>{time}</PanelTitle>
            <Soft as="span">{T.pieces(pieces)}</Soft>
          </>
        )}
      </header>
      {batches.length === 0 && <Soft>{S.noBatch}</Soft>}
      <BatchRows batches={batches} shows={shows} onPlan={onPlan} />
    </Section>
  );
}

/** Whether the day plan holds, and when it begins. */
function HoldsWord({ id, printer }: { readonly id: string; readonly printer: Printer }) {
  const { data, isError } = api.useDayPlanQuery(id);
  const dayPlan = data?.dayPlan;
  const first = dayPlan?.entries[0];
  if (!data && !isError) return <Soft as="span">{E.working}</Soft>;
  if (!dayPlan || !first) return null;
  const verdict = dayVerdict(dayPlan);
  const tone = DAY_TONE[verdict];
  const starts = E.beginAt(`${printer.clock(first.startMs)} ${printer.day(first.startMs)}`);
  return (
    <Word $colour={toneColour(tone)}>
      <ToneMark tone={tone} size={15} />
      {verdict === 'late'
        ? E.lateBy(printer.span(dayPlan.lateS))
        : verdict === 'holds'
          ? starts
          : E.butIs(starts, E.verdict[verdict])}
    </Word>
  );
}

interface EatsWordProps {
  readonly row: SupperRow;
  readonly batches: readonly BatchSummary[];
  readonly plans: Plans;
}

function EatsWord({ row: { supper }, batches, plans }: EatsWordProps) {
  const ids = batches.map(({ id }) => id).join(' ');
  const parts = useMemo(() => partsOf(plans, ids === '' ? [] : ids.split(' ')), [plans, ids]);
  const eats = useSupperEats(supper, parts);
  if (!eats) return null;
  const { tone, says } = eatsText(eats, supper.each);
  return (
    <Word $colour={toneColour(tone)}>
      <ToneMark tone={tone} size={15} />
      {says}
    </Word>
  );
}
