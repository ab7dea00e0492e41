import type { DayPlan, DayEntry, DayPin, SupperDay } from '@ember-fold/core/supper';
import { useState } from 'react';
import { styled } from 'styled-components';
import { cookName, entryName, DAY_PLAN as E, stepInDay } from '#text/table/dayPlanPhrases';
import type { Printer } from '../../text/printer';
import { figureFont, PHONE } from '../../ui/theme';
import { batchColour, SHARED } from './batchColour';
import { lanesOf, PotStep, Row, Waits } from './DayRows';
import { dayScale, type DayScale } from './dayScale';
import { laneStyle, LEAST_BAR_PX, rowPx, TaskBar } from './TaskBar';

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

/** What a row of the chart is drawn from. */
interface Drawn extends Pick<DayChartProps, 'dayPlan' | 'pins' | 'printer' | 'onMove' | 'onOpen'> {
  readonly cooks: SupperDay['cooks'];
  readonly shown: readonly DayEntry[];
  readonly scale: DayScale;
  readonly nameOf: (batchId: string | null) => string | null;
  readonly colourOf: (batchId: string | null) => string;
}

/** The day over cooks, pots, oven and cold, time from left to right. */
export function DayChart({ told, dayPlan, pins, printer, nowMs, onMove, onOpen }: DayChartProps) {
  const { cooks, batches } = told;
  const [widthPx, setWidthPx] = useState(800);
  const measure = (rows: HTMLDivElement) => {
    const watch = new ResizeObserver(([entry]) => setWidthPx(Math.round(entry!.contentRect.width)));
    watch.observe(rows);
    return () => watch.disconnect();
  };
  const shown = dayPlan.entries.filter(({ isEarlier, startMs }) => !isEarlier && startMs >= (dayPlan.startMs ?? 0));
  if (shown.length === 0) return null;
  const scale = dayScale(shown, widthPx - LABEL_PX);
  const nameOf = (id: string | null) => batches.find((batch) => batch.id === id)?.name ?? null;
  const colourOf = (id: string | null) =>
    id === null ? SHARED : batchColour(batches.findIndex((batch) => batch.id === id));
  const drawn: Drawn = { cooks, shown, scale, nameOf, colourOf, dayPlan, pins, printer, onMove, onOpen };
  const oven = shown.filter(({ isOven }) => isOven);
  return (
    <Rows ref={measure}>
      <HourLines scale={scale} printer={printer} nowMs={nowMs} />
      {cooks.map((cook, i) => (
        <BarRow
          key={cook.id}
          drawn={drawn}
          name={cookName(cook, i, cooks.length)}
          says={handsText(dayPlan, i, printer)}
          entries={shown.filter((entry) => entry.cook === i)}
          cook={i}
        />
      ))}
      <PotRows {...drawn} />
      {oven.length > 0 && <BarRow drawn={drawn} name={E.oven} says="" entries={oven} cook={null} />}
      <RestRow {...drawn} />
      <FridgeRow {...drawn} />
    </Rows>
  );
}

interface HourLinesProps {
  readonly scale: DayScale;
  readonly printer: Printer;
  readonly nowMs: number;
}

/** The hours above the rows, a line below each, and where it is now. */
function HourLines({ scale: { hours, at, fromMs, toMs }, printer, nowMs }: HourLinesProps) {
  return (
    <>
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
    </>
  );
}

interface BarRowProps {
  readonly drawn: Drawn;
  readonly name: string;
  readonly says: string;
  readonly entries: readonly DayEntry[];
  /** Whose row it is; `null`: nobody's, a bar cannot be given to another cook. */
  readonly cook: number | null;
}

