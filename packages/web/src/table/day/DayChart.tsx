import type { DayPlan, DayEntry, DayPin, SupperDay } from '@ember-fold/core/supper';
import { useState } from 'react';
import { styled } from 'styled-components';
import { cookName, entryName, DAY_PLAN as E, stepInDay } from '#text/table/dayPlanPhrases';
import type { Printer } from '../../text/printer';
import { figureFont, PHONE } from '../../ui/theme';
import { batchColour, SHARED } from './batchColour';
import { lanesOf, PotStep, Row, Waits } from './DayRows';
import { laneStyle, LEAST_BAR_PX, rowPx, TaskBar } from './TaskBar';

const HOUR_MS = 3_600_000;
/** After the table so much is still shown. */
const AFTER_MS = 1_200_000;
/** Rows: where they begin and how high they are, px. */
const LABEL_PX = 104;

const Rows = styled.div`
  position: relative;
  margin-top: 6px;
  > section {
    display: grid;
    grid-template-columns: ${LABEL_PX}px minmax(0, 1fr);
    border-top: 1px solid ${({ theme }) => theme.line};
  }
  h3 {
    align-self: center;
    padding: 2px 8px 2px 0;
    font-size: 14px;
    font-weight: 640;
    line-height: 1.25;
    overflow-wrap: anywhere;
  }
  h3 small {
    display: block;
    font-size: 12px;
    font-weight: 400;
    color: ${({ theme }) => theme.soft};
  }
  ol {
    position: relative;
    min-height: 44px;
  }
  ${PHONE} {
    display: none;
  }
  @media print {
    display: none;
  }
`;

const Hours = styled.div`
  position: relative;
  height: 22px;
  margin-left: ${LABEL_PX}px;
  font-size: 12px;
  color: ${({ theme }) => theme.soft};
  span {
    position: absolute;
    transform: translateX(-50%);
    white-space: nowrap;
  }
`;

const Lines = styled.div`
  position: absolute;
  inset: 22px 0 0 ${LABEL_PX}px;
  pointer-events: none;
  i {
    position: absolute;
    top: 0;
    bottom: 0;
    width: 1px;
    background: ${({ theme }) => theme.line};
  }
  i.now {
    width: 2px;
    z-index: 2;
    background: ${({ theme }) => theme.action};
  }
  .told {
    ${figureFont}
    position: absolute;
    top: -22px;
    padding: 0 5px;
    font-size: 13px;
    white-space: nowrap;
    background: ${({ theme }) => theme.panel};
    color: ${({ theme }) => theme.accentText};
  }
`;

export interface DayChartProps {
  readonly told: SupperDay;
  readonly dayPlan: DayPlan;
  readonly pins: Readonly<Record<string, DayPin>>;
  readonly printer: Printer;
  readonly nowMs: number;
  readonly onMove: (entry: DayEntry, pin: DayPin) => void;
  readonly onOpen: (entry: DayEntry) => void;
}

/**
 * The day over cooks, pots, oven and cold, time from left to right. Long for it is a row of each kind.
 */
