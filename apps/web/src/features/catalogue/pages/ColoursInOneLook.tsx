import { type ColourCell, coloursOfMould, existence, type Mould } from '@outfit/core';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { PartPicture, PINKED } from '@/parts';
import { plural } from '@/ui';
import { useWorkspace } from '@/workspace';
import { homeOf, toMould, toVariant } from '../paths';

/** For the moulds most of the search found: every colour of the palette, made, imagined or never seen. */
export function ColoursInOneLook({ moulds }: { readonly moulds: readonly string[] }) {
  const { catalogue } = useWorkspace();
  return (
    <>
      <h2 className="flex h-8 items-center text-[1.05rem]">In which colours</h2>
      {moulds.length === 0 && <p className="text-pencil">Search for something to see its colours.</p>}
      {moulds
        .filter((number) => catalogue.hasMould(number))
        .map((number) => (
          <MouldColours key={number} mould={catalogue.mould(number)} />
        ))}
    </>
  );
}

function MouldColours({ mould }: { readonly mould: Mould }) {
  const { catalogue } = useWorkspace();
  const cells = useMemo(() => coloursOfMould(mould, catalogue), [mould, catalogue]);
  const there = cells.filter((cell) => existence(cell) !== 'never');
  const made = cells.filter((cell) => existence(cell) === 'made').length;
  const imagined = cells.filter((cell) => existence(cell) === 'imagined').length;
  const first = catalogue.variantsOf(mould.number).find((variant) => variant.made) ?? catalogue.variantsOf(mould.number)[0];
  return (
    <section aria-label={`Colours of ${mould.name}`} className="border-rule bg-sheet mb-3 border p-3">
      <div className="flex gap-3">
        {first && <PartPicture variant={first} position={homeOf(first, catalogue)} catalogue={catalogue} size={56} tacked={false} />}
        <div className="min-w-0 leading-snug">
          <Link to={toMould(mould.number)} className="text-lagoon font-semibold underline">
            {mould.name}
          </Link>{' '}
          <span className="text-pencil font-mono text-[0.87rem]">{mould.number}</span>
          <p className="text-pencil text-[0.87rem]">
            Made in {plural(made, 'colour')}
            {imagined > 0 && `, imagined in ${imagined}`}; never seen in the other {cells.length - there.length}.
          </p>
        </div>
      </div>
      <ul className="mt-2 grid grid-cols-3 gap-x-2 gap-y-0.5">
        {there.map((cell) => (
          <li key={cell.colour.id}>
            <ColourMark cell={cell} />
          </li>
        ))}
      </ul>
    </section>
  );
}

/** A colour a mould exists in: a solid swatch when made, a tacked one when only imagined. */
function ColourMark({ cell }: { readonly cell: ColourCell }) {
  const { colour } = cell;
  const isMade = existence(cell) === 'made';
  const [variant] = [...cell.made, ...cell.imagined];
  if (!variant) return null;
  return (
    <Link to={toVariant(variant.id)} className="hover:text-lagoon flex items-center gap-1.5 text-[0.87rem] leading-tight">
      <svg width={16} height={19} viewBox="-1 -1 22 25" aria-hidden="true" className="shrink-0">
        <path
          d={PINKED}
          fill={colour.hex}
          fillOpacity={isMade ? 1 : 0.5}
          className="stroke-ink"
          strokeOpacity={isMade ? 0.4 : 1}
          strokeWidth={isMade ? 0.9 : 1.6}
          strokeDasharray={isMade ? undefined : '3 2.4'}
        />
      </svg>
      <span className="min-w-0 truncate">
        {colour.name}
        <span className={isMade ? 'sr-only' : 'text-saffron'}>{isMade ? ', made' : ', imagined'}</span>
      </span>
    </Link>
  );
}
