import { money } from '@outfit/core';
import { useMemo } from 'react';
import type { ItemPricesDto } from '@/api';
import { AXIS, Chart, CHART, longDay } from '@/ui';

/** Recorded prices of one condition: the median with the middle half of what was asked as a band, and the mark of a low price. */
export function HistoryChart({ prices }: { readonly prices: ItemPricesDto }) {
  const { history, currency, lowMinor, condition } = prices;
  const option = useMemo(() => {
    const format = (minor: number): string => money(minor, currency);
    return {
      grid: { left: 54, right: 70, top: 14, bottom: 26 },
      tooltip: {
        trigger: 'axis',
        formatter: (points: readonly { readonly dataIndex: number }[]) => {
          const row = history[points[0]?.dataIndex ?? 0];
          if (!row) return '';
          return `${longDay(row.day)}: ${format(row.medianMinor)} in the middle, half between ${format(row.lowerQuartileMinor)} and ${format(row.upperQuartileMinor)}, ${row.offers} offers`;
        },
      },
      xAxis: {
        type: 'time',
        ...AXIS,
        splitLine: { show: false },
        axisLabel: { ...AXIS.axisLabel, formatter: '{d} {MMM}', hideOverlap: true },
      },
      yAxis: { type: 'value', scale: true, ...AXIS, axisLabel: { ...AXIS.axisLabel, formatter: (value: number) => format(value) } },
      series: [
        {
          name: 'lower quartile',
          type: 'line',
          stack: 'band',
          symbol: 'none',
          lineStyle: { opacity: 0 },
          data: history.map((row) => [row.day, row.lowerQuartileMinor]),
        },
        {
          name: 'middle half',
          type: 'line',
          stack: 'band',
          symbol: 'none',
          lineStyle: { opacity: 0 },
          areaStyle: { color: CHART.wash },
          data: history.map((row) => [row.day, row.upperQuartileMinor - row.lowerQuartileMinor]),
        },
        {
          name: 'median',
          type: 'line',
          symbolSize: 5,
          symbol: 'circle',
          color: CHART.lagoon,
          lineStyle: { width: 2 },
          data: history.map((row) => [row.day, row.medianMinor]),
          ...(lowMinor !== null && {
            markLine: {
              silent: true,
              symbol: 'none',
              lineStyle: { color: CHART.moss, type: 'dashed' },
              label: { formatter: `low ${format(lowMinor)}`, color: CHART.moss },
              data: [{ yAxis: lowMinor }],
            },
          }),
        },
      ],
    };
  }, [history, currency, lowMinor]);
  if (history.length === 0) return <p className="text-pencil py-6">No price of it in this condition was recorded yet.</p>;
  const [first, last] = [history[0], history.at(-1)];
  const label =
    first && last
      ? `Prices ${condition}, recorded on ${history.length} days: ${money(first.medianMinor, currency)} in the middle on ${longDay(first.day)}, ${money(last.medianMinor, currency)} on ${longDay(last.day)}.`
      : '';
  return <Chart option={option} height={210} label={label} />;
}
