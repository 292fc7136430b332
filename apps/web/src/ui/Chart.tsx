import type { EChartsCoreOption } from 'echarts/core';
import { useEffect, useRef } from 'react';

/** The palette of the workroom, for what ECharts draws itself. */
export const CHART = {
  lagoon: '#176874',
  wash: '#cfe3e2',
  madder: '#a8323a',
  saffron: '#8f5400',
  moss: '#556739',
  pencil: '#566069',
  rule: '#d5dbd3',
  ink: '#1b2742',
} as const;

const TEXT = { fontFamily: 'Hanken Grotesk Variable', fontSize: 12, color: CHART.pencil };

/** Axes as the workroom draws them: hairlines, small words, no ticks. */
export const AXIS = {
  axisLine: { lineStyle: { color: CHART.rule } },
  axisTick: { show: false },
  splitLine: { lineStyle: { color: CHART.rule } },
  axisLabel: TEXT,
  nameTextStyle: TEXT,
} as const;

interface ChartProps {
  readonly option: EChartsCoreOption;
  readonly height: number;
  /** What the chart shows, in a sentence with its figures, for those who do not see it. */
  readonly label: string;
  /** Called with the index of the data point that was chosen. */
  readonly onChoose?: (index: number) => void;
}

/** A chart that fills its column, drawn as SVG and redrawn when its column changes. */
export function Chart({ option, height, label, onChoose }: ChartProps) {
  const box = useRef<HTMLDivElement>(null);
  const choose = useRef(onChoose);
  useEffect(() => {
    choose.current = onChoose;
  }, [onChoose]);
  useEffect(() => {
    let isGone = false;
    let putAway = (): void => undefined;
    void import('./chartLibrary').then(({ init }) => {
      if (isGone || !box.current) return;
      const chart = init(box.current, null, { renderer: 'svg' });
      chart.setOption({ animation: false, textStyle: TEXT, ...option });
      chart.on('click', ({ dataIndex }) => choose.current?.(dataIndex));
      const watcher = new ResizeObserver(() => chart.resize());
      watcher.observe(box.current);
      putAway = () => {
        watcher.disconnect();
        chart.dispose();
      };
    });
    return () => {
      isGone = true;
      putAway();
    };
  }, [option]);
  return (
    <div role="img" aria-label={label}>
      <div ref={box} aria-hidden="true" style={{ height }} className="w-full" />
    </div>
  );
}
