import { type Colour, colourDifference, mouldsInColour, plainWords, readDifference } from '@outfit/core';
import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { PartPicture, Swatch } from '@/parts';
import { Empty, plural } from '@/ui';
import { useWorkspace } from '@/workspace';
import { CatalogueTabs } from '../CatalogueTabs';
import { homeOf, toColour, toMould, toVariant } from '../paths';
import { EntryDeeds } from './EntryDeeds';

const NEAR = 6;

/** The table the other way round: everything that exists in one colour, by kind of part. */
export function ColourPage() {
  const { catalogue } = useWorkspace();
  const { colour: id = '' } = useParams();
  if (!catalogue.hasColour(id)) return <Empty title="There is no such colour">Open a mould to see the palette.</Empty>;
  return <InColour colour={catalogue.colour(id)} />;
}

function InColour({ colour }: { readonly colour: Colour }) {
  const { catalogue } = useWorkspace();
  const rows = useMemo(() => mouldsInColour(colour, catalogue), [colour, catalogue]);
  const families = useMemo(() => {
    const by = new Map<string, typeof rows>();
    for (const row of rows) by.set(row.mould.family, [...(by.get(row.mould.family) ?? []), row]);
    return [...by].sort((a, b) => b[1].length - a[1].length);
  }, [rows]);
  const near = catalogue.data.colours
    .filter((other) => other.id !== colour.id)
    .map((other) => ({ other, deltaE: colourDifference(other, colour) }))
    .sort((a, b) => a.deltaE - b.deltaE)
    .slice(0, NEAR);
  const made = rows.reduce((all, { cell }) => all + cell.made.length, 0);
  return (
    <div className="mx-auto flex h-full max-w-6xl flex-col px-5 py-3">
      <CatalogueTabs />
      <h1 className="mt-3 flex items-baseline gap-3 text-2xl">
        <Swatch colour={colour} size="large" />
        <span className="text-pencil font-sans text-[1rem] font-normal">
          {colour.hex}, {colour.finish}, in plain words {plainWords(colour).join(', ')}
        </span>
      </h1>
      <EntryDeeds kind="colours" item={colour.id} name={colour.name} goneTo="/catalogue" />
      <p className="mt-1 flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <span className="text-pencil">Nearest:</span>
        {near.map(({ other, deltaE }) => (
          <Link key={other.id} to={toColour(other.id)} className="hover:text-lagoon">
            <Swatch colour={other} reading={`${deltaE.toFixed(1)}, ${readDifference(deltaE)}`} />
          </Link>
        ))}
      </p>
      <p className="mt-2" role="status">
        {plural(made, 'part')} made in {colour.name}, on {plural(rows.length, 'mould')}.
      </p>
      <div
        // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- what scrolls must be reachable by keyboard
        tabIndex={0}
        role="group"
        aria-label={`Everything in ${colour.name}`}
        className="border-rule bg-sheet mt-1.5 min-h-0 flex-1 overflow-auto border px-4 pb-4"
      >
        {rows.length === 0 && <Empty title={`Nothing is known in ${colour.name} yet`}>Imagine a part in it from the part’s page.</Empty>}
        {families.map(([family, moulds]) => (
          <section key={family} aria-label={family} className="mt-3">
            <h2 className="text-[1.07rem] capitalize">{family}</h2>
            <ul className="mt-1 grid grid-cols-[repeat(auto-fill,minmax(7.2rem,1fr))] gap-2">
              {moulds.flatMap(({ mould, cell }) =>
                [...cell.made, ...cell.imagined].map((variant) => (
                  <li key={variant.id} className="text-[0.87rem] leading-tight">
                    <Link to={toVariant(variant.id)} aria-label={catalogue.nameOf(variant)}>
                      <PartPicture
                        variant={variant}
                        position={homeOf(variant, catalogue)}
                        catalogue={catalogue}
                        size={104}
                        tacked={!variant.made}
                      />
                    </Link>
                    <Link to={toMould(mould.number)} className="mt-0.5 block truncate hover:text-lagoon">
                      {mould.name}
                    </Link>
                    <span className="text-pencil block truncate">
                      {variant.made ? (catalogue.printOf(variant)?.name ?? 'plain') : 'never made'}
                    </span>
                  </li>
                )),
              )}
            </ul>
          </section>
        ))}
      </div>
    </div>
  );
}
