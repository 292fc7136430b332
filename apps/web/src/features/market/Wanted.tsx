import { money } from '@outfit/core';
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { useReadWantedQuery, type WantedDto } from '@/api';
import { PartPicture, toPrices } from '@/parts';
import { Empty, longDay, plural, sentenceOf, whole } from '@/ui';
import { useWorkspace } from '@/workspace';

/** What the chosen looks of all figures still need: who has most of it, what fell, what can be had now. */
export function Wanted() {
  const { data, error } = useReadWantedQuery();
  if (error) return <Empty title="What you need could not be read">{sentenceOf(error)}</Empty>;
  if (!data) return <p className="text-pencil">Looking through the market for what your looks need…</p>;
  if (data.pieces === 0)
    return (
      <Empty title="Nothing is needed">
        <p>Every piece that a chosen look wears is owned. Choose looks in Fitting, and what they lack is looked for here.</p>
      </Empty>
    );
  const format = (minor: number): string => money(minor, data.currency);
  return (
    <div className="min-h-0 overflow-auto pr-1">
      <p className="text-[1.07rem]" data-testid="still-needed">
        Your chosen looks still need {plural(data.pieces, 'piece')} of {plural(data.parts, 'part')}
        {data.unsold > 0 && `; ${data.unsold === 1 ? 'one of these parts' : `${whole(data.unsold)} of these parts`} nobody sells now`}.
      </p>
      <Sellers wanted={data} format={format} />
      <div className="mt-4 grid grid-cols-2 gap-x-6 max-lg:grid-cols-1">
        <section aria-label="Fell">
          <h2 className="text-[1.07rem]">Fell since about {longDay(data.since)}</h2>
          {data.fallen.length === 0 && <p className="text-pencil">Nothing you need.</p>}
          <ul>
            {data.fallen.map(({ variant, wasMinor, isMinor }) => (
              <Part key={variant} id={variant}>
                <span className="text-pencil line-through">{format(wasMinor)}</span> <b>{format(isMinor)}</b>
              </Part>
            ))}
          </ul>
        </section>
        <section aria-label="To be had again">
          <h2 className="text-[1.07rem]">To be had now, and not then</h2>
          {data.available.length === 0 && <p className="text-pencil">Nothing you need.</p>}
          <ul>
            {data.available.map(({ variant, isMinor }) => (
              <Part key={variant} id={variant}>
                {format(isMinor)}
              </Part>
            ))}
          </ul>
        </section>
      </div>
    </div>
  );
}

/** Who has most of it: how many of the pieces, and what these cost there together. */
function Sellers({ wanted, format }: { readonly wanted: WantedDto; readonly format: (minor: number) => string }) {
  return (
    <section aria-label="Who has most of it" className="mt-3">
      <h2 className="text-[1.07rem]">Who has most of it</h2>
      {wanted.sellers.length === 0 && <p className="text-pencil">Nobody has any of it.</p>}
      <ol>
        {wanted.sellers.map((share) => (
          <li key={share.seller} className="border-rule grid grid-cols-[13rem_minmax(0,1fr)_7rem] items-center gap-3 border-t py-1">
            <Link to={`/market?seller=${share.seller}`} className="hover:text-lagoon truncate hover:underline">
              {share.name}
            </Link>
            <span className="flex items-center gap-2">
              <span aria-hidden="true" className="bg-lagoon h-2" style={{ width: `${(60 * share.pieces) / wanted.pieces}%` }} />
              <span className="text-[0.93rem] whitespace-nowrap">
                {whole(share.pieces)} of {plural(wanted.pieces, 'piece')}
              </span>
            </span>
            <span className="text-right font-mono">{format(share.goodsMinor)}</span>
          </li>
        ))}
      </ol>
      <p className="text-pencil mt-1 text-[0.87rem]">
        What these pieces cost there together, without postage. An errand finds the cheapest way to all of them.
      </p>
    </section>
  );
}

/** A part that is needed, on the way to its prices. */
function Part({ id, children }: { readonly id: string; readonly children: ReactNode }) {
  const { catalogue } = useWorkspace();
  if (!catalogue.has(id)) return null;
  const variant = catalogue.variant(id);
  return (
    <li className="border-rule border-t">
      <Link to={toPrices('variant', id)} className="hover:text-lagoon flex items-center gap-2 py-1">
        <PartPicture
          variant={variant}
          position={catalogue.mouldOf(variant).fills[0]?.[0] ?? 'torso'}
          catalogue={catalogue}
          size={34}
          tacked={false}
        />
        <span className="min-w-0 flex-1 truncate" title={catalogue.nameOf(variant)}>
          {catalogue.nameOf(variant)}
        </span>
        <span className="font-mono text-[0.93rem] whitespace-nowrap">{children}</span>
      </Link>
    </li>
  );
}
