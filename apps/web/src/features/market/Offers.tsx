import { isOldPrice, itemName, money } from '@outfit/core';
import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useRef } from 'react';
import { Link } from 'react-router';
import { type OfferDto, type SellerDto, useBinSellerMutation, useDropOfferMutation } from '@/api';
import { toPrices } from '@/parts';
import { attempt, Button, longDay, OwnInput, plural, tell } from '@/ui';
import { useWorkspace } from '@/workspace';
import { OfferSheet, SellerSheet } from './byHand';
import { useSellerOffers } from './useSellerOffers';

interface OffersProps {
  readonly seller: SellerDto;
  readonly words: string;
  readonly onWords: (words: string) => void;
}

const ROW_PX = 46;
const COLUMNS = 'grid grid-cols-[minmax(0,1fr)_4.2rem_3.6rem_5.4rem_8.2rem] gap-3 px-3';

/** What one seller offers, all of it, the cheapest first; each row leads to the item's prices everywhere. */
export function Offers({ seller, words, onWords }: OffersProps) {
  const [bin] = useBinSellerMutation();
  const offers = useSellerOffers(seller.id, words);
  const scroller = useRef<HTMLDivElement>(null);
  const total = offers.total ?? 0;
  // eslint-disable-next-line react-hooks/incompatible-library -- its functions are not memoised; nothing here relies on that
  const virtual = useVirtualizer({ count: total, getScrollElement: () => scroller.current, estimateSize: () => ROW_PX, overscan: 8 });
  const items = virtual.getVirtualItems();
  const [first, last] = [items[0]?.index ?? 0, items.at(-1)?.index ?? 0];
  const { want } = offers;
  useEffect(() => want(first, last), [want, first, last]);
  useEffect(() => void scroller.current?.scrollTo({ top: 0 }), [seller.id, words]);
  return (
    <section aria-label={`Offers of ${seller.name}`} className="bg-sheet border-rule flex min-h-0 flex-col border">
      <div className="border-rule flex items-center gap-3 border-b p-2.5">
        <OwnInput
          key={seller.id}
          aria-label="Search these offers"
          placeholder={`Search what ${seller.name} sells`}
          value={words}
          onFollow={onWords}
        />
        <span role="status" className="text-pencil text-[0.87rem] whitespace-nowrap">
          {offers.total === null ? 'Looking…' : plural(total, 'offer')}
        </span>
        <SellerSheet seller={seller} trigger={<Button>Terms…</Button>} onKept={() => undefined} />
        <OfferSheet seller={seller} />
        <Button
          tone="quiet"
          onClick={() =>
            void attempt(bin({ id: seller.id }).unwrap()).then(
              (done) => done && tell(`“${seller.name}” lies in the bin. Undo brings it back.`),
            )
          }
        >
          Put in the bin
        </Button>
      </div>
      <div role="table" aria-label="List of offers" aria-rowcount={total} className="flex min-h-0 flex-1 flex-col text-[0.93rem]">
        <div role="row" className={`${COLUMNS} bg-paper text-pencil py-1 text-[0.87rem]`}>
          {['Item', 'Condition', 'Stock', 'Price', 'Seen'].map((head) => (
            <span key={head} role="columnheader" className={head === 'Stock' || head === 'Price' ? 'text-right' : ''}>
              {head}
            </span>
          ))}
        </div>
        {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- what scrolls must be reachable by keyboard */}
        <div ref={scroller} role="rowgroup" tabIndex={0} className="min-h-0 flex-1 overflow-auto">
          <div style={{ height: virtual.getTotalSize() }} className="relative">
            {items.map((item) => (
              <div
                key={item.key}
                role="row"
                aria-rowindex={item.index + 1}
                style={{ top: item.start, height: ROW_PX }}
                className={`${COLUMNS} border-rule absolute inset-x-0 items-center border-b`}
              >
                <Cells offer={offers.at(item.index)} />
              </div>
            ))}
          </div>
          {offers.total === 0 && (
            <p className="text-pencil p-4">{words === '' ? 'Nothing is offered here yet.' : 'Nothing here has these words.'}</p>
          )}
          {offers.hasFailed && (
            <p className="text-madder p-4">The list did not come. Check that Outfit is still running, then scroll again.</p>
          )}
        </div>
      </div>
    </section>
  );
}

function Cells({ offer }: { readonly offer: OfferDto | null }) {
  const [drop] = useDropOfferMutation();
  const { catalogue, currency, today } = useWorkspace();
  if (!offer) return <span role="cell" className="text-pencil" aria-label="Being read" />;
  const isOld = isOldPrice(offer.seenOn, today);
  return (
    <>
      <span role="cell" className="line-clamp-2 leading-tight">
        <Link to={toPrices(offer.kind, offer.item)} className="hover:text-lagoon hover:underline">
          {itemName(offer, catalogue)}
        </Link>
      </span>
      <span role="cell">{offer.condition}</span>
      <span role="cell" className="text-right leading-tight whitespace-nowrap">
        <span className="font-mono">{offer.stock}</span>
        {offer.multiple > 1 && <span className="text-pencil block text-[0.8rem]">lots of {offer.multiple}</span>}
      </span>
      <span role="cell" className={`text-right leading-tight whitespace-nowrap ${isOld ? 'text-pencil' : ''}`}>
        <span className="font-mono">{money(offer.priceMinor, currency)}</span>
        {offer.currency !== currency && (
          <span className="text-pencil block text-[0.8rem]">{money(offer.askedMinor, offer.currency)} asked</span>
        )}
      </span>
      <span role="cell" className="text-pencil text-[0.87rem] leading-tight">
        {longDay(offer.seenOn)}
        {offer.origin === 'simulated' ? (
          <span className="block text-[0.8rem]">simulated</span>
        ) : (
          <button
            type="button"
            className="text-lagoon block text-[0.8rem] underline"
            aria-label={`Take ${itemName(offer, catalogue)} out of these offers`}
            onClick={() => void attempt(drop({ id: offer.id }).unwrap())}
          >
            take it out
          </button>
        )}
      </span>
    </>
  );
}
