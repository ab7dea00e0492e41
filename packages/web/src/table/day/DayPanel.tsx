import type { DayPlan, DayEntry, Supper, SupperDay } from '@ember-fold/core/supper';
import { dayVerdict, isHeldLong, TABLE_LATE_S } from '@ember-fold/core/supper';
import { Undo2 } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import { styled } from 'styled-components';
import { cookName, entryName, DAY_PLAN as E, stepInDay } from '#text/table/dayPlanPhrases';
import { listNames, type Printer, withTemps } from '../../text/printer';
import { Button } from '../../ui/controls/button/Button';
import { ToneMark } from '../../ui/controls/list/Findings';
import { Panel, PanelTitle, Soft } from '../../ui/layout/Panel';
import { Pick } from '../../ui/controls/choice/Pick';
import { figureFont, PHONE } from '../../ui/theme';
import { batchColour } from './batchColour';
import { dayBefore, type DayEdits } from './editDay';
import { DayChart } from './DayChart';
import { Moved } from './Moved';
import { TaskSheet } from './TaskSheet';

const Told = styled.li`
  display: flex;
  gap: 8px;
  margin: 6px 0;
  font-size: 14px;
  svg {
    flex: none;
    margin-top: 2px;
  }
  &[data-tone='look-out'] svg {
    color: ${({ theme }) => theme.lookOut};
  }
  &[data-tone='stop'] svg {
    color: ${({ theme }) => theme.stop};
  }
`;

const Head = styled.div`
  display: flex;
  align-items: baseline;
  justify-content: space-between;
  button {
    margin-block: -8px;
  }
`;

const List = styled.div`
  display: none;
  li {
    display: grid;
    grid-template-columns: 66px minmax(0, 1fr);
    gap: 10px;
    padding: 6px 0;
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  time {
    ${figureFont}
    font-size: 17px;
  }
  button {
    min-height: 44px;
    text-align: left;
    justify-content: start;
  }
  small {
    display: block;
    font-size: 13px;
    font-weight: 400;
    color: ${({ theme }) => theme.soft};
  }
  ${PHONE} {
    display: block;
  }
  @media print {
    display: none;
  }
`;

const Legend = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  margin: 8px 0 4px;
  font-size: 14px;
  li {
    display: flex;
    align-items: center;
    gap: 7px;
  }
  i {
    width: 14px;
    height: 14px;
    border-radius: 4px;
  }
  ${PHONE} {
    display: none;
  }
