import type { Candidate, CheckId } from '@outfit/core';
import { isOldPrice } from '@outfit/core';
import { useWorkspace } from '@/app/WorkspaceContext';
import { PartPicture } from '@/ui/FigurePicture';
import { longDay, money } from '@/ui/format';

/** What a raised mark means for a candidate, in a few words. */
const RAISED: Record<CheckId, string> = {
  'fit.position': 'its place is taken',
  'fit.neck': 'the head will not seat',
  'skin.match': 'another skin',
  'hair.brow': 'off the brows',
  'head.second-face': 'second face shows',
  'height.band': 'wrong height',
  'school.alteration': 'outside the school',
};
const SETTLED: Record<CheckId, string> = {
  'fit.position': 'frees the place',
  'fit.neck': 'seats the head',
  'skin.match': 'matches the skin',
  'hair.brow': 'matches the brows',
  'head.second-face': 'covers the second face',
  'height.band': 'right height',
  'school.alteration': 'keeps the school',
};

interface CandidateRowProps {
  readonly candidate: Candidate;
  readonly active: boolean;
  readonly sellerName: (id: string) => string;
}

/** One candidate: picture, name, what it changes, owned or the landed price. */
export function CandidateRow({ candidate, active, sellerName }: CandidateRowProps) {
  const { catalogue, prices, currency, today } = useWorkspace();
  const { variant, position, worn, likenessGain, raises, settles, owned } = candidate;
  const mould = catalogue.mouldOf(variant);
  const print = catalogue.printOf(variant);
  const price = prices.get(variant.id);
  const gain = Math.round(likenessGain);
  const blocked = raises.some((mark) => mark.severity === 'blocks');
  const colours = variant.colours.map((id) => catalogue.colour(id).name).join(', ');
  return (
    <div
      className={`border-rule flex h-full gap-3 border-b py-2 pr-4 pl-3 ${active ? 'bg-lagoon-wash' : ''} border-l-[3px] ${worn ? 'border-l-lagoon' : 'border-l-transparent'}`}
    >
      <PartPicture variant={variant} position={position} catalogue={catalogue} size={54} tacked={owned === 0} />
      <div className="min-w-0 flex-1 text-[0.93rem] leading-snug">
        <p className={`truncate ${blocked ? 'line-through' : ''}`}>
          {mould.name}, <b>{mould.number}</b>
          {worn && <span className="text-lagoon"> on now</span>}
        </p>
        <p className="text-pencil truncate text-[0.87rem]" title={variant.id}>
          {colours}
          {print && `, ${print.name}`}
          {!variant.made && ', never made'}
        </p>
        <p className="truncate text-[0.87rem]">
          {!worn && gain !== 0 && (
            <span
              className={gain > 0 ? 'text-moss font-semibold' : 'text-pencil'}
            >{`${gain > 0 ? '+' : '−'}${Math.abs(gain)} likeness `}</span>
          )}
          {settles.map((mark) => (
            <span key={mark.key} className="text-moss">
              {SETTLED[mark.check]}{' '}
            </span>
          ))}
          {raises.map((mark) => (
            <span key={mark.key} className={mark.severity === 'blocks' ? 'text-madder' : 'text-saffron'}>
              {RAISED[mark.check]}{' '}
            </span>
          ))}
        </p>
      </div>
      <div className="shrink-0 text-right text-[0.87rem] leading-snug">
        {owned > 0 ? (
          <p className="font-mono font-semibold">own {owned}</p>
        ) : price ? (
          <>
            <p
              className={`font-mono ${isOldPrice(price.seenOn, today) ? 'text-pencil' : ''}`}
              title={`Price seen on ${longDay(price.seenOn)}`}
            >
              {money(price.landedMinor, currency)}
            </p>
            <p className="text-pencil max-w-28 truncate">{sellerName(price.seller)}</p>
          </>
        ) : (
          <p className="text-pencil">not sold</p>
        )}
      </div>
    </div>
  );
}
