import { inUnits, money } from '@outfit/core';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { type SpentDto, useListRealCostsQuery } from '@/api';
import { useNames, useWorkspace } from '@/workspace';
import { AXIS, Chart, CHART } from '@/ui';

const MOST_SELLERS = 6;
/** One for each seller that is named, and one for the others. */
const SHADES = ['#176874', '#8f5400', '#556739', '#a8323a', '#1b2742', '#7c8cc9', '#566069'];

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
      data: names.map((month) => months.reduce((all, row) => all + (row.month === month && isOf(row.seller) ? row.minor : 0), 0)),
    });
    return {
      ...CHART,
      color: SHADES,
      legend: { bottom: 0, type: 'scroll' as const },
      grid: { left: 48, right: 12, top: 12, bottom: 52 },
      xAxis: { ...AXIS, type: 'category' as const, data: names },
      yAxis: { ...AXIS, type: 'value' as const, axisLabel: { ...AXIS.axisLabel, formatter: (minor: number) => inUnits(minor, currency) } },
      series: [
        ...shown.map((seller) => seriesOf(seller, (other) => other === seller)),
        ...(dearest.length > MOST_SELLERS ? [seriesOf('others', (seller) => !shown.includes(seller))] : []),
      ],
    };
  }, [months, currency]);
  const off = costMinor - plannedMinor;
  return (
    <section aria-label="What was spent" className="border-rule bg-sheet border-b px-5 py-3">
      <p className="mb-1 text-[0.93rem]">
        {money(costMinor, currency)} for parcels in all,{' '}
        {off === 0 ? 'as planned' : `${money(Math.abs(off), currency)} ${off > 0 ? 'more' : 'less'} than planned`}.
      </p>
      <div className="grid grid-cols-[minmax(0,1fr)_20rem] gap-6 max-lg:grid-cols-1">
        <Chart option={option} label="What was spent by month and seller" height={200} />
        <ByLineUp />
      </div>
    </section>
  );
}

/** What the pieces of each line-up really cost: those they have, and those that are theirs. */
function ByLineUp() {
  const { currency } = useWorkspace();
  const names = useNames();
  const { data: figures = [] } = useListRealCostsQuery();
  const lineUps = names.flatMap(({ id, name }) => {
    const own = figures.filter((figure) => figure.lineUp === id);
    return own.length === 0 ? [] : [{ id, name, own, minor: own.reduce((all, figure) => all + figure.costMinor, 0) }];
  });
  if (lineUps.length === 0) return null;
  return (
    <table aria-label="Real cost by line-up" className="self-start text-[0.93rem]">
      <caption className="text-pencil caption-bottom pt-1 text-left text-[0.87rem]">
        With what was written down as paid for pieces that no parcel here brought.
      </caption>
      <thead className="text-pencil text-left text-[0.87rem]">
        <tr>
          <th className="font-normal">Line-up</th>
          <th className="px-2 font-normal">Figures</th>
          <th className="text-right font-normal">Real cost</th>
        </tr>
      </thead>
      <tbody>
        {lineUps.map(({ id, name, own, minor }) => (
          <tr key={id} className="border-rule border-b">
            <th scope="row" className="py-1 text-left font-normal">
              <Link to={`/line-ups/${id}`} className="text-lagoon underline">
                {name}
              </Link>
            </th>
            <td className="px-2 font-mono">{own.length}</td>
            <td className="text-right font-mono">{money(minor, currency)}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}
