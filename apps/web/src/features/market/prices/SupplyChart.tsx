import { money } from '@outfit/core';
import { useMemo } from 'react';
import { type ItemPricesDto, useListSellersQuery } from '@/api';
import { AXIS, Chart, CHART, plural } from '@/ui';

/** The supply curve: what the next piece costs, landed, as one buys on. */
export function SupplyChart({ prices: { supply, currency } }: { readonly prices: ItemPricesDto }) {
  const { data: sellers } = useListSellersQuery();
  const option = useMemo(() => {
    const format = (minor: number): string => money(minor, currency);
    const name = (id: string): string => sellers?.find((seller) => seller.id === id)?.name ?? id;
    // A step holds from the unit after the one before: the line starts at the first price and ends at the last unit.
    const points = supply.flatMap((step) => [
      [step.upTo - step.units, step.landedMinor],
      [step.upTo, step.landedMinor],
    ]);
    return {
      grid: { left: 54, right: 20, top: 14, bottom: 40 },
      tooltip: {
        trigger: 'axis',
        formatter: (rows: readonly { readonly dataIndex: number }[]) => {
          const step = supply[Math.floor((rows[0]?.dataIndex ?? 0) / 2)];
          return step ? `up to piece ${step.upTo}: ${format(step.landedMinor)} landed, from ${name(step.seller)}` : '';
        },
      },
      xAxis: { type: 'value', name: 'pieces', nameLocation: 'middle', nameGap: 24, minInterval: 1, ...AXIS },
      yAxis: { type: 'value', scale: true, ...AXIS, axisLabel: { ...AXIS.axisLabel, formatter: (value: number) => format(value) } },
      series: [{ type: 'line', symbol: 'none', color: CHART.saffron, areaStyle: { color: CHART.saffron, opacity: 0.08 }, data: points }],
    };
  }, [supply, currency, sellers]);
  const [first, last] = [supply[0], supply.at(-1)];
  if (!first || !last) return null;
  return (
    <Chart
      option={option}
      height={190}
      label={`${plural(last.upTo, 'piece')} can be had, the first at ${money(first.landedMinor, currency)} landed, the last at ${money(last.landedMinor, currency)}.`}
    />
  );
}
