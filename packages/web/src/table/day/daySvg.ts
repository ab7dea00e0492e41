import type { DayPlan, SupperDay } from '@ember-fold/core/supper';
import { cookName, entryName, DAY_PLAN as E, stepInDay } from '#text/table/dayPlanPhrases';
import type { Printer } from '../../text/printer';
import { batchColour, SHARED } from './batchColour';
import { lanesOf } from './DayRows';

interface Bar {
  readonly startMs: number;
  readonly endMs: number;
  readonly colour: string;
  readonly text: string;
}

const HOUR_MS = 3_600_000;
const WIDE = 1200;
const LABEL = 150;
const ROW = 40;
const TOP = 70;
/** A letter is about so wide: words that do not fit are cut, never printed over the next bar. */
const LETTER = 7;

/** Signs that a drawing cannot hold are blanks. */
const escaped = (text: string): string =>
  text
    .toWellFormed()
    .replace(/[<>&"']/g, (sign) => `&#${sign.charCodeAt(0)};`)
    .replace(/[\p{Cc}\ufffe\uffff]/gu, ' ');

function cut(text: string, wide: number): string {
  const letters = Math.floor((wide - 8) / LETTER);
  if (letters < 3) return '';
  const signs = [...text];
  return signs.length <= letters ? text : `${signs.slice(0, letters - 1).join('')}…`;
}

/** Rows of the drawing: each cook, each pot, the oven, and what goes on by itself. */
function rowsOf(told: SupperDay, dayPlan: DayPlan): { readonly name: string; readonly bars: readonly Bar[] }[] {
  const { cooks, batches } = told;
  const shown = dayPlan.entries.filter(({ isEarlier }) => !isEarlier);
  const nameOf = (id: string | null) => batches.find((batch) => batch.id === id)?.name ?? null;
  const colourOf = (id: string | null) =>
    id === null ? SHARED : batchColour(batches.findIndex((batch) => batch.id === id));
  const barOf = (entry: (typeof shown)[number]): Bar => ({
    startMs: entry.startMs,
    endMs: entry.endMs,
    colour: colourOf(entry.pot === null ? entry.batchId : null),
    text: E.of(entryName(entry), nameOf(entry.batchId)),
  });
  const pots = [...new Set(shown.flatMap(({ pot }) => pot ?? []))];
  return [
    ...cooks.map((cook, i) => ({
      name: cookName(cook, i, cooks.length),
      bars: shown.filter((entry) => entry.cook === i).map(barOf),
    })),
    ...pots.map((pot) => ({
      name: pot === '' ? E.pot : pot,
      bars: shown
        .filter((entry) => entry.pot === pot)
        .flatMap(({ steps }) => steps)
        .filter(({ lengthS }) => lengthS > 0)
        .map((step) => ({
          startMs: step.startMs,
          endMs: step.endMs,
          colour: step.what === 'fry' ? colourOf(step.batchId) : SHARED,
          text: (step.what === 'fry' ? nameOf(step.batchId) : null) ?? stepInDay(step),
        })),
    })),
    { name: E.oven, bars: shown.filter(({ isOven }) => isOven).map(barOf) },
    ...lanesOf(dayPlan.rests.filter(({ step }) => step.durationS > 0)).map((lane) => ({
      name: E.byItself,
      bars: lane.map((rest) => ({
        startMs: rest.startMs,
        endMs: rest.endMs,
        colour: colourOf(rest.batchId),
        text: E.of(stepInDay({ ...rest, what: rest.step.what, fromS: 0, lengthS: 0 }), nameOf(rest.batchId)),
      })),
    })),
  ].filter(({ bars }) => bars.length > 0);
}

/** The day plan as a drawing of its own: rows over the hours, to keep or to print large. */
export function daySvg(name: string, told: SupperDay, dayPlan: DayPlan, printer: Printer): string {
  const rows = rowsOf(told, dayPlan);
  const bars = rows.flatMap((row) => row.bars);
  // Where all is done there is nothing to draw but the hour.
  const moments = bars.length === 0 ? [told.atMs] : bars.flatMap(({ startMs, endMs }) => [startMs, endMs]);
  const fromMs = Math.floor(Math.min(...moments) / HOUR_MS) * HOUR_MS;
  const toMs = Math.max(...moments) + HOUR_MS / 6;
  const x = (ms: number) => LABEL + ((WIDE - LABEL) * (ms - fromMs)) / (toMs - fromMs);
  const high = TOP + rows.length * ROW + 20;
  const hours = Array.from({ length: Math.floor((toMs - fromMs) / HOUR_MS) + 1 }, (_, i) => fromMs + i * HOUR_MS);
  const line = hours.map(
    (ms) =>
      `<line x1="${x(ms)}" y1="${TOP - 10}" x2="${x(ms)}" y2="${high - 20}" stroke="#d4dbd8"/>` +
      `<text x="${x(ms)}" y="${TOP - 16}" text-anchor="middle" font-size="13">${escaped(printer.clock(ms))}</text>`,
  );
  const drawn = rows.map(({ name: row, bars: own }, i) => {
    const y = TOP + i * ROW;
    const boxes = own.map(({ startMs, endMs, colour, text }) => {
      const wide = Math.max(2, x(endMs) - x(startMs));
      const says = `${printer.clock(startMs)}, ${text}`;
      return (
        `<g><title>${escaped(says)}</title>` +
        `<rect x="${x(startMs)}" y="${y}" width="${wide}" height="${ROW - 8}" rx="6" fill="${colour}"/>` +
        `<text x="${x(startMs) + 5}" y="${y + 21}" font-size="13" fill="#fff">${escaped(cut(text, wide))}</text></g>`
      );
    });
    return `<text x="0" y="${y + 21}" font-size="14" font-weight="700">${escaped(cut(row, LABEL))}</text>${boxes.join('')}`;
  });
  const title = `${name}, ${printer.day(fromMs)}`;
  return (
    `<svg xmlns="http://www.w3.org/2000/svg" viewBox="-10 0 ${WIDE + 30} ${high}" width="${WIDE + 30}" height="${high}" ` +
    `font-family="sans-serif" fill="#17211e"><title>${escaped(title)}</title>` +
    `<rect x="-10" y="0" width="${WIDE + 30}" height="${high}" fill="#fff"/>` +
    `<text x="0" y="28" font-size="22" font-weight="700">${escaped(title)}</text>${line.join('')}${drawn.join('')}</svg>\n`
  );
}
