import { colourNameOf, colourDifference, mainColourOf, nearestMade, readDifference, sameMotifs, type Variant, money } from '@outfit/core';
import { type View, VIEWS } from '@outfit/drawing';
import { type ReactNode, useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { useListOffersQuery, useListPiecesQuery, useListSellersQuery, useListWearingQuery } from '@/api';
import { FigurePicture, PartPicture, Swatch } from '@/parts';
import { Empty, longDay, plural } from '@/ui';
import { useWorkspace } from '@/workspace';
import { CatalogueTabs } from '../CatalogueTabs';
import { homeOf, toColour, toMould, toPrint, toSource, toVariant, yearsOf } from '../paths';
import { ImagineColour } from './ImagineColour';
import { Photographs } from './Photographs';
import { useSources } from './useSources';
import { EntryDeeds } from './EntryDeeds';

/** One part: from all sides, where it comes from, who sells it, who wears it, what lies in the wardrobe, what is near. */
export function VariantPage() {
  const { catalogue } = useWorkspace();
  const { variant: id = '' } = useParams();
  if (!catalogue.has(id))
    return <Empty title="There is no such part">It may have been taken out again. Search the catalogue for it.</Empty>;
  return <Part key={id} variant={catalogue.variant(id)} />;
}

function Part({ variant }: { readonly variant: Variant }) {
  const { catalogue } = useWorkspace();
  const mould = catalogue.mouldOf(variant);
  const print = catalogue.printOf(variant);
  return (
    <div className="mx-auto flex h-full max-w-6xl flex-col px-5 py-3">
      <CatalogueTabs />
      <div className="mt-3 grid min-h-0 flex-1 grid-cols-[25rem_minmax(0,1fr)] gap-6">
        <div className="min-h-0 overflow-auto pb-3">
          <div className="grid grid-cols-[auto_auto] justify-start gap-1.5">
            {VIEWS.map((view) => (
              <figure key={view}>
                <PartPicture
                  variant={variant}
                  position={sideOf(variant, view, homeOf(variant, catalogue))}
                  catalogue={catalogue}
                  size={182}
                  tacked={!variant.made}
                  view={view}
                />
                <figcaption className="text-pencil text-center text-[0.8rem] capitalize">{view}</figcaption>
              </figure>
            ))}
          </div>
          <Photographs kind="variant" item={variant.id} />
        </div>
        <div className="min-h-0 overflow-auto pr-1 pb-4">
          <h1 className="text-2xl leading-tight">{catalogue.nameOf(variant)}</h1>
          <p className="text-pencil mt-0.5">
            <Link to={toMould(mould.number)} className="text-lagoon underline">
              {mould.name}
            </Link>
            {mould.nicknames.length > 0 && ` (${mould.nicknames.join(', ')})`}, <span className="font-mono">{variant.id}</span>
          </p>
          <p className="mt-1.5 flex flex-wrap items-center gap-x-4 gap-y-1">
            {variant.colours.map((colour, i) => (
              <span key={i} className="inline-flex items-baseline gap-1">
                <Link to={toColour(colour)} className="hover:text-lagoon">
                  <Swatch colour={catalogue.colour(colour)} />
                </Link>
                {variant.colours.length > 1 && <span className="text-pencil text-[0.87rem]">{colourNameOf(mould, i)}</span>}
              </span>
            ))}
            {print && (
              <Link to={toPrint(print.id)} className="text-lagoon underline">
                {print.name}
              </Link>
            )}
            <span className={variant.made ? '' : 'text-saffron font-semibold'}>
              {variant.made ? `Made ${yearsOf(variant)}` : 'Imagined: nobody has made this'}
            </span>
          </p>
          <EntryDeeds kind="variants" item={variant.id} name={catalogue.nameOf(variant)} goneTo={toMould(mould.number)}>
            <Link to={`/catalogue/own?do=part&mould=${encodeURIComponent(mould.number)}`} className="text-lagoon underline">
              Its next colour
            </Link>
          </EntryDeeds>
          <ImagineColour variant={variant} />
          <WhereFrom variant={variant} />
          <WhoSells variant={variant} />
          <WhoWears variant={variant} />
          <InWardrobe variant={variant} />
          <Near variant={variant} />
        </div>
      </div>
    </div>
  );
}

/** Paired parts are shown as the near one from either side. */
function sideOf(variant: Variant, view: View, home: ReturnType<typeof homeOf>): ReturnType<typeof homeOf> {
  return view === 'right' && home.endsWith('.L') ? (home.replace('.L', '.R') as typeof home) : home;
}

function Section({ title, children }: { readonly title: string; readonly children: ReactNode }) {
  return (
    <section aria-label={title} className="border-rule mt-3 border-t pt-2">
      <h2 className="text-[1.07rem]">{title}</h2>
      {children}
    </section>
  );
}

function WhereFrom({ variant }: { readonly variant: Variant }) {
  const sources = useSources()(variant.id);
  return (
    <Section title="Where it comes from">
      {sources.length === 0 && <p className="text-pencil">No source that we know of{variant.made ? '; it was sold loose.' : '.'}</p>}
      <ul className="mt-0.5 grid grid-cols-2 gap-x-5">
        {sources.map(({ source, found }) => (
          <li key={source.id} className="truncate">
            <Link to={toSource(source.id)} className="text-lagoon underline">
              {source.name}
            </Link>{' '}
            <span className="text-pencil text-[0.87rem]">
              {source.year}, {source.kind}
              {found.quantity > 1 && `, ${found.quantity} of it`}
              {found.certainty === 'think so' && ', we think so'}
            </span>
          </li>
        ))}
      </ul>
    </Section>
  );
}

const MOST_OFFERS = 6;

function WhoSells({ variant }: { readonly variant: Variant }) {
  const { currency } = useWorkspace();
  const { data: offers = [] } = useListOffersQuery({ kind: 'variant', item: variant.id });
  const { data: sellers = [] } = useListSellersQuery();
  const nameOf = (id: string): string => sellers.find((seller) => seller.id === id)?.name ?? id;
  return (
    <Section title="Who sells it">
      {offers.length === 0 && <p className="text-pencil">Nobody at the moment.</p>}
      {offers.length > 0 && (
        <table className="mt-0.5 w-full text-[0.93rem]">
          <thead className="sr-only">
            <tr>
              <th>Seller</th>
              <th>Condition</th>
              <th>Stock</th>
              <th>Asks</th>
              <th>Seen</th>
            </tr>
          </thead>
          <tbody>
            {offers.slice(0, MOST_OFFERS).map((offer) => (
              <tr key={offer.id}>
                <td className="pr-3">{nameOf(offer.seller)}</td>
                <td className="text-pencil pr-3">{offer.condition}</td>
                <td className="pr-3 text-right font-mono">{offer.stock}</td>
                <td className="pr-3 text-right font-mono">{money(offer.priceMinor, currency)}</td>
                <td className="text-pencil text-[0.87rem]">{longDay(offer.seenOn)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      )}
      {offers.length > MOST_OFFERS && (
        <p className="text-pencil text-[0.87rem]">And {plural(offers.length - MOST_OFFERS, 'dearer offer')}.</p>
      )}
    </Section>
  );
}

const MOST_FIGURES = 8;
const MOST_NAMED = 24;

function WhoWears({ variant }: { readonly variant: Variant }) {
  const { catalogue } = useWorkspace();
  const { data: planned = [], isSuccess } = useListWearingQuery({ variant: variant.id });
  const wears = (parts: readonly { readonly variant: string }[]): boolean => parts.some((part) => part.variant === variant.id);
  const official = catalogue.data.officialFigures.filter((figure) => wears(figure.parts));
  return (
    <Section title="Who wears it">
      {isSuccess && official.length + planned.length === 0 && <p className="text-pencil">Nobody yet.</p>}
      {planned.length > 0 && (
        <p>
          In your plans:{' '}
          {planned.slice(0, MOST_NAMED).map((figure, i) => (
            <span key={figure.id}>
              {i > 0 && ', '}
              <Link to={`/figures/${figure.id}/fitting`} className="text-lagoon underline">
                {figure.name}
              </Link>
            </span>
          ))}
          {planned.length > MOST_NAMED && ` and ${plural(planned.length - MOST_NAMED, 'more figure')}.`}
        </p>
      )}
      <ul className="mt-1 flex gap-1 overflow-x-auto">
        {official.slice(0, MOST_FIGURES).map((figure) => (
          <li key={figure.id} className="w-20 shrink-0 text-center text-[0.8rem] leading-tight">
            <FigurePicture look={{ parts: figure.parts, overrules: [] }} catalogue={catalogue} pxPerMm={2.4} label="" />
            <span className="block truncate">{figure.name}</span>
            <span className="text-pencil font-mono">{figure.id}</span>
          </li>
        ))}
      </ul>
      {official.length > MOST_FIGURES && (
        <p className="text-pencil text-[0.87rem]">And {plural(official.length - MOST_FIGURES, 'more figure')}.</p>
      )}
    </Section>
  );
}

function InWardrobe({ variant }: { readonly variant: Variant }) {
  const { data: own = [] } = useListPiecesQuery({ variant: variant.id });
  return (
    <Section title="In your wardrobe">
      {own.length === 0 && <p className="text-pencil">None owned.</p>}
      {own.map((piece) => (
        <p key={piece.id}>
          <span className="font-mono font-semibold">{piece.quantity}</span> {piece.condition} in {piece.place || 'no place'}
          {piece.note && `, ${piece.note}`}
        </p>
      ))}
    </Section>
  );
}

/** The same mould in the nearest made colours, and the same motifs elsewhere. */
function Near({ variant }: { readonly variant: Variant }) {
  const { catalogue } = useWorkspace();
  const mould = catalogue.mouldOf(variant);
  const colour = mainColourOf(variant, catalogue);
  const colours = useMemo(
    () =>
      nearestMade(mould, colour, catalogue, 7)
        .filter((row) => row.variant.id !== variant.id && row.colour.id !== colour.id)
        .slice(0, 6),
    [mould, colour, catalogue, variant],
  );
  const motifs = useMemo(() => sameMotifs(variant, catalogue), [variant, catalogue]);
  return (
    <>
      <Section title="Near it: the same mould in other colours">
        {colours.length === 0 && <p className="text-pencil">It was made in no other colour.</p>}
        <ul className="mt-1 grid grid-cols-6 gap-2">
          {colours.map((row) => (
            <li key={row.variant.id} className="text-[0.8rem] leading-tight">
              <Link to={toVariant(row.variant.id)} aria-label={catalogue.nameOf(row.variant)}>
                <PartPicture
                  variant={row.variant}
                  position={homeOf(row.variant, catalogue)}
                  catalogue={catalogue}
                  size={84}
                  tacked={false}
                />
              </Link>
              <Swatch colour={row.colour} />
              <span className="text-pencil block">
                {colourDifference(row.colour, colour).toFixed(1)}, {readDifference(row.deltaE)}
              </span>
            </li>
          ))}
        </ul>
      </Section>
      {motifs.length > 0 && (
        <Section title="Near it: the same motifs elsewhere">
          <ul className="mt-1 grid grid-cols-6 gap-2">
            {motifs.map((row) => (
              <li key={row.variant.id} className="text-[0.8rem] leading-tight">
                <Link to={toVariant(row.variant.id)} aria-label={catalogue.nameOf(row.variant)}>
                  <PartPicture
                    variant={row.variant}
                    position={homeOf(row.variant, catalogue)}
                    catalogue={catalogue}
                    size={84}
                    tacked={!row.variant.made}
                  />
                </Link>
                <span className="block truncate">{catalogue.printOf(row.variant)?.name ?? catalogue.mouldOf(row.variant).name}</span>
                <span className="text-pencil block">
                  {row.shared
                    .slice(0, 3)
                    .map((motif) => catalogue.motifName(motif))
                    .join(', ')}
                </span>
              </li>
            ))}
          </ul>
        </Section>
      )}
    </>
  );
}
