import { LATER } from '#text/shared/laterPhrases';
import { type CoolingResult, LIMITS } from '@ember-fold/core/plan';
import { useMemo } from 'react';
import { useTheme } from 'styled-components';
import type { Printer } from '../../text/printer';
import { axisLook, degreeAxis, markText, tooltipLook } from './axes';
import { Chart } from './Chart';

interface CoolingChartProps {
  readonly cooling: CoolingResult;
  readonly split: CoolingResult | null;
  readonly printer: Printer;
}

/** Warmest place of the filling over the hours, in one dish and in two. It is long because it is one list of chart options. */
export function CoolingChart({ cooling, split, printer }: CoolingChartProps) {
  const theme = useTheme();
  const option = useMemo(() => {
    const line = (result: CoolingResult) =>
      result.curve
        .filter((_, i) => i % 2 === 0)
        .map((p) => [p.timeS / 3600, Math.round(printer.degrees(p.warmestC) * 10) / 10]);
    const endS = Math.max(3600, ((cooling.toFoldS ?? 6 * 3600) * 4) / 3);
    return {
      grid: { left: 34, right: 12, top: 22, bottom: 34 },
      tooltip: tooltipLook(theme),
      xAxis: {
        type: 'value',
        max: Number((endS / 3600).toFixed(1)),
        name: 'hours',
        nameLocation: 'middle',
        nameGap: 20,
        ...axisLook(theme),
        splitLine: { show: false },
      },
      yAxis: { type: 'value', ...degreeAxis(theme), splitNumber: 3 },
      series: [
        {
          name: LATER.oneDish,
          type: 'line',
          data: line(cooling),
          showSymbol: false,
          lineStyle: { color: theme.accent, width: 2.5 },
          itemStyle: { color: theme.accent },
          markLine: {
            symbol: 'none',
            silent: true,
            lineStyle: { color: theme.know, type: 'dashed' },
            label: {
              ...markText(theme),
              position: 'insideEndTop',
              formatter: LATER.safeBy(printer.span(LIMITS.cooling.firstS)),
            },
            data: [
              { yAxis: printer.degrees(LIMITS.cooling.firstC) },
              ...(cooling.toFoldS === null
                ? []
                : [
                    {
                      xAxis: cooling.toFoldS / 3600,
                      lineStyle: { color: theme.good },
                      label: { ...markText(theme), position: 'end', formatter: 'fold' },
                    },
                  ]),
            ],
          },
        },
        ...(split
          ? [
              {
                name: LATER.twoDishes,
                type: 'line',
                data: line(split),
                showSymbol: false,
                lineStyle: { color: theme.soft, width: 1.5, type: 'dotted' },
                itemStyle: { color: theme.soft },
              },
            ]
          : []),
      ],
    };
  }, [cooling, split, printer, theme]);
  const fold = cooling.toFoldS === null ? LATER.notWithin12Hours : LATER.after(printer.time(cooling.toFoldS));
  return <Chart option={option} height={136} label={LATER.coolingOfTheFillingCold(fold)} />;
}
