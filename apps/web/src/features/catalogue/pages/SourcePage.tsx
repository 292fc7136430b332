import { costOfPieces, explode, money } from '@outfit/core';
import { useMemo } from 'react';
import { Link, useParams } from 'react-router';
import { FigurePicture, PartPicture } from '@/parts';
import { Empty, plural } from '@/ui';
import { CHEAPEST_FOR, useWorkspace } from '@/workspace';
import { CatalogueTabs } from '../CatalogueTabs';
import { homeOf, toSource, toVariant } from '../paths';
import { EntryDeeds } from './EntryDeeds';

/** One official product: its figures, and everything it comes to when taken to single parts. */
export function SourcePage() {
  const { catalogue, supply, currency } = useWorkspace();
  const { source: id = '' } = useParams();
  const source = catalogue.data.sources.find((row) => row.id === id);
  const pieces = useMemo(() => (source ? explode(source, catalogue.data) : []), [source, catalogue]);
  if (!source) return <Empty title="There is no such source">See all of them under Sources.</Empty>;
  const figures = source.yields.flatMap((line) => {
    const figure = line.kind === 'figure' ? catalogue.data.officialFigures.find((row) => row.id === line.item) : undefined;
    return figure ? [{ figure, line }] : [];
  });
  const others = source.yields.filter((line) => line.kind === 'bundle' || line.kind === 'source');
  const cost = costOfPieces(pieces, (variant) => supply.landedMinor(variant));
  const count = pieces.reduce((all, piece) => all + piece.quantity, 0);
  return (
    <div className="mx-auto flex h-full max-w-6xl flex-col px-5 py-3">
      <CatalogueTabs />
      <h1 className="mt-3 text-2xl">
        {source.name} <span className="text-pencil font-mono text-[1.07rem]">{source.id}</span>
      </h1>
      <EntryDeeds kind="sources" item={source.id} name={source.name} goneTo="/catalogue/sources" />
      <p className="text-pencil">
        {source.range}, {source.kind}, {source.year}
        {source.printRun &&
          `, ${source.printRun.certainty === 'sure' ? '' : 'we think '}${source.printRun.copies.toLocaleString('en-GB')} copies made`}
        . {plural(count, 'part')}, {plural(pieces.length, 'kind')}; bought one by one at their cheapest, {CHEAPEST_FOR}, about{' '}
        {money(cost.totalMinor, currency)} landed
        {cost.unsold > 0 && `, and ${plural(cost.unsold, 'part')} nobody sells`}.
      </p>
      <div className="mt-3 min-h-0 flex-1 overflow-auto">
        <ul className="flex flex-wrap items-end gap-4">
          {figures.map(({ figure, line }) => (
            <li key={figure.id} className="text-center">
              <FigurePicture look={{ parts: figure.parts, overrules: [] }} catalogue={catalogue} pxPerMm={4.6} label={figure.name} />
              <p className="font-medium">
                {line.quantity > 1 && `${line.quantity} × `}
                {figure.name}
              </p>
              <p className="text-pencil text-[0.87rem]">
                {figure.person ?? figure.id}
                {line.certainty === 'think so' && ', we think so'}
              </p>
            </li>
          ))}
        </ul>
        {others.length > 0 && (
          <p className="mt-2">
            Also in it:{' '}
            {others.map((line, i) => (
              <span key={line.item}>
                {i > 0 && ', '}
                {line.quantity} ×{' '}
                {line.kind === 'source' ? (
                  <Link to={toSource(line.item)} className="text-lagoon underline">
                    {catalogue.data.sources.find((row) => row.id === line.item)?.name ?? line.item}
                  </Link>
                ) : (
                  (catalogue.data.bundles.find((row) => row.id === line.item)?.name ?? line.item)
                )}
              </span>
            ))}
          </p>
        )}
        <h2 className="border-rule mt-3 border-t pt-2 text-[1.07rem]">Taken to single parts</h2>
        <ul className="mt-1 grid grid-cols-[repeat(auto-fill,minmax(13rem,1fr))] gap-x-4 gap-y-1">
          {pieces.map((piece) => {
            const variant = catalogue.variant(piece.variant);
            return (
              <li key={piece.variant} className="flex items-center gap-2 text-[0.87rem] leading-tight">
                <PartPicture variant={variant} position={homeOf(variant, catalogue)} catalogue={catalogue} size={44} tacked={false} />
                <span className="font-mono">{piece.quantity}</span>
                <Link to={toVariant(variant.id)} className="hover:text-lagoon line-clamp-2 min-w-0">
                  {catalogue.nameOf(variant)}
                  {piece.certainty === 'think so' && <span className="text-pencil"> (think so)</span>}
                </Link>
              </li>
            );
          })}
        </ul>
      </div>
    </div>
  );
}
