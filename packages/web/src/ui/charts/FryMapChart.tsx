import { LATER } from '#text/shared/laterPhrases';
import { CRUST_LIMITS, type FryMapRow } from '@ember-fold/core/plan';
import { useMemo } from 'react';
import { useTheme } from 'styled-components';
import { crustColour } from '../drawing/crust';
import type { Printer } from '../../text/printer';
import { axisLook, degreeAxis } from './axes';
import { Chart } from './Chart';

/** Room of the axes around the map, px: what lies over it keeps to the same. */
export const MAP_EDGE = { left: 48, right: 14, top: 12, bottom: 40 } as const;

interface FryMapChartProps {
  /** In rising order of oil temperature; fewer at first. */
  readonly rows: readonly FryMapRow[];
  readonly oilC: { readonly least: number; readonly most: number };
  readonly horizonS: number;
  readonly printer: Printer;
  readonly height: number;
  readonly label: string;
}

/** Steps of the colour scale that are looked up. */
const STEPS = 128;
const MOST_B = 2.6;

/** Colours of the ramp as bytes, made once. */
const RAMP = Array.from({ length: STEPS + 1 }, (_, i) =>
  (/(\d+) (\d+) (\d+)/.exec(crustColour((MOST_B * i) / STEPS)) ?? ['', '0', '0', '0']).slice(1).map(Number),
);

/** The map as a picture of one dot a cell, hottest row on top; rows still to come are like their neighbour. */
function pictureOf(rows: readonly FryMapRow[], oilC: { least: number; most: number }): HTMLCanvasElement {
  const high = 64;
  const wide = rows[0]!.paler.length;
  const canvas = document.createElement('canvas');
  canvas.width = wide;
  canvas.height = high;
  const context = canvas.getContext('2d')!;
  const image = context.createImageData(wide, high);
  for (let y = 0; y < high; y++) {
    const c = oilC.most - ((oilC.most - oilC.least) * y) / (high - 1);
    let above = rows.findIndex((row) => row.oilC >= c - 1e-9);
    if (above < 0) above = rows.length - 1;
    const [a, b] = [rows[Math.max(0, above - 1)]!, rows[above]!];
    const u = b.oilC > a.oilC ? Math.min(1, Math.max(0, (c - a.oilC) / (b.oilC - a.oilC))) : 1;
    for (let x = 0; x < wide; x++) {
      const one = (row: FryMapRow) => (row.paler[x]! + row.darker[x]!) / 2;
      const colour = Math.min(MOST_B, one(a) + u * (one(b) - one(a)));
      const at = 4 * (y * wide + x);
      const [red, green, blue] = RAMP[Math.round((STEPS * colour) / MOST_B)]!;
      image.data.set([red!, green!, blue!, 255], at);
    }
  }
  context.putImageData(image, 0, 0);
  return canvas;
}

/** Slanting lines: raw inside. */
function hatch(): HTMLCanvasElement {
  const canvas = document.createElement('canvas');
  canvas.width = canvas.height = 12;
  const context = canvas.getContext('2d')!;
  context.strokeStyle = 'rgb(23 33 30 / 45%)';
  context.beginPath();
  for (const shift of [-12, 0, 12]) {
    context.moveTo(shift, 12);
    context.lineTo(shift + 12, 0);
  }
  context.stroke();
  return canvas;
}

/** Moment a face of a row passes a colour, s; `null`: not on the map. */
function passes(figures: Float32Array, colour: number, horizonS: number): number | null {
  const at = figures.findIndex((b) => b >= colour);
  if (at < 0) return null;
  if (at === 0) return 0;
  const u = (colour - figures[at - 1]!) / (figures[at]! - figures[at - 1]!);
  return ((at - 1 + u) * horizonS) / (figures.length - 1);
}

interface Plane {
  readonly coord: (at: [number, number]) => number[];
  readonly coordSys: unknown;
}

/** Oil temperature against minutes: the colour it takes, where it is raw inside, and where golden, brown and dark begin. It is long because it is one list of chart options. */
export function FryMapChart({ rows, oilC, horizonS, printer, height, label }: FryMapChartProps) {
  const theme = useTheme();
  const option = useMemo(() => {
    const degrees = (c: number) => printer.degrees(c);
    const line = (pick: (row: FryMapRow) => number | null) =>
      rows.flatMap((row) => {
        const s = pick(row);
        return s === null ? [] : [[s / 60, degrees(row.oilC)]];
      });
    const curve = (name: string, pick: (row: FryMapRow) => number | null, solid: boolean) => ({
      name,
      type: 'line',
      silent: true,
      data: line(pick),
      showSymbol: false,
      smooth: 0.2,
      lineStyle: { color: theme.ink, width: solid ? 2.5 : 1, type: solid ? 'solid' : 'dotted' },
    });
    const mark = (name: string, pick: (row: FryMapRow) => number | null, color: string, type: string) => ({
      ...curve(name, pick, true),
      lineStyle: { color, width: 2.5, type },
    });
    const picture = pictureOf(rows, oilC);
    const pattern = { image: hatch(), repeat: 'repeat' };
    return {
      grid: MAP_EDGE,
      xAxis: {
        type: 'value',
        min: 0,
        max: horizonS / 60,
        // Whole steps to the very end: no two labels meet there.
        interval: horizonS % 240 === 0 ? 4 : 5,
        name: LATER.minutesInTheOil,
        nameLocation: 'middle',
        nameGap: 24,
        ...axisLook(theme),
        splitLine: { show: false },
      },
      yAxis: {
        type: 'value',
        min: degrees(oilC.least),
        max: degrees(oilC.most),
        ...degreeAxis(theme, { showMinLabel: false }),
        splitLine: { show: false },
      },
      series: [
        {
          type: 'custom',
          silent: true,
          clip: true,
          data: [[0, degrees(oilC.least)]],
          renderItem: (_params: unknown, plane: Plane) => {
            const [left, bottom] = plane.coord([0, degrees(oilC.least)]) as [number, number];
            const [right, top] = plane.coord([horizonS / 60, degrees(oilC.most)]) as [number, number];
            const edge = rows.map((row) => plane.coord([(row.doneS ?? horizonS) / 60, degrees(row.oilC)]));
            return {
              type: 'group',
              children: [
                {
                  type: 'image',
                  style: { image: picture, x: left, y: top, width: right - left, height: bottom - top },
                },
                {
                  type: 'polygon',
                  shape: { points: [[left, bottom], ...edge, [left, top]] },
                  style: { fill: pattern },
                },
              ],
            };
          },
        },
        curve(LATER.doughSet, (row) => row.setS, true),
        mark(LATER.fillingSafe, (row) => row.safeS, theme.stop, 'solid'),
        mark(LATER.fillingHot, (row) => row.hotS, theme.know, 'dashed'),
        curve('golden', (row) => row.goldenS, false),
        curve('brown', (row) => passes(row.darker, CRUST_LIMITS.golden, horizonS), false),
        curve('dark', (row) => row.darkS, false),
      ],
    };
  }, [rows, oilC, horizonS, printer, theme]);
  return <Chart option={option} height={height} label={label} />;
}
