import { isOldPrice, type Variant } from '@outfit/core';
import { PartPicture, Swatch } from '@/parts';
import { longDay } from '@/ui';
import { CHEAPEST_FOR, priceWords, useWorkspace } from '@/workspace';
import { homeOf, yearsOf } from '../paths';

/** One found part: picture, what it is, its colours, when it was made, what is owned and what it costs. */
export function ResultRow({ variant, active }: { readonly variant: Variant; readonly active: boolean }) {
  const { catalogue, owned, prices, currency, today } = useWorkspace();
  const mould = catalogue.mouldOf(variant);
  const print = catalogue.printOf(variant);
  const price = prices.get(variant.id);
  const count = owned.get(variant.id);
  return (
    <div
      className={`border-rule grid h-full grid-cols-[3.6rem_minmax(0,1fr)_8.5rem_5.5rem_5.5rem] items-center gap-3 border-b px-3 ${active ? 'bg-lagoon-wash' : ''}`}
    >
      <PartPicture variant={variant} position={homeOf(variant, catalogue)} catalogue={catalogue} size={54} tacked={!variant.made} />
      <span className="min-w-0 leading-snug">
        <span className="block truncate font-medium">
          {mould.name}
          {print && <span className="font-normal">, {print.name}</span>}
        </span>
        <span className="text-pencil block truncate text-[0.87rem]">
          <span className="font-mono">{mould.number}</span>
          {mould.nicknames.length > 0 && `, also called ${mould.nicknames.join(', ')}`}
        </span>
      </span>
      <span className="min-w-0 text-[0.87rem] leading-snug">
        {variant.colours.slice(0, 3).map((id, i) => (
          <span key={i} className="block truncate">
            <Swatch colour={catalogue.colour(id)} />
          </span>
        ))}
      </span>
      <span className={`text-[0.87rem] ${variant.made ? 'font-mono' : 'text-saffron'}`}>{yearsOf(variant)}</span>
      <span className="text-right text-[0.87rem] leading-snug">
        {count > 0 && <span className="block font-mono font-semibold">own {count}</span>}
        {price ? (
          <span
            className={`block font-mono ${isOldPrice(price.seenOn, today) ? 'text-pencil' : ''}`}
            title={`Cheapest landed, ${CHEAPEST_FOR}, seen on ${longDay(price.seenOn)}`}
          >
            {priceWords(price, currency)}
          </span>
        ) : (
          count === 0 && <span className="text-pencil block">not sold</span>
        )}
      </span>
    </div>
  );
}