/** Bars in one row; of two that are too short to stand side by side one stands lower. */
function BarRow({ drawn, name, says, entries, cook }: BarRowProps) {
  const { scale, cooks, pins, printer, nameOf, colourOf, onMove, onOpen } = drawn;
  const lanes = lanesOf(
    entries.map((entry) => {
      const { startMs, endMs } = entry;
      return { entry, startMs, endMs: Math.max(endMs, startMs + LEAST_BAR_PX * scale.perPx) };
    }),
  );
  const laneOf = new Map(lanes.flatMap((lane, i) => lane.map(({ entry }) => [entry, i] as const)));
  const move = (entry: DayEntry, byMs: number, rowsDown: number) => {
    const next = cook === null || rowsDown === 0 ? undefined : cooks[cook + rowsDown];
    const at = byMs === 0 ? undefined : new Date(entry.startMs + byMs).toISOString();
    if (at || next) onMove(entry, { ...(at && { at }), ...(next && { cook: next.id }) });
  };
  const said = (entry: DayEntry) =>
    E.task(printer.clock(entry.startMs), printer.clock(entry.endMs), E.of(entryName(entry), nameOf(entry.batchId)));
  return (
    <Row name={name} says={says} heightPx={rowPx(Math.max(1, lanes.length))}>
      {entries.map((entry) => (
        <TaskBar
          key={entry.id}
          place={{ ...scale.placeOf(entry.startMs, entry.endMs), ...laneStyle(laneOf.get(entry)!, lanes.length) }}
          colour={entry.pot !== null ? SHARED : colourOf(entry.batchId)}
          name={entryName(entry)}
          says={`${said(entry)}${pins[entry.id] ? `. ${E.settled}` : ''}`}
          decides={entry.decides}
          isSettled={pins[entry.id] !== undefined}
          perPx={scale.perPx}
          onOpen={() => onOpen(entry)}
          onMove={(byMs, rowsDown) => move(entry, byMs, rowsDown)}
        />
      ))}
    </Row>
  );
}

/** What each pot does. */
function PotRows({ shown, dayPlan, printer, scale, nameOf, colourOf }: Drawn) {
  const pots = [...new Set(shown.flatMap(({ pot }) => pot ?? []))];
  return pots.map((pot) => (
    <Row key={pot} name={pot === '' ? E.pot : pot} says={potText(dayPlan, pot, printer)}>
      {shown
        .filter((entry) => entry.pot === pot)
        .flatMap(({ steps }) => steps)
        .filter(({ lengthS }) => lengthS > 0)
        .map((step) => (
          <PotStep
            key={`${step.what} ${step.batchId ?? ''}`}
            style={scale.placeOf(step.startMs, step.endMs)}
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
  ));
}

/** What rests, cools or rises by itself. */
function RestRow({ dayPlan, printer, scale, nameOf, colourOf }: Drawn) {
  const rests = dayPlan.rests.filter(({ endMs, step }) => endMs > scale.fromMs && step.durationS > 0);
  const lanes = lanesOf(rests).map((lane) =>
    lane.map((rest) => {
      const { batchId, startMs, endMs, step } = rest;
      const name = stepInDay({ ...rest, what: step.what, fromS: 0, lengthS: 0 });
      return {
        key: `${batchId} ${step.id}`,
        place: scale.placeOf(startMs, endMs),
        colour: colourOf(batchId),
        name,
        says: E.task(printer.clock(startMs), printer.clock(endMs), E.of(name, nameOf(batchId))),
      };
    }),
  );
  return <Waits name={E.byItself} lanes={lanes} />;
}

/** Folded pieces that wait in the fridge, and how long they may. */
function FridgeRow({ dayPlan, printer, scale, nameOf, colourOf }: Drawn) {
  const waits = dayPlan.batches.flatMap(({ batchId, folded }) =>
    folded.filter(({ inFridge, endMs }) => inFridge && endMs > scale.fromMs).map((wait) => ({ batchId, ...wait })),
  );
  const lanes = lanesOf(waits).map((lane) =>
    lane.map(({ batchId, mark, startMs, endMs, limitMs }) => ({
      key: `${batchId} ${mark}`,
      place: scale.placeOf(startMs, endMs),
      colour: colourOf(batchId),
      name: E.of(E.inFridge, nameOf(batchId)),
      says: E.fridge(E.until(nameOf(batchId) ?? '', printer.clock(limitMs))),
      limit: `${(100 * (limitMs - startMs)) / (endMs - startMs)}%`,
    })),
  );
  return <Waits name={E.cold} lanes={lanes} />;
}

function handsText(dayPlan: DayPlan, cook: number, printer: Printer): string {
  const { handsS, startMs } = dayPlan.cooks[cook] ?? { handsS: 0, startMs: null };
  return startMs === null ? E.hands(printer.span(0)) : E.handsFrom(printer.span(handsS), printer.clock(startMs));
}

function potText(dayPlan: DayPlan, pot: string, printer: Printer): string {
  const hot = dayPlan.hotUntil.find((one) => one.pot === pot);
  return hot ? E.hotUntil(printer.clock(hot.untilMs)) : '';
}
