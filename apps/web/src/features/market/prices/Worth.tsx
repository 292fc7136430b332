import { itemName, money } from '@outfit/core';
import { useMemo } from 'react';
import { Link } from 'react-router';
import type { WorthDto } from '@/api';
import { toPrices, Why } from '@/parts';
import { AXIS, Chart, CHART, plural } from '@/ui';
import { CHEAPEST_FOR, useWorkspace } from '@/workspace';

const SHOWN = 10;

interface WorthProps {
  readonly worth: WorthDto;
  readonly kind: string;
  readonly currency: string;
}

/** What something that holds several pieces costs as a whole and as its parts, what they would bring again, and which part carries it. */
export function Worth({ worth, kind, currency }: WorthProps) {
  const { catalogue } = useWorkspace();
  const format = (minor: number): string => money(minor, currency);
  const [dearest] = worth.shares;
  const option = useMemo(() => {
    const rows = worth.shares.slice(0, SHOWN).reverse();
    return {
      grid: { left: 8, right: 56, top: 4, bottom: 8, containLabel: true },
      xAxis: { type: 'value', show: false, max: 'dataMax' },
      yAxis: {
        type: 'category',
        data: rows.map((row) => itemName({ kind: 'variant', item: row.variant }, catalogue)),
        ...AXIS,
        axisLabel: { ...AXIS.axisLabel, width: 260, overflow: 'truncate' },
      },
      series: [
        {
          type: 'bar',
          color: CHART.lagoon,
          barMaxWidth: 14,
          data: rows.map((row) => row.share),
          label: { show: true, position: 'right', formatter: ({ value }: { readonly value: number }) => `${Math.round(value * 100)} %` },
        },
      ],
    };
  }, [worth, catalogue]);
  const pieces = worth.shares.map((row) => ({
    label: `${row.quantity > 1 ? `${row.quantity} × ` : ''}${itemName({ kind: 'variant', item: row.variant }, catalogue)}`,
    value: row.landedMinor * row.quantity,
  }));
  return (
    <section aria-label="Worth">
      <h2 className="text-[1.07rem]">As a whole, and as its parts</h2>
      <dl className="mt-1 flex flex-wrap gap-x-8 gap-y-1">
        <div>
          <dd className="font-mono text-[1.2rem]">
            <Why title="All its parts, landed" terms={pieces} format={format} total={format(worth.pieceByPieceMinor)}>
              {format(worth.pieceByPieceMinor)}
            </Why>
          </dd>
          <dt className="text-pencil text-[0.87rem]">for all its parts, each at its cheapest, {CHEAPEST_FOR}</dt>
        </div>
        <div>
          <dd className="font-mono text-[1.2rem]">{worth.wholeMinor === null ? '–' : format(worth.wholeMinor)}</dd>
          <dt className="text-pencil text-[0.87rem]">{worth.wholeMinor === null ? 'nobody sells it whole' : 'for it whole'}</dt>
        </div>
        <div>
          <dd className="font-mono text-[1.2rem]">{format(worth.takenToPiecesMinor)}</dd>
          <dt className="text-pencil text-[0.87rem]">its parts would bring again</dt>
        </div>
        {dearest && (
          <div>
            <dd className="text-[1.07rem]">
              <Link to={toPrices('variant', dearest.variant)} className="decoration-dot hover:text-lagoon underline underline-offset-4">
                {itemName({ kind: 'variant', item: dearest.variant }, catalogue)}
              </Link>
            </dd>
            <dt className="text-pencil text-[0.87rem]">carries {Math.round(dearest.share * 100)} % of that</dt>
          </div>
        )}
      </dl>
      {worth.unsold.length > 0 && (
        <p className="text-saffron text-[0.93rem]">
          {plural(worth.unsold.length, 'piece')} nobody sells, so no sum counts {worth.unsold.length === 1 ? 'it' : 'them'}.
        </p>
      )}
      {worth.shares.length > 0 && (
        <Chart
          option={option}
          height={Math.min(SHOWN, worth.shares.length) * 22 + 12}
          label={`Share of each piece of this ${kind}: ${worth.shares
            .slice(0, SHOWN)
            .map((row) => `${itemName({ kind: 'variant', item: row.variant }, catalogue)} ${Math.round(row.share * 100)} %`)
            .join(', ')}.`}
        />
      )}
    </section>
  );
}
