import { inUnits, itemName } from '@outfit/core';
import type { OfferChangeDto, OfferImportDto } from '@/api';
import { plural } from '@/ui';
import { useWorkspace } from '@/workspace';

const SHOWN = 40;
const amountText = (minor: number | null, currency: string): string => (minor === null ? '' : inUnits(minor, currency));

const wordsOf = ({ change, currency, beforeMinor, afterMinor, beforeStock, afterStock }: OfferChangeDto): string => {
  if (change === 'new') return `new, ${amountText(afterMinor, currency)}, ${afterStock} in stock`;
  if (change === 'gone') return `gone, was ${amountText(beforeMinor, currency)}`;
  if (change === 'dearer' || change === 'cheaper')
    return `${change}: ${amountText(beforeMinor, currency)} to ${amountText(afterMinor, currency)}`;
  return `${change}: ${beforeStock} to ${afterStock}`;
};

/** What a file changes against the sellers' last files. */
export function ImportChanges({ report }: { readonly report: OfferImportDto }) {
  const { catalogue } = useWorkspace();
  const { counts, changes } = report;
  const words = [
    ...(counts.new > 0 ? [`${counts.new} new`] : []),
    ...(counts.dearer > 0 ? [`${counts.dearer} dearer`] : []),
    ...(counts.cheaper > 0 ? [`${counts.cheaper} cheaper`] : []),
    ...(counts.stock > 0 ? [`${counts.stock} with another stock`] : []),
    ...(counts.gone > 0 ? [`${counts.gone} gone`] : []),
  ];
  return (
    <section aria-label="What the file changes" className="mt-3">
      <p>Against the last file of these sellers: {words.length === 0 ? 'nothing changes' : words.join(', ')}.</p>
      {changes.length > 0 && (
        <ul className="border-rule mt-1 max-h-40 overflow-auto border-y py-1 text-[0.87rem]">
          {changes.slice(0, SHOWN).map((row, i) => (
            <li key={i}>
              <span className="font-mono text-[0.8rem]">{row.seller}</span> {itemName(row, catalogue)}:{' '}
              <span className="text-pencil">{wordsOf(row)}</span>
            </li>
          ))}
          {changes.length > SHOWN && <li className="text-pencil">and {plural(changes.length - SHOWN, 'more change')}</li>}
        </ul>
      )}
    </section>
  );
}
