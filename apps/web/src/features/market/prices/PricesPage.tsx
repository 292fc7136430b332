import { type Condition, CONDITIONS, YIELD_KINDS, type YieldKind, money } from '@outfit/core';
import { Link, useParams } from 'react-router';
import { type ItemPricesDto, useListSellersQuery, useReadItemPricesQuery } from '@/api';
import { Empty, longDay, OwnInput, plural, sentenceOf, useAddress } from '@/ui';
import { useWorkspace } from '@/workspace';
import { WatchButtons } from '../watches';
import { HistoryChart } from './HistoryChart';
import { OfferLines, termsOf } from './OfferLines';
import { SupplyChart } from './SupplyChart';
import { Worth } from './Worth';

const isKind = (text: string | undefined): text is YieldKind => (YIELD_KINDS as readonly (string | undefined)[]).includes(text);

/** Everything there is to say of one item's price: now, before, where it goes, how much there is, what it is worth. */
export function PricesPage() {
  const { kind, id = '' } = useParams();
  const [params, change] = useAddress();
  const asked = params.get('condition');
  const condition = CONDITIONS.find((row) => row === asked) ?? 'used';
  const days = params.get('days') ?? '';
  const withinDays = /^\d{1,3}$/.test(days) ? Number(days) : undefined;
  const { data, error } = useReadItemPricesQuery(
    { kind: isKind(kind) ? kind : 'variant', id, condition, ...(withinDays === undefined ? {} : { withinDays }) },
    { skip: !isKind(kind) },
  );
  if (!isKind(kind)) return <Empty title="There is no such item" />;
  if (error) return <Empty title="No prices">{sentenceOf(error)}</Empty>;
  if (!data) return <p className="text-pencil p-6">Reading prices…</p>;
  const set = (key: string, value: string): void =>
    change((query) => {
      if (value === '') query.delete(key);
      else query.set(key, value);
    });
  return <Prices prices={data} days={days} onDays={(value) => set('days', value)} onCondition={(value) => set('condition', value)} />;
}

interface PricesProps {
  readonly prices: ItemPricesDto;
  /** Days until it must be there, as typed. */
  readonly days: string;
  readonly onDays: (days: string) => void;
  readonly onCondition: (condition: Condition) => void;
}

function Prices({ prices, days, onDays, onCondition }: PricesProps) {
  const { catalogue } = useWorkspace();
  const { rarity, trend, advice, currency, condition, lowMinor } = prices;
  const { data: sellers = [] } = useListSellersQuery();
  const sellerName = (id: string): string => sellers.find((seller) => seller.id === id)?.name ?? id;
  const format = (minor: number): string => money(minor, currency);
  return (
    <div className="mx-auto flex h-full max-w-7xl flex-col px-5 py-3">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h1 className="text-2xl">{prices.name}</h1>
        <p className="text-pencil">
          <span className="font-mono text-[0.87rem]">{prices.id}</span>, prices as of {longDay(prices.today)}
        </p>
        {prices.kind === 'variant' && catalogue.has(prices.id) && (
          <Link to={`/catalogue/variants/${encodeURIComponent(prices.id)}`} className="text-lagoon underline">
            In the catalogue
          </Link>
        )}
        {prices.kind === 'source' && (
          <Link to={`/catalogue/sources/${encodeURIComponent(prices.id)}`} className="text-lagoon underline">
            In the catalogue
          </Link>
        )}
      </div>
      <div className="mt-2 grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_24rem] gap-5 overflow-auto">
        <div className="space-y-4">
          <section aria-label="Wait or buy" className="border-ink flex items-center gap-6 border-y py-2">
            <div className="flex-1">
              <p className="text-[1.07rem]" data-testid="advice">
                {advice ? advice.sentence : `Nobody offers it ${condition} at the moment.`}
              </p>
              <p className="text-pencil text-[0.93rem]">
                {trend
                  ? `${trendWords(trend, format)} Over ${plural(trend.points, 'recorded day')}.`
                  : 'Too few recorded days to tell a trend.'}
                {lowMinor !== null && ` Low is under ${format(lowMinor)}.`}
              </p>
            </div>
            <span className="text-pencil flex items-center gap-2 text-[0.93rem]">
              needed in
              <OwnInput
                aria-label="Needed in so many days"
                inputMode="numeric"
                className="!w-20"
                placeholder="any"
                value={days}
                onFollow={onDays}
              />
              days
            </span>
          </section>
          <OfferLines prices={prices} sellerName={sellerName} onCondition={onCondition} />
          <section aria-label="Price history">
            <h2 className="text-[1.07rem]">What was asked, {condition}</h2>
            <HistoryChart prices={prices} />
          </section>
          {prices.worth && <Worth worth={prices.worth} kind={prices.kind} currency={currency} />}
          <section aria-label="Supply">
            <h2 className="text-[1.07rem]">How much there is, and at what price</h2>
            <p className="text-pencil text-[0.93rem]">
              {plural(rarity.stock, 'piece')} at {plural(rarity.sellers, 'seller')};{' '}
              {rarity.exclusive ? 'exclusive: only one source ever held it' : `in ${plural(rarity.sources, 'source')}`}.
            </p>
            <SupplyChart prices={prices} />
          </section>
        </div>
        <div className="space-y-4">
          <WatchButtons prices={prices} />
          <OfferList prices={prices} sellerName={sellerName} />
        </div>
      </div>
    </div>
  );
}

function trendWords({ direction, perDay, low, high }: NonNullable<ItemPricesDto['trend']>, format: (minor: number) => string): string {
  const month = (value: number): string => format(Math.abs(value * 30));
  if (direction === 'steady') return 'No clear trend.';
  return `${direction === 'rising' ? 'Rising' : 'Falling'} by ${month(perDay)} a month, between ${month(direction === 'rising' ? low : high)} and ${month(direction === 'rising' ? high : low)}.`;
}

/** Who has it, those who ask the least once it is here first. */
function OfferList({ prices, sellerName }: { readonly prices: ItemPricesDto; readonly sellerName: (id: string) => string }) {
  const format = (minor: number): string => money(minor, prices.currency);
  return (
    <section aria-label="Offers">
      <h2 className="text-[1.07rem]">Who has it, by what it costs here</h2>
      {prices.offers.length === 0 && <p className="text-pencil">Nobody, at the moment.</p>}
      <ol>
        {prices.offers.map((offer) => (
          <li key={offer.id} className={`border-rule flex items-baseline gap-3 border-t py-1 ${offer.isOld ? 'text-pencil' : ''}`}>
            <div className="min-w-0 flex-1">
              <Link to={`/market?seller=${offer.seller}`} className="hover:text-lagoon hover:underline">
                {sellerName(offer.seller)}
              </Link>
              <span className="text-pencil block text-[0.87rem]">
                {offer.stock} left, {termsOf(offer, prices.today)}
              </span>
            </div>
            <p className="text-right">
              <span className="font-mono">{format(offer.landedMinor)}</span>
              <span className="text-pencil block font-mono text-[0.8rem]">asks {format(offer.priceMinor)}</span>
            </p>
          </li>
        ))}
      </ol>
    </section>
  );
}
