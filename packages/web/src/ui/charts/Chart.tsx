import { CustomChart, LineChart } from 'echarts/charts';
import { GridComponent, MarkAreaComponent, MarkLineComponent, TooltipComponent } from 'echarts/components';
import * as echarts from 'echarts/core';
import type { EChartsCoreOption } from 'echarts/core';
import { CanvasRenderer } from 'echarts/renderers';
import { useEffect, useRef } from 'react';
import { styled } from 'styled-components';

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

/** What is drawn never holds its box wide: on a screen that is turned it is narrower at once, before it is drawn anew. */
const Box = styled.div`
  width: 100%;
  contain: inline-size;
  > div:first-child {
    max-width: 100%;
    overflow: hidden;
  }
`;

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
    const fit = () => {
      const { clientWidth, clientHeight } = made.getDom();
      if (made.getWidth() !== clientWidth || made.getHeight() !== clientHeight) made.resize();
    };
    // A chart that is just being drawn takes no other size: it is looked at again when it has been drawn.
    made.on('finished', fit);
    const watch = new ResizeObserver(fit);
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
  return <Box ref={box} role="img" aria-label={label} style={{ height }} />;
}
