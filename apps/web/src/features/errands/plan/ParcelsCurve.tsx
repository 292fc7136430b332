import { againstEach, money } from '@outfit/core';
import { useMemo } from 'react';
import type { ErrandDto, PlanDto } from '@/api';
import { AXIS, Chart, CHART, plural } from '@/ui';

interface ParcelsCurveProps {
  readonly errand: ErrandDto;
  readonly plan: PlanDto;
  readonly onChoose: (maxParcels: number) => void;
}

/** What the trip costs with fewer parcels; each point can be chosen, and the trip is planned again with so many at most. */
export function ParcelsCurve({ errand, plan, onChoose }: ParcelsCurveProps) {
  const { curve } = plan.compared;
  const against = againstEach(plan);
  const { currency } = errand;
  const option = useMemo(
    () => ({
      grid: { left: 54, right: 12, top: 12, bottom: 36 },
      tooltip: {
        trigger: 'axis',
        formatter: (rows: readonly { readonly dataIndex: number }[]) => {
          const point = curve[rows[0]?.dataIndex ?? 0];
          return point ? `at most ${plural(point.parcels, 'parcel')}: ${money(point.costMinor, currency)}` : '';
        },
      },
      xAxis: {
        type: 'category',
        name: 'parcels at most',
        nameLocation: 'middle',
        nameGap: 22,
        data: curve.map((point) => point.parcels),
        ...AXIS,
        splitLine: { show: false },
      },
      yAxis: {
        type: 'value',
        scale: true,
        ...AXIS,
        axisLabel: { ...AXIS.axisLabel, formatter: (value: number) => money(value, currency) },
      },
      series: [
        {
          type: 'line',
          step: 'end',
          symbol: 'circle',
          symbolSize: 8,
          color: CHART.lagoon,
          data: curve.map((point) => point.costMinor),
        },
      ],
    }),
    [curve, currency],
  );
  return (
    <section aria-label="Fewer parcels">
      <h3 className="text-[1.07rem]">With fewer parcels</h3>
      {curve.length > 1 && (
        <Chart
          option={option}
          height={150}
          label={`Cost by parcels: ${curve.map((point) => `${plural(point.parcels, 'parcel')} ${money(point.costMinor, currency)}`).join(', ')}.`}
          onChoose={(i) => curve[i] && onChoose(curve[i].parcels)}
        />
      )}
      <ul className="text-[0.93rem]">
        {curve.slice(0, -1).map((point) => (
          <li key={point.parcels} className="flex justify-between gap-2">
            <button type="button" className="text-lagoon underline" onClick={() => onChoose(point.parcels)}>
              At most {plural(point.parcels, 'parcel')}
            </button>
            <span className="font-mono">{money(point.costMinor, currency)}</span>
          </li>
        ))}
        <li className="flex justify-between gap-2 font-semibold">
          <span>This plan, {plural(plan.parcels.length, 'parcel')}</span>
          <span className="font-mono">{money(plan.paidMinor, currency)}</span>
        </li>
        {against?.kind === 'saves' && (
          <li className="text-pencil flex justify-between gap-2">
            <span>Each part at its cheapest</span>
            <span className="font-mono">{money(plan.paidMinor + against.minor, currency)}</span>
          </li>
        )}
      </ul>
      {plan.parcels.length > 1 && curve.length <= 1 && (
        <p className="text-pencil text-[0.87rem]">
          {curve.length === 0 ? 'There was no time to work out fewer.' : 'The same cannot be had in fewer.'}
        </p>
      )}
    </section>
  );
}
