import { money } from '@outfit/core';
import { useMemo } from 'react';
import type { SpentDto } from '@/api';
import { AXIS, Chart, CHART } from '@/ui';

const MOST_SELLERS = 6;

/** What was spent by month and seller, as a chart; and what the plans had reckoned. */
export function Spent({ spent }: { readonly spent: SpentDto }) {
  const { months, currency, costMinor, plannedMinor } = spent;
  const option = useMemo(() => {
    const names = [...new Set(months.map((row) => row.month))];
    const totals = new Map<string, number>();
    for (const { seller, minor } of months) totals.set(seller, (totals.get(seller) ?? 0) + minor);
    const dearest = [...totals].sort(([, a], [, b]) => b - a).map(([seller]) => seller);
    const shown = dearest.slice(0, MOST_SELLERS);
    const seriesOf = (name: string, isOf: (seller: string) => boolean) => ({
      name,
      type: 'bar' as const,
      stack: 'spent',
      data: names.map((month) => months.reduce((all, row) => all + (row.month === month && isOf(row.seller) ? row.minor : 0), 0) / 100),
    });
    return {
      ...CHART,
      legend: { bottom: 0, type: 'scroll' as const },
      grid: { left: 48, right: 12, top: 12, bottom: 52 },
      xAxis: { ...AXIS, type: 'category' as const, data: names },
      yAxis: { ...AXIS, type: 'value' as const },
      series: [
        ...shown.map((seller) => seriesOf(seller, (other) => other === seller)),
        ...(dearest.length > MOST_SELLERS ? [seriesOf('others', (seller) => !shown.includes(seller))] : []),
      ],
    };
  }, [months]);
  const off = costMinor - plannedMinor;
  return (
    <section aria-label="What was spent" className="border-rule bg-sheet border-b px-5 py-3">
      <p className="mb-1 text-[0.93rem]">
        {money(costMinor, currency)} in all,{' '}
        {off === 0 ? 'as planned' : `${money(Math.abs(off), currency)} ${off > 0 ? 'more' : 'less'} than planned`}.
      </p>
      <Chart option={option} label="What was spent by month and seller" height={200} />
    </section>
  );
}
