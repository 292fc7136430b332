import { isOldPrice } from '@outfit/core';
import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { useImportOffersMutation, useListOffersQuery, useListSellersQuery, type OfferDto, type SellerDto } from '@/api';
import { useWorkspace } from '@/app/WorkspaceContext';
import { Input } from '@/ui/Field';
import { longDay, money, plural } from '@/ui/format';
import { ImportDialog } from '@/ui/ImportDialog';

const COLUMNS = [
  { name: 'seller', about: 'short name, as listed here' },
  { name: 'variant', about: 'its number, such as HA-118·raven' },
  { name: 'price', about: 'in EUR, such as 0.42' },
  { name: 'stock', about: 'how many there are' },
  { name: 'multiple', about: 'sold in lots of; 1 when empty' },
  { name: 'condition', about: 'new, used or worn; used when empty' },
  { name: 'seen on', about: 'day, such as 2026-11-20' },
];

/** Who sells, on what terms, and what they ask. */
export function MarketPage() {
  const { data: sellers = [] } = useListSellersQuery();
  const [importOffers] = useImportOffersMutation();
  const [params, setParams] = useSearchParams();
  const open = sellers.find((seller) => seller.id === params.get('seller')) ?? sellers[0];
  const offers = sellers.reduce((all, seller) => all + seller.offerCount, 0);
  return (
    <div className="mx-auto flex h-full max-w-6xl flex-col px-6 py-4">
      <div className="flex items-baseline gap-4">
        <h1 className="text-2xl">Market</h1>
        <p className="text-pencil" data-testid="market-total">
          {plural(offers, 'offer')} from {plural(sellers.length, 'seller')}
        </p>
        <div className="ml-auto">
          <ImportDialog
            title="Import sellers’ offers"
            columns={COLUMNS}
            what="offer"
            send={(body, agree) => importOffers({ body, ...(agree ? { agree } : {}) }).unwrap()}
          />
        </div>
      </div>
      <div className="mt-3 grid min-h-0 flex-1 grid-cols-[24rem_minmax(0,1fr)] gap-5">
        <ul className="min-h-0 overflow-auto" aria-label="Sellers">
          {sellers.map((seller) => (
            <li key={seller.id}>
              <SellerCard
                seller={seller}
                isOpen={seller.id === open?.id}
                onOpen={() => setParams({ seller: seller.id }, { replace: true })}
              />
            </li>
          ))}
        </ul>
        {open && (
          <Offers
            seller={open}
            words={params.get('words') ?? ''}
            onWords={(words) => setParams(words === '' ? { seller: open.id } : { seller: open.id, words }, { replace: true })}
          />
        )}
      </div>
    </div>
  );
}

function SellerCard({ seller, isOpen, onOpen }: { readonly seller: SellerDto; readonly isOpen: boolean; readonly onOpen: () => void }) {
  const { currency } = useWorkspace();
  const [lightest] = seller.postage;
  const terms = [
    lightest?.costMinor === 0 ? 'postage free' : `postage from ${money(lightest?.costMinor ?? 0, currency)}`,
    ...(seller.minimumMinor > 0 ? [`orders from ${money(seller.minimumMinor, currency)}`] : []),
    ...(seller.handlingMinor > 0 ? [`handling ${money(seller.handlingMinor, currency)}`] : []),
    ...(seller.freePostageFromMinor !== null ? [`free postage from ${money(seller.freePostageFromMinor, currency)}`] : []),
    plural(seller.days, 'day'),
    ...(seller.thirdParty ? ['third-party parts'] : []),
  ];
  return (
    <button
      type="button"
      aria-pressed={isOpen}
      onClick={onOpen}
      className={`border-rule block w-full border-b border-l-[3px] px-3 py-2 text-left ${isOpen ? 'border-l-lagoon bg-sheet' : 'hover:bg-sheet border-l-transparent'}`}
    >
      <span className="flex items-baseline justify-between gap-2">
        <span className="font-semibold">{seller.name}</span>
        <span className="text-pencil text-[0.87rem] whitespace-nowrap">{plural(seller.offerCount, 'offer')}</span>
      </span>
      <span className="text-pencil block text-[0.87rem]">
        <span className="font-mono text-[0.8rem]">{seller.id}</span>, {seller.country}, {terms.join(', ')}
      </span>
    </button>
  );
}

function Offers({
  seller,
  words,
  onWords,
}: {
  readonly seller: SellerDto;
  readonly words: string;
  readonly onWords: (words: string) => void;
}) {
  const { catalogue, currency, today } = useWorkspace();
  const { data: offers = [] } = useListOffersQuery({ seller: seller.id });
  const nameOf = useMemo(() => {
    const figures = new Map(catalogue.data.officialFigures.map((figure) => [figure.id, figure.name]));
    return (offer: OfferDto): string =>
      offer.variant === null
        ? `${figures.get(offer.officialFigure ?? '') ?? ''}, whole figure`
        : catalogue.nameOf(catalogue.variant(offer.variant));
  }, [catalogue]);
  const rows = offers.filter((offer) =>
    words
      .toLowerCase()
      .split(/\s+/)
      .every((word) => `${nameOf(offer)} ${offer.variant ?? ''}`.toLowerCase().includes(word)),
  );
  return (
    <section aria-label={`Offers of ${seller.name}`} className="bg-sheet border-rule flex min-h-0 flex-col border">
      <div className="border-rule border-b p-3">
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
            {rows.map((offer) => (
              <tr key={offer.id} className="border-rule border-t">
                <td className="px-3 py-1">{nameOf(offer)}</td>
                <td className="px-3 py-1">{offer.condition}</td>
                <td className="px-3 py-1 text-right whitespace-nowrap">
                  {offer.multiple > 1 && <span className="text-pencil text-[0.8rem]">lots of {offer.multiple} </span>}
                  <span className="font-mono">{offer.stock}</span>
                </td>
                <td className={`px-3 py-1 text-right font-mono ${isOldPrice(offer.seenOn, today) ? 'text-pencil' : ''}`}>
                  {money(offer.priceMinor, currency)}
                </td>
                <td className="text-pencil px-3 py-1 whitespace-nowrap">
                  {longDay(offer.seenOn)}, {offer.origin}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </section>
  );
}
