import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useRef } from 'react';
import type { PieceInPageDto } from '@/api';
import { PartPicture, Swatch } from '@/parts';
import { Empty } from '@/ui';
import { useWorkspace } from '@/workspace';
import type { usePieces } from '../usePieces';

const ROW_PX = 58;
const GRID =
  'grid grid-cols-[1.5rem_4rem_minmax(0,1fr)_9rem_3.5rem_5rem_9rem_10rem] gap-3 px-2 max-sm:grid-cols-[1.5rem_4rem_minmax(0,1fr)_3rem]';

interface PieceTableProps {
  readonly pieces: ReturnType<typeof usePieces>;
  readonly words: string;
  readonly chosen: ReadonlySet<number>;
  /** `adds` keeps what was chosen beside it. */
  readonly onChoose: (piece: PieceInPageDto, adds: boolean) => void;
  /** Chooses every row that has been read, or lets go of all. */
  readonly onChooseAll: () => void;
}

/** Owned pieces as a table, by their parts; many are chosen by their boxes, and what is done is done with all of them. */
export function PieceTable({ pieces, words, chosen, onChoose, onChooseAll }: PieceTableProps) {
  const { all, want } = pieces;
  const total = pieces.total ?? 0;
  const scroller = useRef<HTMLDivElement>(null);
  // eslint-disable-next-line react-hooks/incompatible-library -- its functions are not memoised; nothing here relies on that
  const virtual = useVirtualizer({ count: total, getScrollElement: () => scroller.current, estimateSize: () => ROW_PX, overscan: 8 });
  const items = virtual.getVirtualItems();
  const [first, last] = [items[0]?.index ?? 0, items.at(-1)?.index ?? 0];
  useEffect(() => want(first, last), [want, first, last]);
  useEffect(() => void scroller.current?.scrollTo({ top: 0 }), [words]);
  return (
    <div role="table" aria-label="Owned pieces" aria-rowcount={total} className="mt-3 flex min-h-0 flex-1 flex-col">
      <div role="row" className={`${GRID} text-pencil border-ink border-b pb-1 text-[0.87rem]`}>
        {['', '', 'Part', 'Colour', 'Pieces', 'Condition', 'Serves', 'Place'].map((head, i) => (
          <span key={i} role="columnheader" className={i > 2 && i !== 4 ? 'max-sm:hidden' : ''}>
            {i === 0 ? (
              <input
                type="checkbox"
                className="accent-lagoon"
                aria-label="Choose every row"
                checked={chosen.size > 0}
                onChange={onChooseAll}
              />
            ) : (
              head
            )}
          </span>
        ))}
      </div>
      {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- what scrolls must be reachable by keyboard */}
      <div ref={scroller} role="rowgroup" tabIndex={0} className="bg-sheet min-h-0 flex-1 overflow-auto">
        {pieces.hasFailed && (
          <p className="text-madder p-4">The list did not come. Check that Outfit is still running, then scroll again.</p>
        )}
        {all && pieces.total === 0 && (
          <Empty title={all.runs === 0 ? 'Nothing is owned yet' : 'Nothing matches'}>
            <p>
              {all.runs === 0
                ? 'Import a CSV file of what lies on your desk; bad rows are told one by one before anything is taken.'
                : 'Try a colour, a nickname or a drawer.'}
            </p>
          </Empty>
        )}
        <div style={{ height: virtual.getTotalSize() }} className="relative">
          {items.map((item) => {
            return (
              <div
                key={item.key}
                role="row"
                aria-rowindex={item.index + 1}
                style={{ top: item.start, height: ROW_PX }}
                className={`${GRID} border-rule absolute inset-x-0 items-center border-b`}
              >
                <Cells piece={pieces.at(item.index)} chosen={chosen} onChoose={onChoose} />
              </div>
            );
          })}
        </div>
      </div>
    </div>
  );
}

function Cells({ piece, chosen, onChoose }: Pick<PieceTableProps, 'chosen' | 'onChoose'> & { readonly piece: PieceInPageDto | null }) {
  const { catalogue } = useWorkspace();
  if (!piece) return <span role="cell" aria-label="Being read" />;
  const variant = catalogue.variant(piece.variant);
  const mould = catalogue.mouldOf(variant);
  return (
    <>
      <span role="cell">
        <input
          type="checkbox"
          className="accent-lagoon"
          aria-label={`Choose ${catalogue.nameOf(variant)}, ${piece.place || 'no place yet'}`}
          checked={chosen.has(piece.id)}
          onChange={() => onChoose(piece, true)}
        />
      </span>
      <span role="cell">
        <PartPicture variant={variant} position={mould.fills[0]?.[0] ?? 'beside'} catalogue={catalogue} size={50} tacked={false} />
      </span>
      <span role="cell" className="min-w-0">
        <span className="block truncate font-medium">{catalogue.nameOf(variant)}</span>
        <span className="text-pencil block truncate text-[0.87rem]">
          <span className="font-mono">{variant.id}</span>
          {piece.note && `, ${piece.note}`}
        </span>
      </span>
      <span role="cell" className="max-sm:hidden">
        {variant.colours.slice(0, 2).map((id, i) => (
          <span key={i} className="block leading-tight">
            <Swatch colour={catalogue.colour(id)} />
          </span>
        ))}
      </span>
      <span role="cell" className="font-mono">
        {piece.quantity}
      </span>
      <span role="cell" className="max-sm:hidden">
        {piece.condition}
      </span>
      <span role="cell" className="truncate text-[0.93rem] max-sm:hidden" title={piece.serves.join(', ')}>
        {piece.isShort && <span className="text-madder">wanted twice, </span>}
        {piece.serves.length > 0 ? piece.serves.join(', ') : <span className="text-moss">{piece.free > 0 ? 'free' : ''}</span>}
      </span>
      <span role="cell" className="truncate max-sm:hidden" title={piece.place}>
        {piece.place}
      </span>
    </>
  );
}