`;

interface DayPanelProps {
  readonly told: SupperDay;
  readonly dayPlan: DayPlan;
  readonly supper: Supper;
  readonly edits: DayEdits;
  readonly printer: Printer;
  readonly nowMs: number;
}

/** The day plan over cooks, pots, oven and cold; on a phone the list of one cook. */
export function DayPanel({ told, dayPlan, supper, edits, printer, nowMs }: DayPanelProps) {
  const [openId, setOpenId] = useState<string | null>(null);
  const { batches, cooks } = told;
  const pins = supper.pins ?? {};
  const open = dayPlan.entries.find(({ id }) => id === openId);
  const nameOf = (id: string | null) => batches.find((batch) => batch.id === id)?.name ?? null;
  const isLatest = dayPlan.isProved || (dayPlan.startMs ?? 0) > dayPlan.latestMs - 60_000;
  const earlier = dayPlan.entries.filter(({ startMs }) => startMs < (dayPlan.startMs ?? 0));
  return (
    <Panel aria-label={E.title} style={{ marginBottom: 14 }}>
      <Head>
        <PanelTitle>{E.title}</PanelTitle>
        {edits.undo && (
          <Button $look="quiet" onPress={edits.undo}>
            <Undo2 size={16} aria-hidden />
            {E.undo}
          </Button>
        )}
      </Head>
      {earlier.map((entry) => (
        <Button key={entry.id} $look="quiet" onPress={() => setOpenId(entry.id)} style={{ padding: '0 8px 0 0' }}>
          {E.earlierDay(printer.day(entry.startMs))} {printer.clock(entry.startMs)}:{' '}
          {E.of(entryName(entry), nameOf(entry.batchId))}
        </Button>
      ))}
      <DayChart
        told={told}
        dayPlan={dayPlan}
        pins={pins}
        printer={printer}
        nowMs={nowMs}
        onMove={(entry, pin) => edits.pin(entry.id, pin)}
        onOpen={(entry) => setOpenId(entry.id)}
      />
      <OneCook
        told={told}
        dayPlan={dayPlan}
        printer={printer}
        nameOf={nameOf}
        onOpen={(entry) => setOpenId(entry.id)}
      />
      <Legend aria-label={E.of(E.title, null)}>
        {batches.map(({ id, name, pieces }, i) => (
          <li key={id}>
            <i style={{ background: batchColour(i) }} />
            {name} {pieces}
          </li>
        ))}
      </Legend>
      <Moved told={told} printer={printer} nameOf={nameOf} />
      <ul>{findings(told.unplanned, dayPlan, printer, nameOf)}</ul>
      <Soft>
        {E.decides} {E.legend} {E.order} {isLatest ? E.best : E.nearBest(printer.clock(dayPlan.latestMs))}
      </Soft>
      {open && (
        <TaskSheet
          entry={open}
          pin={pins[open.id]}
          cooks={cooks}
          nameOf={nameOf}
          printer={printer}
          onClose={() => setOpenId(null)}
          onPin={(pin) => edits.pin(open.id, pin)}
          onDayBefore={() => edits.pin(open.id, { at: dayBefore(open.startMs) })}
          onFree={() => edits.free(open.id)}
        />
      )}
    </Panel>
  );
}

/** What is wrong with the day plan, or waits too long. */
function findings(
  unplanned: readonly string[],
  dayPlan: DayPlan,
  printer: Printer,
  nameOf: (id: string | null) => string | null,
): ReactNode {
  const entryOf = (id: string) => dayPlan.entries.find((entry) => entry.id === id)!;
  const said = (id: string) => E.of(entryName(entryOf(id)), nameOf(entryOf(id).batchId));
  const found: { tone: 'stop' | 'look-out' | 'know' | 'good'; says: string }[] = [];
  if (unplanned.length > 0) found.push({ tone: 'stop', says: E.unplanned(listNames(unplanned)) });
  const cold = dayPlan.batches.flatMap(({ name, folded }) => {
    const waits = folded.filter(({ inFridge }) => inFridge);
    return waits.length === 0 ? [] : [{ name, limitMs: Math.min(...waits.map(({ limitMs }) => limitMs)) }];
  });
  for (const { name, fault } of dayPlan.batches)
    if (fault !== null) found.push({ tone: fault === 'unsafe' ? 'stop' : 'look-out', says: E.faults[fault](name) });
  for (const { name, folded } of dayPlan.batches)
    if (folded.some(({ isTooLong }) => isTooLong)) found.push({ tone: 'stop', says: E.tooLong(name) });
  if (cold.length > 0) {
    const each = listNames(cold.map(({ name, limitMs }) => E.until(name, printer.clock(limitMs))));
    found.push({ tone: 'look-out', says: E.fridge(each) });
  }
  const held = dayPlan.batches.filter(isHeldLong);
  if (held.length > 0) {
    const each = listNames(held.map(({ name, heldS }) => E.before(name, printer.span(heldS))));
    found.push({ tone: 'look-out', says: withTemps(E.held(each), printer) });
  }
  for (const id of dayPlan.brokenPins)
    found.push({ tone: 'look-out', says: E.brokenPin(said(id), printer.clock(entryOf(id).startMs)) });
  for (const id of dayPlan.outOfHours) found.push({ tone: 'look-out', says: E.outOfHours(said(id)) });
  for (const { room, most, holds } of dayPlan.rooms)
    if (holds !== null && most > holds) found.push({ tone: 'look-out', says: E.full[room](most, holds) });
  const { lateShare, soonerS } = dayPlan.risk;
  if (soonerS === 0) found.push({ tone: 'good', says: E.steady });
  else {
    const tenths = Math.min(10, Math.round(10 * lateShare));
    const tone = dayVerdict(dayPlan) === 'risky' ? 'look-out' : 'know';
    found.push({ tone, says: E.risky(tenths, printer.span(TABLE_LATE_S), printer.span(soonerS)) });
  }
  for (const { pot, untilMs } of dayPlan.hotUntil)
    found.push({
      tone: 'know',
      says: withTemps(E.coolSays(pot === '' ? E.pot : pot, printer.clock(untilMs)), printer),
    });
  return found.map(({ tone, says }) => (
    <Told key={says} data-tone={tone}>
      <ToneMark tone={tone} />
      {says}
    </Told>
  ));
}

interface OneCookProps {
  readonly told: SupperDay;
  readonly dayPlan: DayPlan;
  readonly printer: Printer;
  readonly nameOf: (id: string | null) => string | null;
  readonly onOpen: (entry: DayEntry) => void;
}

/** What one cook does, by the clock: for a narrow page. */
function OneCook({ told: { cooks }, dayPlan, printer, nameOf, onOpen }: OneCookProps) {
  const [who, setWho] = useState('0');
  const cook = Math.min(Number(who), cooks.length - 1);
  const names = Object.fromEntries(cooks.map((one, i) => [String(i), cookName(one, i, cooks.length)]));
  return (
    <List>
      {cooks.length > 1 && <Pick label={E.who} value={String(cook)} options={names} onChange={setWho} />}
      <ol aria-label={E.ofCook(names[String(cook)] ?? '')}>
        {dayPlan.entries
          .filter((entry) => entry.cook === cook)
          .map((entry) => (
            <li key={entry.id}>
              <time dateTime={new Date(entry.startMs).toISOString()}>{printer.clock(entry.startMs)}</time>
              <Button $look="quiet" style={{ padding: 0 }} onPress={() => onOpen(entry)}>
                <span>
                  {entryName(entry)}
                  <small>
                    {entry.pot === null
                      ? E.of(printer.span((entry.endMs - entry.startMs) / 1000), nameOf(entry.batchId))
                      : entry.steps
                          .filter(({ lengthS }) => lengthS > 0)
                          .map(
                            (step) =>
                              `${printer.clock(step.startMs)} ${E.of(stepInDay(step), step.what === 'fry' ? nameOf(step.batchId) : null)}`,
                          )
                          .join(', ')}
                  </small>
                </span>
              </Button>
            </li>
          ))}
      </ol>
    </List>
  );
}
