import { LATER } from '#text/shared/laterPhrases';
import type { FryPlan } from '@ember-fold/core/plan';
import { useMemo } from 'react';
import { styled, useTheme } from 'styled-components';
import { crustColour } from '../drawing/crust';
import type { Printer } from '../../text/printer';
import { axisLook, degreeAxis, markText, tooltipLook } from './axes';
import { Chart } from './Chart';

const LEFT = 42;
const RIGHT = 16;

const Faces = styled.div`
  display: grid;
  grid-template-columns: ${LEFT}px 1fr ${RIGHT}px;
  align-items: center;
  row-gap: 4px;
  font-size: 12px;
  color: ${({ theme }) => theme.soft};
  i {
    display: block;
    height: 20px;
    border-radius: 5px;
  }
  p {
    grid-column: 2 / 4;
  }
`;

interface FryChartProps {
  readonly fry: FryPlan;
  readonly coreTargetC: number;
  readonly printer: Printer;
}

/** Innermost dough and core over the minutes, and under them both faces in the colour they take. */
export function FryChart({ fry, coreTargetC, printer }: FryChartProps) {
  const theme = useTheme();
  const { solution, takeOutS } = fry;
  const endS = Math.min(1800, Math.max(240, 1.45 * (takeOutS ?? solution.doneS ?? 1200)));
  const option = useMemo(() => {
    const shown = solution.samples.filter((s) => s.timeS <= endS + 20);
    const degrees = (c: number) => Math.round(printer.degrees(c) * 10) / 10;
    const near =
      takeOutS !== null && solution.doughSetS !== null && Math.abs(takeOutS - solution.doughSetS) < endS * 0.09;
    const mark = (s: number | null, name: string) =>
      s === null || s > endS ? [] : [{ xAxis: s / 60, label: { formatter: name, position: 'end' } }];
    const line = (name: string, colour: string, below: boolean, pick: (s: (typeof shown)[number]) => number) => ({
      name,
      type: 'line',
      data: shown.map((s) => [s.timeS / 60, degrees(pick(s))]),
      showSymbol: false,
      lineStyle: { color: colour, width: 2.5 },
      itemStyle: { color: colour },
      endLabel: {
        show: true,
        formatter: name,
        color: colour,
        fontSize: 13,
        align: 'right',
        offset: [-8, below ? 16 : -12],
      },
    });
    return {
      grid: { left: LEFT, right: RIGHT, top: 34, bottom: 36 },
      tooltip: tooltipLook(theme),
      xAxis: {
        type: 'value',
        max: endS / 60,
        name: LATER.minutesInTheOil,
        nameLocation: 'middle',
        nameGap: 22,
        axisPointer: { label: { precision: 1 } },
        ...axisLook(theme),
        axisLabel: { ...axisLook(theme).axisLabel, showMaxLabel: false },
        splitLine: { show: false },
      },
      yAxis: {
        type: 'value',
        max: printer.degrees(120),
        min: Math.min(printer.degrees(0), degrees(shown[0]?.coreC ?? 20)),
        ...degreeAxis(theme),
      },
      series: [
        {
          ...line(LATER.innermostDough, theme.know, false, (s) => s.interfaceC),
          markLine: {
            symbol: 'none',
            silent: true,
            lineStyle: { color: theme.edge, type: 'dashed' },
            label: markText(theme),
            data: [
              ...mark(solution.doughSetS, near ? '' : LATER.doughSet),
              ...mark(takeOutS, near ? LATER.doughSetTakeOut : 'take-out'),
            ],
          },
        },
        line('core', theme.accentText, true, (s) => s.coreC),
      ],
    };
  }, [solution, takeOutS, endS, printer, theme]);
  return (
    <>
      <Chart
        option={option}
        height={226}
        label={LATER.temperaturesInThePieceInnermost(
          solution.doughSetS === null ? LATER.doesNotSet : LATER.setsAt(printer.time(solution.doughSetS)),
          solution.coreS === null
            ? LATER.doesNotReach(printer.temp(coreTargetC))
            : LATER.reachesAt(printer.temp(coreTargetC), printer.time(solution.coreS)),
        )}
      />
      <Faces>
        <span>{LATER.first}</span>
        <i aria-hidden style={{ background: ramp(fry, endS, 0) }} />
        <span />
        <span>{LATER.other}</span>
        <i aria-hidden style={{ background: ramp(fry, endS, 1) }} />
        <span />
        {fry.seamPush && (
          <>
            <span>{LATER.seam}</span>
            <i aria-hidden style={{ background: pushRamp(fry.seamPush, endS, theme.accent) }} />
            <span />
          </>
        )}
        <p>
          {LATER.colourOfTheFaceThat}
          {fry.seamPush && LATER.fullerTheRed}
        </p>
      </Faces>
    </>
  );
}

/** A face's colour over time as stops of a gradient. */
function ramp({ solution }: FryPlan, endS: number, face: 0 | 1): string {
  const stops = solution.samples
    .filter((s, i, all) => s.timeS <= endS && (i % 3 === 0 || i === all.length - 1))
    .map((s) => `${crustColour(s.colours[face])} ${((100 * s.timeS) / endS).toFixed(1)}%`);
  return `linear-gradient(90deg, ${stops.join(', ')})`;
}

/** How hard it pushes on the seam over time: fullest at its own worst. */
function pushRamp({ moments }: NonNullable<FryPlan['seamPush']>, endS: number, colour: string): string {
  const most = Math.max(1e-9, ...moments.map((one) => one.index));
  const stops = moments
    .filter((one) => one.timeS <= endS)
    .map(
      (one) =>
        `color-mix(in srgb, ${colour} ${Math.round((90 * one.index) / most)}%, transparent) ${((100 * one.timeS) / endS).toFixed(1)}%`,
    );
  return `linear-gradient(90deg, ${stops.join(', ')})`;
}
