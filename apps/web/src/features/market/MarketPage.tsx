import { useImportOffersMutation, useImportRatesMutation, useImportSellersMutation, useListSellersQuery } from '@/api';
import { Link } from 'react-router';
import { ImportDialog, UndoButtons } from '@/parts';
import { Button, plural, useAddress } from '@/ui';
import { useUndo } from '@/workspace';
import { SellerSheet } from './byHand';
import { ClockBar } from './ClockBar';
import { ImportChanges } from './ImportChanges';
import { Offers } from './Offers';
import { SellerCard } from './SellerCard';
import { Wanted } from './Wanted';
import { WatchPanel } from './watches';

const SELLER_COLUMNS = [
  { name: 'seller', about: 'a short name, such as tin-drawer' },
  { name: 'name', about: 'what it is called' },
  { name: 'country', about: 'such as NL' },
  { name: 'currency', about: 'such as EUR' },
  { name: 'days', about: 'until a parcel is there' },
  { name: 'postage', about: 'up to so many grams, such as 20:1.95 100:3.60' },
  { name: 'sells from, packing, posts free from', about: 'amounts, when there are any' },
  { name: 'duty above, duty percent, duty fee', about: 'when there is duty' },
  { name: 'trusted, third-party', about: 'yes or no' },
];

const RATE_COLUMNS = [
  { name: 'currency', about: 'such as GBP' },
  { name: 'day', about: 'such as 2026-11-20' },
  { name: 'rate', about: 'what one is worth here, such as 1.1542' },
];

const COLUMNS = [
  { name: 'seller', about: 'short name, as listed here' },
  { name: 'item', about: 'a part, figure, set or bundle by its number' },
  { name: 'asks', about: 'in the seller’s own currency, such as 0.42' },
  { name: 'left', about: 'how many there are' },
  { name: 'sold in', about: 'lots of so many; 1 when empty' },
  { name: 'condition', about: 'new, used or worn; used when empty' },
  { name: 'seen on', about: 'day, such as 2026-11-20' },
];

/** Who sells, on what terms, and what they ask; the day the market has reached, and what is watched for. */
export function MarketPage() {
  const { data: sellers = [] } = useListSellersQuery();
  const [importOffers] = useImportOffersMutation();
  const [importSellers] = useImportSellersMutation();
  const [importRates] = useImportRatesMutation();
  const undoing = useUndo('market', 'all');
  const [params, change] = useAddress();
  const open = sellers.find((seller) => seller.id === params.get('seller')) ?? sellers[0];
  const showsLists = params.get('show') === 'sellers' || params.has('seller');
  const offers = sellers.reduce((all, seller) => all + seller.offerCount, 0);
  return (
    <div className="mx-auto flex h-full max-w-7xl flex-col px-5 py-3">
      <div className="flex flex-wrap items-center gap-x-4 gap-y-1">
        <h1 className="text-2xl">Market</h1>
        <p className="text-pencil" data-testid="market-total">
          {plural(offers, 'offer')} from {plural(sellers.length, 'seller')}
        </p>
        <UndoButtons undoing={undoing} />
        <ClockBar />
      </div>
      <div className="mt-1 flex flex-wrap items-center gap-x-4 gap-y-1">
        <nav aria-label="Views of the market" className="flex gap-3">
          <View to="/market" isOpen={!showsLists}>
            What I need
          </View>
          <View to="/market?show=sellers" isOpen={showsLists}>
            Sellers
          </View>
        </nav>
        <div className="ml-auto flex gap-2">
          <SellerSheet
            trigger={<Button>Add a seller…</Button>}
            onKept={(id) =>
              change((next) => {
                next.set('seller', id);
                next.delete('words');
              })
            }
          />
          <ImportDialog
            title="Import sellers"
            opens="Sellers…"
            columns={SELLER_COLUMNS}
            what="seller"
            send={(body, agree) => importSellers({ body, ...(agree ? { agree } : {}) }).unwrap()}
          />
          <ImportDialog
            title="Import exchange rates"
            opens="Rates…"
            columns={RATE_COLUMNS}
            what="rate"
            send={(body, agree) => importRates({ body, ...(agree ? { agree } : {}) }).unwrap()}
          />
          <ImportDialog
            title="Import sellers’ offers"
            columns={COLUMNS}
            what="offer"
            send={(body, agree) => importOffers({ body, ...(agree ? { agree } : {}) }).unwrap()}
            more={(report) => <ImportChanges report={report} />}
          />
        </div>
      </div>
      {sellers.length === 0 && (
        <p className="text-pencil mt-3">
          Nobody sells anything yet. Write down the sellers you buy from with “Add a seller…”, or import many with “Sellers…” and their
          offers with “Import CSV…”.
        </p>
      )}
      <div className="mt-3 grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_18rem] gap-4 max-lg:grid-cols-1">
        {showsLists ? (
          <div className="grid min-h-0 grid-cols-[19rem_minmax(0,1fr)] gap-4 max-lg:grid-cols-[17rem_minmax(0,1fr)]">
            <ul className="min-h-0 overflow-auto" aria-label="Sellers">
              {sellers.map((seller) => (
                <li key={seller.id}>
                  <SellerCard
                    seller={seller}
                    isOpen={seller.id === open?.id}
                    onOpen={() =>
                      change((next) => {
                        next.set('seller', seller.id);
                        next.delete('words');
                      })
                    }
                  />
                </li>
              ))}
            </ul>
            {open && (
              <Offers
                seller={open}
                words={params.get('words') ?? ''}
                onWords={(words) =>
                  change((next) => {
                    next.set('seller', open.id);
                    if (words === '') next.delete('words');
                    else next.set('words', words);
                  })
                }
              />
            )}
          </div>
        ) : (
          <Wanted />
        )}
        <WatchPanel />
      </div>
    </div>
  );
}

const View = ({ to, isOpen, children }: { readonly to: string; readonly isOpen: boolean; readonly children: string }) => (
  <Link
    to={to}
    aria-current={isOpen ? 'page' : undefined}
    className={isOpen ? 'text-lagoon font-semibold underline decoration-2 underline-offset-8' : 'hover:text-lagoon'}
  >
    {children}
  </Link>
);
