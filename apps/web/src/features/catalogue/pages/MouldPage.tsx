import {
  type Colour,
  type ColourCell,
  colourDifference,
  type ColourKind,
  coloursOfMould,
  existence,
  isLowerPrice,
  type LandedPrice,
  type Mould,
  readDifference,
  readShaping,
} from '@outfit/core';
import { VIEWS } from '@outfit/drawing';
import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { PartPicture, Swatch } from '@/parts';
import { Chips, Empty, plural, useAddress } from '@/ui';
import { CHEAPEST_FOR, priceWords, useWorkspace, type Workspace } from '@/workspace';
import { CatalogueTabs } from '../CatalogueTabs';
import { homeOf, toColour, toSource, toVariant, yearsOf } from '../paths';
import { EntryDeeds } from './EntryDeeds';
import { useSources } from './useSources';

const KINDS: readonly (readonly [ColourKind, string])[] = [
  ['cloth', 'Cloth colours'],
  ['hair', 'Hair colours'],
  ['skin', 'Skin tones'],
  ['metal', 'Metals'],
  ['clear', 'Clear'],
];

/** One mould over the whole palette: made, imagined or never seen, with where it comes from and what it costs. */
export function MouldPage() {
  const { catalogue } = useWorkspace();
  const { mould: number = '' } = useParams();
  if (!catalogue.hasMould(number)) return <Empty title="There is no such mould">Search the catalogue for it by another name.</Empty>;
  return <MouldTable mould={catalogue.mould(number)} />;
}