export function DayChart({ told, dayPlan, pins, printer, nowMs, onMove, onOpen }: DayChartProps) {
  const { cooks, batches } = told;
  const [widthPx, setWidthPx] = useState(800);
  const measure = (rows: HTMLDivElement) => {
    const watch = new ResizeObserver(([entry]) => setWidthPx(Math.round(entry!.contentRect.width)));
    watch.observe(rows);
    return () => watch.disconnect();
  };
  const day = dayPlan.entries.filter(({ isEarlier }) => !isEarlier);
  const shown = day.filter(({ startMs }) => startMs >= (dayPlan.startMs ?? 0));
  if (shown.length === 0) return null;
  const lastMs = Math.max(...shown.map(({ endMs }) => endMs));
  const fromMs = Math.floor(Math.min(...shown.map(({ startMs }) => startMs)) / (HOUR_MS / 2)) * (HOUR_MS / 2);
  const toMs = lastMs + AFTER_MS;
  const at = (ms: number) => `${(100 * (Math.min(toMs, Math.max(fromMs, ms)) - fromMs)) / (toMs - fromMs)}%`;
  const placeOf = (startMs: number, endMs: number) => ({
    left: at(startMs),
    width: `calc(${at(endMs)} - ${at(startMs)})`,
  });
  /** ms of one pixel. */
  const perPx = (toMs - fromMs) / Math.max(1, widthPx - LABEL_PX);
  const eachMs = (toMs - fromMs) / HOUR_MS > 14 ? 2 * HOUR_MS : HOUR_MS;
  const hours: number[] = [];
  for (let ms = Math.ceil(fromMs / eachMs) * eachMs; ms <= toMs; ms += eachMs) hours.push(ms);
  const nameOf = (id: string | null) => batches.find((batch) => batch.id === id)?.name ?? null;
  const colourOf = (id: string | null) =>
    id === null ? SHARED : batchColour(batches.findIndex((batch) => batch.id === id));
  const say = (entry: DayEntry) =>
    E.task(printer.clock(entry.startMs), printer.clock(entry.endMs), E.of(entryName(entry), nameOf(entry.batchId)));
  const bar = (entry: DayEntry, cook: number | null, lane: number, lanes: number) => (
    <TaskBar
      key={entry.id}
      place={{ ...placeOf(entry.startMs, entry.endMs), ...laneStyle(lane, lanes) }}
      colour={entry.pot !== null ? SHARED : colourOf(entry.batchId)}
      name={entryName(entry)}
      says={`${say(entry)}${pins[entry.id] ? `. ${E.settled}` : ''}`}
      decides={entry.decides}
      isSettled={pins[entry.id] !== undefined}
      perPx={perPx}
      onOpen={() => onOpen(entry)}
      onMove={(byMs, rowsDown) => {
        const next = cook === null || rowsDown === 0 ? undefined : cooks[cook + rowsDown];
        const at = byMs === 0 ? undefined : new Date(entry.startMs + byMs).toISOString();
        if (at || next) onMove(entry, { ...(at && { at }), ...(next && { cook: next.id }) });
      }}
    />
  );
  /** Bars in one row; of two that are too short to stand side by side one stands lower. */
  const barRow = (name: string, says: string, entries: readonly DayEntry[], cook: number | null) => {
    const lanes = lanesOf(
      entries.map((entry) => {
        const { startMs, endMs } = entry;
        return { entry, startMs, endMs: Math.max(endMs, startMs + LEAST_BAR_PX * perPx) };
      }),
    );
    const laneOf = new Map(lanes.flatMap((lane, i) => lane.map(({ entry }) => [entry, i] as const)));
    return (
      <Row
        key={cook === null ? 'oven' : cooks[cook]!.id}
        name={name}
        says={says}
        heightPx={rowPx(Math.max(1, lanes.length))}
      >
        {entries.map((entry) => bar(entry, cook, laneOf.get(entry)!, lanes.length))}
      </Row>
    );
  };
  const pots = [...new Set(shown.flatMap(({ pot }) => pot ?? []))];
  const oven = shown.filter(({ isOven }) => isOven);
  const rests = dayPlan.rests.filter(({ endMs, step }) => endMs > fromMs && step.durationS > 0);
  const folded = dayPlan.batches.flatMap(({ batchId, folded: waits }) =>
    waits.filter(({ endMs }) => endMs > fromMs).map((wait) => ({ batchId, ...wait })),
  );
  return (
    <Rows ref={measure}>
      <Hours aria-hidden>
        {hours.map((ms) => (
          <span key={ms} style={{ left: at(ms) }}>
            {printer.clock(ms)}
          </span>
        ))}
      </Hours>
      <Lines aria-hidden>
        {hours.map((ms) => (
          <i key={ms} style={{ left: at(ms) }} />
        ))}
        {nowMs > fromMs && nowMs < toMs && (
          <>
            <i className="now" style={{ left: at(nowMs) }} />
            <span className="told" style={{ left: at(nowMs) }}>
              {E.now(printer.clock(nowMs))}
            </span>
          </>
        )}
      </Lines>
      {cooks.map((cook, i) =>
        barRow(
          cookName(cook, i, cooks.length),
          handsText(dayPlan, i, printer),
          shown.filter((entry) => entry.cook === i),
          i,
        ),
      )}
      {pots.map((pot) => (
        <Row key={pot} name={pot === '' ? E.pot : pot} says={potText(dayPlan, pot, printer)}>
          {shown
            .filter((entry) => entry.pot === pot)
            .flatMap(({ steps }) => steps)
            .filter(({ lengthS }) => lengthS > 0)
            .map((step) => (
              <PotStep
                key={`${step.what} ${step.batchId ?? ''}`}
                style={placeOf(step.startMs, step.endMs)}
                $colour={step.what === 'fry' ? colourOf(step.batchId) : SHARED}
                title={E.task(
                  printer.clock(step.startMs),
                  printer.clock(step.endMs),
                  E.of(stepInDay(step), nameOf(step.batchId)),
                )}
              >
                <span>{step.what === 'fry' ? nameOf(step.batchId) : stepInDay(step)}</span>
              </PotStep>
            ))}
        </Row>
      ))}
      {oven.length > 0 && barRow(E.oven, '', oven, null)}
      <Waits
        name={E.byItself}
        lanes={lanesOf(rests).map((lane) =>
          lane.map((rest) => ({
            key: `${rest.batchId} ${rest.step.id}`,
            place: placeOf(rest.startMs, rest.endMs),
            colour: colourOf(rest.batchId),
            name: stepInDay({ ...rest, what: rest.step.what, fromS: 0, lengthS: 0 }),
            says: E.task(
              printer.clock(rest.startMs),
              printer.clock(rest.endMs),
              E.of(stepInDay({ ...rest, what: rest.step.what, fromS: 0, lengthS: 0 }), nameOf(rest.batchId)),
            ),
          })),
        )}
      />
      <Waits
        name={E.cold}
        lanes={lanesOf(folded.filter(({ inFridge }) => inFridge)).map((lane) =>
          lane.map((wait) => ({
            key: `${wait.batchId} ${wait.mark}`,
            place: placeOf(wait.startMs, wait.endMs),
            colour: colourOf(wait.batchId),
            name: E.of(E.inFridge, nameOf(wait.batchId)),
            says: E.fridge(E.until(nameOf(wait.batchId) ?? '', printer.clock(wait.limitMs))),
            limit: `${(100 * (wait.limitMs - wait.startMs)) / (wait.endMs - wait.startMs)}%`,
          })),
        )}
      />
    </Rows>
  );
}

function handsText(dayPlan: DayPlan, cook: number, printer: Printer): string {
  const { handsS, startMs } = dayPlan.cooks[cook] ?? { handsS: 0, startMs: null };
  return startMs === null ? E.hands(printer.span(0)) : E.handsFrom(printer.span(handsS), printer.clock(startMs));
}

function potText(dayPlan: DayPlan, pot: string, printer: Printer): string {
  const hot = dayPlan.hotUntil.find((one) => one.pot === pot);
  return hot ? E.hotUntil(printer.clock(hot.untilMs)) : '';
}
