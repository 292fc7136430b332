import { money } from '@outfit/core';
import { useEffect, useRef } from 'react';
import type { SellerDto } from '@/api';
import { longDay, plural } from '@/ui';
import { useWorkspace } from '@/workspace';

interface SellerCardProps {
  readonly seller: SellerDto;
  readonly isOpen: boolean;
  readonly onOpen: () => void;
}

/** A seller and its terms, converted to the workspace's currency where a rate of its own is known. */
export function SellerCard({ seller, isOpen, onOpen }: SellerCardProps) {
  const workspace = useWorkspace();
  // Without a rate nothing can be converted: the terms are then as they are asked.
  const currency = seller.isWithoutRate ? seller.currency : workspace.currency;
  const card = useRef<HTMLButtonElement>(null);
  // A link may open a seller that stands far down the list.
  useEffect(() => {
    if (isOpen) card.current?.scrollIntoView({ block: 'nearest' });
  }, [isOpen]);
  const [lightest] = seller.postage;
  const terms = [
    lightest?.costMinor === 0 ? 'postage free' : `postage from ${money(lightest?.costMinor ?? 0, currency)}`,
    ...(seller.minimumMinor > 0 ? [`orders from ${money(seller.minimumMinor, currency)}`] : []),
    ...(seller.handlingMinor > 0 ? [`handling ${money(seller.handlingMinor, currency)}`] : []),
    ...(seller.freePostageFromMinor !== null ? [`free postage from ${money(seller.freePostageFromMinor, currency)}`] : []),
    ...(seller.duty ? [`${seller.duty.percent} % duty above ${money(seller.duty.aboveMinor, currency)}`] : []),
    plural(seller.days, 'day'),
    ...(seller.kind === 'shop' ? [] : [seller.kind]),
    ...(seller.trusted ? [] : ['not yet trusted']),
    ...(seller.rate ? [`asks in ${seller.currency}, one at ${seller.rate.perUnit.toFixed(4)} on ${longDay(seller.rate.day)}`] : []),
  ];
  return (
    <button
      ref={card}
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
      {seller.isWithoutRate && (
        <span className="text-saffron block text-[0.87rem]">
          No rate of {seller.currency} is known: left out of comparisons until one is imported.
        </span>
      )}
      {seller.code && (
        <span className="text-moss block text-[0.87rem]">
          Code <b className="font-mono">{seller.code.code}</b> takes {seller.code.percent} % off until {longDay(seller.code.untilDay)}.
        </span>
      )}
    </button>
  );
}
