import { type Candidate, isOldPrice } from '@outfit/core';
import { memo } from 'react';
import { PartPicture } from '@/parts';
import { longDay, type Shared, useSharedFact } from '@/ui';
import { CHEAPEST_FOR, priceWords, useWorkspace } from '@/workspace';
import { CHECK_WORDS } from '../marks';

interface CandidateRowProps {
  readonly candidate: Candidate;
  readonly index: number;
  readonly active: Shared<number>;
  readonly substitute: boolean;
  readonly sellerName: (id: string) => string;
}

/** One candidate: picture, name, what it changes, owned or the landed price. Drawn again only when something of it has changed. */
export const CandidateRow = memo(function CandidateRow({ candidate, index, active, substitute, sellerName }: CandidateRowProps) {
  const isActive = useSharedFact(active, (at) => at === index);
  const { catalogue, prices, currency, today } = useWorkspace();
  const { variant, position, worn, likenessGain, raises, settles, owned, isOnDonor, blocked } = candidate;
  const mould = catalogue.mouldOf(variant);
  const print = catalogue.printOf(variant);
  const price = prices.get(variant.id);
  const gain = Math.round(likenessGain);
  const colours = variant.colours.map((id) => catalogue.colour(id).name).join(', ');
  const changes: readonly (readonly [text: string, tone: string])[] = [
    ...(!worn && gain !== 0
      ? [[`${gain > 0 ? '+' : '−'}${Math.abs(gain)} likeness`, gain > 0 ? 'text-moss font-semibold' : 'text-pencil'] as const]
      : []),
    ...settles.map((check) => [CHECK_WORDS[check][1], 'text-moss'] as const),
    ...raises.map((check) => [CHECK_WORDS[check][0], blocked ? 'text-madder' : 'text-saffron'] as const),
  ];
  return (
    <div
      className={`border-rule flex h-full gap-3 border-b py-2 pr-4 pl-3 ${isActive ? 'bg-lagoon-wash' : ''} border-l-[3px] ${worn ? 'border-l-lagoon' : 'border-l-transparent'}`}
    >
      <PartPicture variant={variant} position={position} catalogue={catalogue} size={54} tacked={owned === 0 && !isOnDonor} />
      <div className="min-w-0 flex-1 text-[0.93rem] leading-snug">
        <p className={`truncate ${blocked ? 'line-through' : ''}`}>
          {mould.name}, <b>{mould.number}</b>
          {worn && <span className="text-lagoon"> on now</span>}
          {substitute && <span className="text-moss"> substitute</span>}
        </p>
        <p className="text-pencil truncate text-[0.87rem]" title={variant.id}>
          {colours}
          {print && `, ${print.name}`}
          {!variant.made && ', never made'}
        </p>
        <p className="truncate text-[0.87rem]" title={changes.map(([text]) => text).join(', ')}>
          {changes.map(([text, tone], i) => (
            <span key={text} className={tone}>
              {i > 0 && <span className="text-pencil">, </span>}
              {text}
            </span>
          ))}
        </p>
      </div>
      <div className="shrink-0 text-right text-[0.87rem] leading-snug">
        {owned > 0 ? (
          <p className="font-mono font-semibold">own {owned}</p>
        ) : isOnDonor ? (
          <p className="text-moss font-semibold">off a donor</p>
        ) : price ? (
          <>
            <p
              className={`font-mono ${isOldPrice(price.seenOn, today) ? 'text-pencil' : ''}`}
              title={`Cheapest landed, ${CHEAPEST_FOR}, seen on ${longDay(price.seenOn)}`}
            >
              {priceWords(price, currency)}
            </p>
            <p className="text-pencil max-w-28 truncate">{sellerName(price.seller)}</p>
          </>
        ) : (
          <p className="text-pencil">not sold</p>
        )}
      </div>
    </div>
  );
});
