import { LATER } from '#text/shared/laterPhrases';
import type { OilRange } from '@ember-fold/core/stove';
import { useMemo } from 'react';
import { useTheme } from 'styled-components';
import type { Printer } from '../../text/printer';
import { axisLook, degreeAxis, markText, tooltipLook } from './axes';
import { Chart } from './Chart';

/** Lower than this, px, it is drawn with fewer words. */
const SMALL = 100;

interface OilChartProps {
  /** s and °C. */
  readonly trace: readonly (readonly [number, number])[];
  readonly forecast?: readonly (readonly [number, number])[];
  /** What the dotted line is; absent: where the oil goes. */
  readonly forecastName?: string;
  readonly range: OilRange;
  /** Start of each load, s. */
  readonly loadStartsS: readonly number[];
  readonly printer: Printer;
  readonly label: string;
  readonly height: number | string;
  /** Show no earlier than this, s. */
  readonly fromS?: number;
}

/** Oil over the minutes against its range, with the loads as they went in. It is long because it is one list of chart options. */
export function OilChart({
  trace,
  forecast,
  range,
  loadStartsS,
  printer,
  label,
  height,
  fromS = 0,
  forecastName = 'forecast',
}: OilChartProps) {
  const theme = useTheme();
  const option = useMemo(() => {
    const point = ([s, c]: readonly [number, number]) => [s / 60, Math.round(printer.degrees(c) * 10) / 10];
    const shown = trace.filter(([s]) => s >= fromS);
    // In a small chart the two ends of the axis are enough: more would print over each other.
    const small = typeof height === 'number' && height < SMALL;
    const loads = loadStartsS
      .map((s, i) => ({
        xAxis: s / 60,
        label: { formatter: small || (i > 0 && loadStartsS.length > 4) ? String(i + 1) : LATER.load(i + 1) },
      }))
      .filter(({ xAxis }) => xAxis * 60 >= fromS);
    const temps = [...shown, ...(forecast ?? [])].map(([, c]) => c);
    const least = temps.reduce((a, b) => Math.min(a, b), range.least - 6);
    const most = temps.reduce((a, b) => Math.max(a, b), range.most + 6);
    const five = (c: number, round: (n: number) => number) => 5 * round(printer.degrees(c) / 5);
    const [min, max] = [five(least, Math.floor), five(most, Math.ceil)];
    return {
      grid: { left: 42, right: 16, top: 22, bottom: small ? 18 : 34 },
      tooltip: tooltipLook(theme),
      xAxis: {
        type: 'value',
        min: 'dataMin',
        max: 'dataMax',
        // Whole minutes: no minute is written twice.
        minInterval: 1,
        ...(small ? {} : { name: 'minutes' }),
        nameLocation: 'middle',
        nameGap: 20,
        ...axisLook(theme),
        axisLabel: {
          ...axisLook(theme).axisLabel,
          hideOverlap: true,
          formatter: (m: number) => `${Math.round(m)}${small ? ' min' : ''}`,
          showMinLabel: false,
          showMaxLabel: false,
        },
        splitLine: { show: false },
      },
      yAxis: {
        type: 'value',
        min,
        max,
        ...(small ? { interval: max - min } : { splitNumber: 4 }),
        ...degreeAxis(theme),
      },
      series: [
        {
          name: 'oil',
          type: 'line',
          data: shown.map(point),
          showSymbol: false,
          sampling: 'lttb',
          lineStyle: { color: theme.accentText, width: 2.5 },
          itemStyle: { color: theme.accentText },
          markArea: {
            silent: true,
            itemStyle: { color: theme.good, opacity: 0.22 },
            data: [[{ yAxis: printer.degrees(range.least) }, { yAxis: printer.degrees(range.most) }]],
          },
          markLine: {
            symbol: 'none',
            silent: true,
            lineStyle: { color: theme.edge, type: 'dotted' },
            label: { ...markText(theme), color: theme.soft, position: 'end' },
            data: loads,
          },
        },
        ...(forecast
          ? [
              {
                name: forecastName,
                type: 'line',
                data: forecast.map(point),
                showSymbol: false,
                lineStyle: { color: theme.accentText, width: 2, type: 'dotted' },
                itemStyle: { color: theme.accentText },
              },
            ]
          : []),
      ],
    };
  }, [trace, forecast, range, loadStartsS, printer, theme, fromS, height, forecastName]);
  return <Chart option={option} height={height} label={label} />;
}
