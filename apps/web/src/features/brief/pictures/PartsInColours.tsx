import { mainColourOf, positionName } from '@outfit/core';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { PartPicture, Swatch } from '@/parts';
import { useWorkspace } from '@/workspace';
import { partsIn } from './partsIn';

interface PartsInColoursProps {
  readonly figure: string;
  /** The first counts most. */
  readonly colours: readonly string[];
  /** Whether they were picked by the person, or are those the picture shows most. */
  readonly arePicked: boolean;
}

/** The parts that exist in a picture's colours, position by position; each opens the fitting there, among what has its colour. */
export function PartsInColours({ figure, colours, arePicked }: PartsInColoursProps) {
  const { catalogue, supply } = useWorkspace();
  const rows = useMemo(() => partsIn(colours, catalogue, supply), [colours, catalogue, supply]);
  return (
    <section aria-label="Parts in these colours">
      <h3 className="text-pencil font-sans text-[0.93rem] font-semibold">
        {arePicked ? 'Parts in the colours nearest to it' : 'Parts in the colours of this picture'}
      </h3>
      {!arePicked && (
        <ul aria-label="Colours of this picture" className="mt-1 flex flex-wrap gap-x-3 gap-y-0.5">
          {colours.map((id) => (
            <li key={id}>
              <Swatch colour={catalogue.colour(id)} />
            </li>
          ))}
        </ul>
      )}
      {rows.length === 0 && <p className="text-pencil">No part was ever made in them.</p>}
      <ul className="mt-1">
        {rows.map(({ position, parts, total }) => (
          <li key={position} className="border-rule flex items-center gap-1 border-t py-0.5">
            <span className="w-20 shrink-0 text-[0.87rem]">
              {positionName(position)} <span className="text-pencil block text-[0.8rem]">{total} made</span>
            </span>
            {parts.map((variant) => (
              <Link
                key={variant.id}
                to={`/figures/${figure}/fitting?position=${position}&colour=${encodeURIComponent(mainColourOf(variant, catalogue).id)}`}
                aria-label={`${catalogue.nameOf(variant)}: to the fitting`}
                title={catalogue.nameOf(variant)}
              >
                <PartPicture
                  variant={variant}
                  position={position}
                  catalogue={catalogue}
                  size={44}
                  tacked={supply.owned(variant.id) === 0}
                />
              </Link>
            ))}
          </li>
        ))}
      </ul>
    </section>
  );
}
