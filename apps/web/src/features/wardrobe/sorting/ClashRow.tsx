import { Link } from 'react-router';
import type { ClashDto } from '@/api';
import { PartPicture, toPrices } from '@/parts';
import { Button } from '@/ui';
import { priceWords, useWorkspace } from '@/workspace';
import { shortFigure } from './claimants';
import { orderWords, shortWords } from './clashWords';
import { usePins } from './usePins';

/** A part that is wanted more often than there is of it: who gets it and why, and what would end it. */
export function ClashRow({ clash }: { readonly clash: ClashDto }) {
  const { catalogue, prices, currency } = useWorkspace();
  const pin = usePins();
  const variant = catalogue.variant(clash.variant);
  const price = prices.get(clash.variant);
  const first = shortFigure(clash.contenders);
  const [run] = clash.runs;
  return (
    <li className="border-rule flex gap-3 border-b py-2" aria-label={catalogue.nameOf(variant)}>
      <PartPicture
        variant={variant}
        position={catalogue.mouldOf(variant).fills[0]?.[0] ?? 'beside'}
        catalogue={catalogue}
        size={58}
        tacked={false}
      />
      <div className="min-w-0 flex-1 text-[0.93rem]">
        <p className="font-medium">
          {catalogue.nameOf(variant)} <span className="text-madder font-normal">{shortWords(clash)}</span>
        </p>
        <p>{orderWords(clash.contenders)}</p>
        <p className="text-pencil">
          {price
            ? `One more is ${priceWords(price, currency)}, landed.`
            : 'Nobody sells another just now: something alike would have to do.'}
        </p>
        <p className="mt-1 flex flex-wrap gap-1.5">
          <Link to={toPrices('variant', clash.variant)} className="border-rule rounded-cut hover:border-pencil bg-sheet border px-2 py-0.5">
            Buy {clash.short === 1 ? 'one' : clash.short}
          </Link>
          {first && run !== undefined && (
            <Button
              className="!px-2 !py-0.5"
              onClick={() => void pin({ id: run, figure: first.figure, quantity: 1 })}
              title={`One piece is kept for ${first.name}, whoever stands before`}
            >
              Keep one for {first.name}
            </Button>
          )}
          {first && (
            <Link
              to={`/figures/${first.figure}/fitting`}
              className="border-rule rounded-cut hover:border-pencil bg-sheet border px-2 py-0.5"
            >
              What would do instead…
            </Link>
          )}
          {first && (
            <Link to={`/figures/${first.figure}/brief`} className="border-rule rounded-cut hover:border-pencil bg-sheet border px-2 py-0.5">
              Never shown together…
            </Link>
          )}
        </p>
      </div>
    </li>
  );
}