function MouldTable({ mould }: { readonly mould: Mould }) {
  const { catalogue } = useWorkspace();
  const cells = useMemo(() => coloursOfMould(mould, catalogue), [mould, catalogue]);
  const { prices } = useWorkspace();
  const [params, change] = useAddress();
  const order = params.get('order');
  const nearTo = order !== null && catalogue.hasColour(order) ? catalogue.colour(order) : null;
  const setOrder = (value: string | null): void => change((next) => (value === null ? next.delete('order') : next.set('order', value)));
  const cheapest = useMemo(() => cheaperOf(cells.map((cell) => cheapestIn(cell, prices))), [cells, prices]);
  const first = catalogue.variantsOf(mould.number).find((variant) => variant.made) ?? catalogue.variantsOf(mould.number)[0];
  const counts = { made: 0, imagined: 0, never: 0 };
  for (const cell of cells) counts[existence(cell)] += 1;
  return (
    <div className="mx-auto flex h-full max-w-6xl flex-col px-5 py-3">
      <CatalogueTabs />
      <div className="mt-3 flex items-start gap-5">
        {first && (
          <div className="flex gap-1.5">
            {VIEWS.map((view) => (
              <PartPicture
                key={view}
                variant={first}
                position={homeOf(first, catalogue)}
                catalogue={catalogue}
                size={92}
                tacked={false}
                view={view}
              />
            ))}
          </div>
        )}
        <div className="min-w-0">
          <h1 className="text-2xl">
            {mould.name} <span className="text-pencil font-mono text-[1.07rem]">{mould.number}</span>
          </h1>
          {mould.nicknames.length > 0 && <p>Also called {mould.nicknames.join(', ')}.</p>}
          <p className="text-pencil">{factsOf(mould)}</p>
          {mould.revisionNote !== undefined && (
            <p className="text-pencil">
              Revision {mould.revision}: {mould.revisionNote}
            </p>
          )}
        </div>
      </div>
      <div className="mt-3 flex flex-wrap items-center gap-2">
        <EntryDeeds kind="moulds" item={mould.number} name={mould.name} goneTo="/catalogue">
          <Link to={`/catalogue/own?do=part&mould=${encodeURIComponent(mould.number)}`} className="text-lagoon underline">
            Add a part in it
          </Link>
          {readShaping(mould.silhouette) && (
            <Link to={`/catalogue/own?do=shape&mould=${encodeURIComponent(mould.number)}`} className="text-lagoon underline">
              Change its shape
            </Link>
          )}
        </EntryDeeds>
        <p role="status" className="mr-auto">
          Made in {plural(counts.made, 'colour')}, imagined in {counts.imagined}, never seen in {counts.never}.
        </p>
        <Chips
          label="Order of the colours"
          chosen={order}
          options={[[null, 'by kind'], ['price', 'cheapest first'], ...(nearTo ? [[nearTo.id, `nearest to ${nearTo.name}`] as const] : [])]}
          onChoose={setOrder}
        />
      </div>
      <div
        // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- what scrolls must be reachable by keyboard
        tabIndex={0}
        role="group"
        aria-label="Mould by colour"
        className="border-rule bg-sheet mt-1.5 min-h-0 flex-1 overflow-auto border"
      >
        <table className="w-full text-[0.93rem]">
          <thead className="bg-paper text-pencil sticky top-0 z-10 text-left text-[0.87rem]">
            <tr>
              {['Colour', 'Exists', 'Parts', 'Years', 'From', CHEAPEST].map((head) => (
                <th key={head} scope="col" className={`px-3 py-1 font-medium ${head === CHEAPEST ? 'text-right' : ''}`}>
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          {(order === 'price' || nearTo) && (
            <tbody>
              {inOrder(cells, nearTo, prices).map((cell) => (
                <ColourRow key={cell.colour.id} cell={cell} nearTo={nearTo} cheapest={cheapest} onNear={setOrder} />
              ))}
            </tbody>
          )}
          {order !== 'price' &&
            !nearTo &&
            KINDS.map(([kind, title]) => {
              const all = cells.filter((cell) => cell.colour.kind === kind);
              const rows = [...all.filter((cell) => existence(cell) === 'made'), ...all.filter((cell) => existence(cell) === 'imagined')];
              const never = all.filter((cell) => existence(cell) === 'never');
              if (all.length === 0) return null;
              return (
                <tbody key={kind}>
                  <tr>
                    <th colSpan={6} scope="rowgroup" className="bg-paper/60 text-pencil px-3 py-0.5 text-left text-[0.87rem] font-medium">
                      {title}
                    </th>
                  </tr>
                  {rows.map((cell) => (
                    <ColourRow key={cell.colour.id} cell={cell} nearTo={null} cheapest={cheapest} onNear={setOrder} />
                  ))}
                  {never.length > 0 && (
                    <tr className="border-rule border-t align-baseline">
                      <th scope="row" className="text-pencil px-3 py-1.5 text-left font-normal whitespace-nowrap">
                        Never seen in {never.length}
                      </th>
                      <td colSpan={5} className="px-3 py-1.5">
                        <span className="flex flex-wrap gap-x-3.5 gap-y-0.5 text-[0.87rem]">
                          {never.map(({ colour }) => (
                            <Link key={colour.id} to={toColour(colour.id)} className="text-pencil hover:text-lagoon">
                              <Swatch colour={colour} />
                            </Link>
                          ))}
                        </span>
                      </td>
                    </tr>
                  )}
                </tbody>
              );
            })}
        </table>
      </div>
    </div>
  );
}

const STATES = {
  made: { text: 'made', tone: 'text-moss font-semibold' },
  imagined: { text: 'imagined, never made', tone: 'text-saffron' },
  never: { text: 'never seen', tone: 'text-pencil' },
} as const;

const SHOWN = 8;

const CHEAPEST = `Cheapest, ${CHEAPEST_FOR}`;

/** The cheaper of prices as errands buy; null where there is none. */
const cheaperOf = (prices: readonly (LandedPrice | null)[]): LandedPrice | null =>
  prices.reduce((best, price) => (price && (!best || isLowerPrice(price, best)) ? price : best), null);

/** The lowest landed price of a mould in a colour; null where nobody sells it. */
const cheapestIn = (cell: ColourCell, prices: Workspace['prices']): LandedPrice | null =>
  cheaperOf([...cell.made, ...cell.imagined].map((variant) => prices.get(variant.id)));

function byPrice(a: LandedPrice | null, b: LandedPrice | null): number {
  if (a && b) return isLowerPrice(a, b) ? -1 : isLowerPrice(b, a) ? 1 : 0;
  return Number(a === null) - Number(b === null);
}

/** The colours it is made in, and those it is imagined in after them: the nearest to one first, or the cheapest. */
function inOrder(cells: readonly ColourCell[], nearTo: Colour | null, prices: Workspace['prices']): readonly ColourCell[] {
  const sorted = (state: 'made' | 'imagined'): readonly ColourCell[] =>
    cells
      .filter((cell) => existence(cell) === state)
      .map((cell) => ({ cell, away: nearTo ? colourDifference(cell.colour, nearTo) : 0, price: nearTo ? null : cheapestIn(cell, prices) }))
      .sort((a, b) => a.away - b.away || byPrice(a.price, b.price))
      .map(({ cell }) => cell);
  return [...sorted('made'), ...sorted('imagined')];
}

interface ColourRowProps {
  readonly cell: ColourCell;
  readonly nearTo: Colour | null;
  /** The lowest price of all colours, to be marked. */
  readonly cheapest: LandedPrice | null;
  readonly onNear: (colour: string) => void;
}

function ColourRow({ cell, nearTo, cheapest, onNear }: ColourRowProps) {
  const { catalogue, prices, currency } = useWorkspace();
  const sourcesOf = useSources();
  const variants = [...cell.made, ...cell.imagined];
  const { text, tone } = STATES[existence(cell)];
  const sources = [...new Set(cell.made.flatMap((variant) => sourcesOf(variant.id).map(({ source }) => source.id)))];
  const price = cheapestIn(cell, prices);
  const years = cell.made.flatMap((variant) => (variant.made ? [variant.made.from, variant.made.until] : []));
  return (
    <tr className="border-rule border-t">
      <th scope="row" className="px-3 py-1 text-left font-normal whitespace-nowrap">
        <span className="flex items-center">
          <Link to={toColour(cell.colour.id)} className="hover:text-lagoon">
            <Swatch
              colour={cell.colour}
              size="large"
              {...(nearTo && nearTo.id !== cell.colour.id ? { reading: readDifference(colourDifference(cell.colour, nearTo)) } : {})}
            />
          </Link>
          {nearTo?.id !== cell.colour.id && (
            <button
              type="button"
              className="text-pencil hover:text-lagoon ml-2 text-[0.8rem] underline decoration-dotted underline-offset-4"
              onClick={() => onNear(cell.colour.id)}
            >
              what is near
            </button>
          )}
        </span>
      </th>
      <td className={`px-3 py-1 ${tone}`}>{text}</td>
      <td className="px-3 py-0.5">
        <span className="flex items-center gap-1">
          {variants.slice(0, SHOWN).map((variant) => (
            <Link
              key={variant.id}
              to={toVariant(variant.id)}
              aria-label={`${catalogue.nameOf(variant)}, ${yearsOf(variant)}`}
              title={catalogue.nameOf(variant)}
            >
              <PartPicture variant={variant} position={homeOf(variant, catalogue)} catalogue={catalogue} size={38} tacked={!variant.made} />
            </Link>
          ))}
          {variants.length > SHOWN && <span className="text-pencil text-[0.87rem]">and {variants.length - SHOWN} more</span>}
        </span>
      </td>
      <td className="px-3 py-1 font-mono whitespace-nowrap">{years.length > 0 && `${Math.min(...years)}–${Math.max(...years)}`}</td>
      <td className="px-3 py-1 text-[0.87rem]">
        {sources.slice(0, 4).map((id, i) => (
          <span key={id}>
            {i > 0 && ', '}
            <Link to={toSource(id)} className="text-lagoon font-mono underline">
              {id}
            </Link>
          </span>
        ))}
        {sources.length > 4 && <span className="text-pencil"> and {sources.length - 4} more</span>}
        {sources.length === 0 && cell.made.length > 0 && <span className="text-pencil">sold loose</span>}
      </td>
      <td className="px-3 py-1 text-right font-mono whitespace-nowrap">
        {price && price.variant === cheapest?.variant && <span className="text-moss mr-2 font-sans font-semibold">the cheapest</span>}
        {price && priceWords(price, currency)}
      </td>
    </tr>
  );
}

/** "Hair, rigid, rises 2.9 mm, length 2 of 4, tied, parted, smooth." */
function factsOf({ family, material, geometry, shape, sizeMm, thirdParty }: Mould): string {
  const mm = (value: number | undefined, words: string): string[] => (value ? [`${words} ${value.toFixed(1)} mm`] : []);
  const facts = [
    family.charAt(0).toUpperCase() + family.slice(1),
    material,
    ...mm(geometry.heightMm, 'adds'),
    ...mm(geometry.riseMm, 'rises'),
    ...mm(geometry.thicknessMm, 'thickness'),
    ...mm(geometry.backDepthMm, 'stands off the back'),
    ...(shape.length === undefined ? [] : [`length ${shape.length} of 4`]),
    ...shape.words,
    ...(geometry.grip ? [`held by a ${geometry.grip}`] : []),
    ...(geometry.twoHanded ? ['takes both hands'] : []),
    ...(geometry.holes?.length ? [`has a hole for ${geometry.holes.join(', ')}`] : []),
    ...(geometry.fits?.length ? [`fits ${geometry.fits.join(', ')}`] : []),
    ...(thirdParty ? ['from a third-party workshop'] : []),
    ...(sizeMm ? [`${sizeMm.width} × ${sizeMm.height} × ${sizeMm.depth} mm`] : []),
    `${geometry.massG} g`,
  ];
  return `${facts.join(', ')}.`;
}
