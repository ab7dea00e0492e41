import { CustomChart, LineChart } from 'echarts/charts';
import { GridComponent, MarkAreaComponent, MarkLineComponent, TooltipComponent } from 'echarts/components';
import * as echarts from 'echarts/core';
import type { EChartsCoreOption } from 'echarts/core';
import { CanvasRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';

echarts.use([
  CustomChart,
  LineChart,
  GridComponent,
  TooltipComponent,
  MarkAreaComponent,
  MarkLineComponent,
  CanvasRenderer,
]);

const SETTLE_MS = 120;

interface ChartProps {
  readonly option: EChartsCoreOption;
  /** What it shows, in words, for who cannot see it. */
  readonly label: string;
  readonly height: number | string;
}

/** A chart that follows its data and its box; nothing moves by itself. */
export function Chart({ option, label, height }: ChartProps) {
  const box = useRef<HTMLDivElement>(null);
  const chart = useRef<echarts.ECharts | null>(null);
  useEffect(() => {
    if (!box.current) return;
    const made = echarts.init(box.current);
    chart.current = made;
    const watch = new ResizeObserver(() => made.resize());
    watch.observe(box.current);
    return () => {
      watch.disconnect();
      made.dispose();
      chart.current = null;
    };
  }, []);
  // Figures come first: a curve follows when the typing has paused for a moment.
  const drawn = useRef(false);
  useEffect(() => {
    const draw = () => chart.current?.setOption({ animation: false, ...option }, { notMerge: true });
    if (!drawn.current) {
      drawn.current = true;
      draw();
      return;
    }
    const timer = setTimeout(draw, SETTLE_MS);
    return () => clearTimeout(timer);
  }, [option]);
  // What is drawn never holds its box wide: a screen that is turned makes it narrower.
  return <div ref={box} role="img" aria-label={label} style={{ height, width: '100%', contain: 'inline-size' }} />;
}
