import type { BatchSummary, EveningTask } from '@ember-fold/core';
import type { ReactNode } from 'react';
import { styled } from 'styled-components';
import type { Printer } from '../text/printer';
import { SUPPER as S } from '../text/supperPhrases';
import { figureFont, PHONE } from '../ui/theme';
import type { EveningWords } from './eveningWords';

/** A batch's colour on the timeline; white reads on each. The name stands on the bar as well. */
const COLOURS = ['#A8481F', '#56682A', '#6E4F7C', '#23638F', '#8A6413', '#8C3B57', '#2E6B5E', '#4F5F5A'] as const;
const SHARED = '#37423E';
const HOUR_MS = 3_600_000;

const Rows = styled.div`
  position: relative;
  display: grid;
  grid-template-columns: 96px minmax(0, 1fr);
  gap: 6px 12px;
  margin-top: 6px;
  h3 {
    align-self: center;
    font-size: 14px;
    font-weight: 640;
  }
  ol,
  .hours {
    position: relative;
    height: 34px;
  }
  ol {
    border-radius: 8px;
    background: ${({ theme }) => theme.well};
  }
  ol[data-thin] {
    height: auto;
  }
  .hours {
    height: 18px;
    font-size: 12px;
    color: ${({ theme }) => theme.soft};
  }
  .hours span {
    position: absolute;
    transform: translateX(-50%);
  }
  .hours .now {
    ${figureFont}
    color: ${({ theme }) => theme.accentText};
    font-weight: 700;
  }
  ${PHONE} {
    display: none;
  }
`;

const Bar = styled.li<{ $colour: string; $passive: boolean }>`
  ${figureFont}
  position: absolute;
  top: 3px;
  bottom: 3px;
  min-width: 3px;
  overflow: hidden;
  padding: 4px 6px;
  border-radius: 6px;
  font-size: 12px;
  font-weight: 600;
  line-height: 1.5;
  white-space: nowrap;
  color: #fff;
  background: ${({ $colour }) => $colour};
  ${({ $passive, theme, $colour }) =>
    $passive && `color: ${theme.ink}; background: none; border: 1px dashed ${$colour}; padding: 0 6px;`}
`;

const Legend = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 4px 18px;
  margin: 8px 0;
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

/** What goes on at one time stands under one another. */
function lanesOf(tasks: readonly EveningTask[]): EveningTask[][] {
  return tasks.reduce<EveningTask[][]>((lanes, task) => {
    const free = lanes.find((lane) => lane.at(-1)!.endMs <= task.startMs);
    if (free) free.push(task);
    else lanes.push([task]);
    return lanes;
  }, []);
}

interface EveningChartProps {
  /** Of the day it is eaten, by the clock. */
  readonly today: readonly EveningTask[];
  readonly batches: readonly BatchSummary[];
  readonly cooks: number;
  readonly printer: Printer;
  readonly nowMs: number;
  readonly words: EveningWords;
}

/** A row for each cook and each pot, time from left to right; what goes on by itself under them. */
export function EveningChart({ today, batches, cooks, printer, nowMs, words }: EveningChartProps) {
  const { nameOf, stepOf, say, keyOf } = words;
  const colourOf = ({ batchId }: EveningTask) =>
    batchId === null ? SHARED : COLOURS[batches.findIndex(({ id }) => id === batchId) % COLOURS.length]!;
  const from = Math.floor(Math.min(...today.map(({ startMs }) => startMs)) / HOUR_MS) * HOUR_MS;
  const to = Math.ceil(Math.max(...today.map(({ endMs }) => endMs)) / HOUR_MS) * HOUR_MS;
  const at = (ms: number) => `${(100 * (ms - from)) / (to - from)}%`;
  const placeOf = ({ startMs, endMs }: EveningTask) => ({
    left: at(startMs),
    width: `calc(${at(endMs)} - ${at(startMs)})`,
  });
  const hours = Array.from({ length: (to - from) / HOUR_MS + 1 }, (_, i) => from + i * HOUR_MS);
  const pots = [...new Set(today.flatMap(({ pot }) => pot ?? []))];
  const rows = [
    ...Array.from({ length: cooks }, (_, i) => ({
      name: S.cook(i + 1, cooks),
      tasks: today.filter(({ cook }) => cook === i),
    })),
    ...pots.map((pot) => ({ name: pot === '' ? S.pot : pot, tasks: today.filter((task) => task.pot === pot) })),
  ];
  const alone = lanesOf(today.filter(({ cook, startMs, endMs }) => cook === null && endMs > startMs));
  return (
    <>
      <Rows>
        <span />
        <div className="hours" aria-hidden>
          {hours.map((ms) => (
            <span key={ms} style={{ left: at(ms) }}>
              {printer.clock(ms)}
            </span>
          ))}
          {nowMs > from && nowMs < to && (
            <span className="now" style={{ left: at(nowMs) }}>
              ▾
            </span>
          )}
        </div>
        {rows.map(({ name, tasks }, i) => (
          <Row key={`${i} ${name}`} name={name}>
            {tasks.map((task) => (
              <Bar key={keyOf(task)} $colour={colourOf(task)} $passive={false} style={placeOf(task)} title={say(task)}>
                <span aria-hidden>{S.bar(stepOf(task), nameOf(task.batchId))}</span>
                <span className="visually-hidden">{say(task)}</span>
              </Bar>
            ))}
          </Row>
        ))}
        <h3>{S.byItself}</h3>
        <ol aria-label={S.byItself} data-thin style={{ height: 20 * alone.length + 4 }}>
          {alone.flatMap((lane, i) =>
            lane.map((task) => (
              <Bar
                key={keyOf(task)}
                $colour={colourOf(task)}
                $passive
                style={{ ...placeOf(task), top: 20 * i + 2, height: 18 }}
                title={say(task)}
              >
                <span aria-hidden>{stepOf(task)}</span>
                <span className="visually-hidden">{say(task)}</span>
              </Bar>
            )),
          )}
        </ol>
      </Rows>
      <Legend aria-label={S.batches}>
        {batches.map(({ id, name }, i) => (
          <li key={id}>
            <i style={{ background: COLOURS[i % COLOURS.length] }} />
            {name}
          </li>
        ))}
      </Legend>
    </>
  );
}

function Row({ name, children }: { readonly name: string; readonly children: ReactNode }) {
  return (
    <>
      <h3>{name}</h3>
      <ol aria-label={name}>{children}</ol>
    </>
  );
}
