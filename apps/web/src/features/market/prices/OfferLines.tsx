import { type Condition, money } from '@outfit/core';
import { useState } from 'react';
import type { DatedOfferDto, ItemPricesDto, PriceSummaryDto } from '@/api';
import { longDay, plural } from '@/ui';

/** A stitch grows by so much for each piece that is left, up to as many as one would ever buy at once. */
const STITCH_PX = 12;
const PIECE_PX = 1.6;
const MOST_PIECES = 10;

interface OfferLinesProps {
  readonly prices: ItemPricesDto;
  readonly sellerName: (id: string) => string;
  readonly onCondition: (condition: Condition) => void;
}

/**
 * What is asked now: a line for each condition, on one scale of money. Every offer is a stitch on it, the longer the more there is
 * left; the band is where the middle half of them stand.
 */
export function OfferLines({ prices, sellerName, onCondition }: OfferLinesProps) {
  const { now, offers, currency, condition, today } = prices;
  const [pointed, point] = useState<DatedOfferDto | null>(null);
  const format = (minor: number): string => money(minor, currency);
  const least = Math.min(...offers.map((offer) => offer.priceMinor));
  const most = Math.max(...offers.map((offer) => offer.priceMinor));
  /** Where an amount stands on the lines, in per cent of their length. */
  const at = (minor: number): number => 2 + (96 * (minor - least)) / Math.max(1, most - least);
  return (
    <section aria-label="Prices now">
      <h2 className="text-[1.07rem]">What is asked now</h2>
      {now.length === 0 && <p className="text-pencil">Nobody offers it at the moment.</p>}
      <div role="radiogroup" aria-label="Condition that history and advice speak of">
        {now.map((row) => (
          <div key={row.condition} className="border-rule grid grid-cols-[9.5rem_minmax(0,1fr)] items-center gap-3 border-t py-1">
            <button
              type="button"
              role="radio"
              aria-checked={row.condition === condition}
              className={`text-left ${row.condition === condition ? 'text-lagoon font-semibold' : 'hover:text-lagoon'}`}
              onClick={() => onCondition(row.condition)}
            >
              {row.condition}
              <span className="text-pencil block text-[0.8rem] font-normal">
                {plural(row.offers, 'offer')} by {plural(row.sellers, 'seller')}
              </span>
            </button>
            <Line
              summary={row}
              offers={offers.filter((offer) => offer.condition === row.condition)}
              at={at}
              format={format}
              sellerName={sellerName}
              today={today}
              pointed={pointed}
              onPoint={point}
            />
          </div>
        ))}
      </div>
      {now.length > 0 && (
        <p className="border-rule text-pencil min-h-12 border-t pt-1 text-[0.93rem]" aria-live="polite">
          {pointed
            ? offerWords(pointed, sellerName(pointed.seller), format, today)
            : 'A stitch is an offer, longer the more there is left, dashed when it was last seen over two months ago; the band is the middle half.'}
        </p>
      )}
    </section>
  );
}

interface LineProps {
  readonly summary: PriceSummaryDto;
  readonly offers: readonly DatedOfferDto[];
  readonly at: (minor: number) => number;
  readonly format: (minor: number) => string;
  readonly sellerName: (id: string) => string;
  readonly today: string;
  readonly pointed: DatedOfferDto | null;
  readonly onPoint: (offer: DatedOfferDto | null) => void;
}

function Line({ summary, offers, at, format, sellerName, today, pointed, onPoint }: LineProps) {
  const { leastMinor, lowerQuartileMinor, medianMinor, upperQuartileMinor } = summary;
  return (
    <div className="relative h-14">
      <div
        className="bg-lagoon-wash absolute top-1 h-8"
        style={{ left: `${at(lowerQuartileMinor)}%`, width: `${Math.max(0.6, at(upperQuartileMinor) - at(lowerQuartileMinor))}%` }}
      />
      <div className="border-pencil absolute inset-x-0 top-5 border-t" />
      {offers.map((offer) => {
        const height = STITCH_PX + PIECE_PX * Math.min(MOST_PIECES, offer.stock);
        return (
          <button
            key={offer.id}
            type="button"
            aria-label={offerWords(offer, sellerName(offer.seller), format, today)}
            className={`absolute w-1.5 -translate-x-1/2 border-l-2 ${offer.isOld ? 'border-pencil border-dashed' : 'border-lagoon'} ${pointed?.id === offer.id ? 'border-l-[5px]' : ''}`}
            style={{ left: `${at(offer.priceMinor)}%`, height, top: 20 - height / 2 }}
            onMouseEnter={() => onPoint(offer)}
            onFocus={() => onPoint(offer)}
            onMouseLeave={() => onPoint(null)}
            onBlur={() => onPoint(null)}
          />
        );
      })}
      <p className="text-pencil absolute bottom-0 text-[0.8rem]">
        from <span className="font-mono">{format(leastMinor)}</span>
        {offers.length > 1 && (
          <>
            , half of them up to <span className="font-mono">{format(medianMinor)}</span>
          </>
        )}
      </p>
    </div>
  );
}

/** What a stitch says: who asks what, and how it comes. */
const offerWords = (offer: DatedOfferDto, seller: string, format: (minor: number) => string, today: string): string =>
  `${seller} asks ${format(offer.priceMinor)}, ${format(offer.landedMinor)} landed: ${offer.stock} left, ${termsOf(offer, today)}.`;

/** How an offer comes: its condition, when it was seen if not today, its lots and its code. */
export const termsOf = ({ condition, seenOn, multiple, code }: DatedOfferDto, today: string): string =>
  [
    condition,
    ...(seenOn === today ? [] : [`seen ${longDay(seenOn)}`]),
    ...(multiple > 1 ? [`sold in lots of ${multiple}`] : []),
    ...(code === null ? [] : [`with ${code}`]),
  ].join(', ');
