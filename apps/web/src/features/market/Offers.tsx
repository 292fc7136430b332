import { isOldPrice } from '@outfit/core';
import { Link } from 'react-router';
import { useListOffersQuery, type SellerDto } from '@/api';
import { itemName, toPrices } from '@/app/itemName';
import { useWorkspace } from '@/app/WorkspaceContext';
import { Input } from '@/ui/Field';
import { longDay, money } from '@/ui/format';

interface OffersProps {
  readonly seller: SellerDto;
  readonly words: string;
  readonly onWords: (words: string) => void;
}

/** What one seller offers; each row leads to the item's prices everywhere. */
export function Offers({ seller, words, onWords }: OffersProps) {
  const { catalogue, currency, today } = useWorkspace();
  const { data: offers = [] } = useListOffersQuery({ seller: seller.id });
  const rows = offers
    .map((offer) => ({ offer, name: itemName(offer, catalogue) }))
    .filter(({ offer, name }) =>
      words
        .toLowerCase()
        .split(/\s+/)
        .every((word) => `${name} ${offer.item}`.toLowerCase().includes(word)),
    );
  return (
    <section aria-label={`Offers of ${seller.name}`} className="bg-sheet border-rule flex min-h-0 flex-col border">
      <div className="border-rule border-b p-2.5">
        <Input
          aria-label="Search these offers"
          placeholder={`Search what ${seller.name} sells`}
          value={words}
          onChange={(event) => onWords(event.target.value)}
        />
      </div>
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- what scrolls must be reachable by keyboard */}
      <div tabIndex={0} role="group" aria-label="List of offers" className="min-h-0 flex-1 overflow-auto">
        <table className="w-full text-[0.93rem]">
          <thead className="bg-paper text-pencil sticky top-0 text-left text-[0.87rem]">
            <tr>
              <th scope="col" className="px-3 py-1 font-medium">
                Item
              </th>
              <th scope="col" className="px-3 py-1 font-medium">
                Condition
              </th>
              <th scope="col" className="px-3 py-1 text-right font-medium">
                Stock
              </th>
              <th scope="col" className="px-3 py-1 text-right font-medium">
                Price
              </th>
              <th scope="col" className="px-3 py-1 font-medium">
                Seen
              </th>
            </tr>
          </thead>
          <tbody>
            {rows.map(({ offer, name }) => (
              <tr key={offer.id} className="border-rule border-t align-top">
                <td className="px-3 py-1">
                  <Link to={toPrices(offer.kind, offer.item)} className="hover:text-lagoon hover:underline">
                    {name}
                  </Link>
                </td>
                <td className="px-3 py-1">{offer.condition}</td>
                <td className="px-3 py-1 text-right whitespace-nowrap">
                  {offer.multiple > 1 && <span className="text-pencil text-[0.8rem]">lots of {offer.multiple} </span>}
                  <span className="font-mono">{offer.stock}</span>
                </td>
                <td className={`px-3 py-1 text-right whitespace-nowrap ${isOldPrice(offer.seenOn, today) ? 'text-pencil' : ''}`}>
                  <span className="font-mono">{money(offer.priceMinor, currency)}</span>
                  {offer.currency !== currency && (
                    <span className="text-pencil block text-[0.8rem]">{money(offer.askedMinor, offer.currency)} asked</span>
                  )}
                </td>
                <td className="text-pencil px-3 py-1 text-[0.87rem]">
                  {longDay(offer.seenOn)}, {offer.origin}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        {rows.length === 0 && <p className="text-pencil p-4">Nothing here has these words.</p>}
      </div>
    </section>
  );
}
