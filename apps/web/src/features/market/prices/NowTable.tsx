import { money } from '@outfit/core';
import type { PriceSummaryDto } from '@/api';
import { Heads } from '@/ui';

/** What is asked now, a row a condition: how many, the least, the quartiles, the mean weighted by stock. */
export function NowTable({ now, currency }: { readonly now: readonly PriceSummaryDto[]; readonly currency: string }) {
  const format = (minor: number): string => money(minor, currency);
  return (
    <section aria-label="Prices now">
      <h2 className="text-[1.07rem]">What is asked now</h2>
      <table className="w-full text-[0.87rem]">
        <Heads names={['Condition', 'Offers', 'Least', 'Middle half', 'Mean']} right={['Offers', 'Least', 'Middle half', 'Mean']} />
        <tbody>
          {now.map((row) => (
            <tr key={row.condition} className="border-rule border-t">
              <td className="py-1 pr-2">{row.condition}</td>
              <td className="py-1 pr-2 text-right font-mono">{row.offers}</td>
              <td className="py-1 pr-2 text-right font-mono">{format(row.leastMinor)}</td>
              <td className="py-1 pr-2 text-right font-mono whitespace-nowrap">
                {format(row.lowerQuartileMinor)} – {format(row.upperQuartileMinor)}
              </td>
              <td className="py-1 text-right font-mono">{format(row.meanMinor)}</td>
            </tr>
          ))}
        </tbody>
      </table>
      {now.length === 0 && <p className="text-pencil">Nobody offers it at the moment.</p>}
    </section>
  );
}
