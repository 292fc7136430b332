import { useVirtualizer } from '@tanstack/react-virtual';
import { useEffect, useRef, useState } from 'react';
import type { PieceInPageDto } from '@/api';
import { PartPicture } from '@/parts';
import { Empty } from '@/ui';
import { useWorkspace } from '@/workspace';
import type { usePieces } from '../usePieces';
import { writeDragged } from './dragged';

const TILE_PX = 126;
const ROW_PX = 152;

interface PieceGridProps {
  readonly pieces: ReturnType<typeof usePieces>;
  readonly chosen: ReadonlySet<number>;
  /** `adds` keeps what was chosen beside it. */
  readonly onChoose: (piece: PieceInPageDto, adds: boolean) => void;
  readonly chosenPieces: readonly PieceInPageDto[];
  /** The place that is open: it need not be said of what lies in it. */
  readonly place: string | null;
}

/** Runs of pieces as one would see them lying there, drawn, with their counts; many are chosen with Ctrl, and dragged onto a place. */
export function PieceGrid({ pieces, chosen, onChoose, chosenPieces, place }: PieceGridProps) {
  const scroller = useRef<HTMLDivElement>(null);
  const [columns, setColumns] = useState(4);
  useEffect(() => {
    const element = scroller.current;
    if (!element) return undefined;
    const observer = new ResizeObserver(([entry]) =>
      setColumns(Math.max(2, Math.floor(((entry?.contentRect.width ?? 0) - 12) / (TILE_PX + 8)))),
    );
    observer.observe(element);
    return () => observer.disconnect();
  }, []);
  const total = pieces.total ?? 0;
  // eslint-disable-next-line react-hooks/incompatible-library -- its functions are not memoised; nothing here relies on that
  const virtual = useVirtualizer({
    count: Math.ceil(total / columns),
    getScrollElement: () => scroller.current,
    estimateSize: () => ROW_PX,
    overscan: 3,
  });
  const rows = virtual.getVirtualItems();
  const [first, last] = [(rows[0]?.index ?? 0) * columns, ((rows.at(-1)?.index ?? 0) + 1) * columns - 1];
  const { want } = pieces;
  useEffect(() => want(first, Math.max(0, Math.min(last, total - 1))), [want, first, last, total]);
  const dragged = (piece: PieceInPageDto): readonly PieceInPageDto[] => (chosen.has(piece.id) ? chosenPieces : [piece]);
  return (
    <div ref={scroller} className="dotted min-h-0 flex-1 overflow-auto p-3" role="listbox" aria-label="Pieces" aria-multiselectable="true">
      {pieces.hasFailed && <p className="text-madder p-4">The list did not come. Check that Outfit is still running, then scroll again.</p>}
      {pieces.total === 0 && <Empty title="Nothing lies here">Add pieces, or drop some on this place.</Empty>}
      <div style={{ height: virtual.getTotalSize() }} className="relative">
        {rows.map((row) => (
          <div key={row.key} style={{ top: row.start }} className="absolute inset-x-0 flex gap-2">
            {Array.from({ length: columns }, (_, i) => {
              const index = row.index * columns + i;
              const piece = index < total ? pieces.at(index) : null;
              return piece ? (
                <Tile
                  key={piece.id}
                  piece={piece}
                  isChosen={chosen.has(piece.id)}
                  where={piece.placeId === place ? '' : piece.place}
                  onChoose={(adds) => onChoose(piece, adds)}
                  onDrag={(transfer) => writeDragged(transfer, dragged(piece))}
                />
              ) : (
                <span key={i} className="max-w-40 min-w-0 flex-1 max-sm:max-w-none" />
              );
            })}
          </div>
        ))}
      </div>
    </div>
  );
}

/** What a run does, in a word or two, and in which colour that is said. */
function doingOf({ certainty, serves, free, isShort }: PieceInPageDto): { readonly text: string; readonly tone: string } {
  if (certainty !== 'sure') return { text: 'think so', tone: 'text-saffron' };
  if (isShort) return { text: 'wanted twice', tone: 'text-madder' };
  const [first] = serves;
  if (first === undefined) return free > 0 ? { text: `${free} free`, tone: 'text-moss' } : { text: '', tone: '' };
  return { text: `for ${first}${serves.length > 1 ? ` and ${serves.length - 1} more` : ''}`, tone: 'text-pencil' };
}

interface TileProps {
  readonly piece: PieceInPageDto;
  readonly isChosen: boolean;
  readonly where: string;
  readonly onChoose: (adds: boolean) => void;
  readonly onDrag: (transfer: DataTransfer) => void;
}

function Tile({ piece, isChosen, where, onChoose, onDrag }: TileProps) {
  const { catalogue } = useWorkspace();
  const variant = catalogue.variant(piece.variant);
  const mould = catalogue.mouldOf(variant);
  const { text, tone } = doingOf(piece);
  const flaws = [
    ...piece.defects.map((defect) => defect.kind),
    ...(piece.alterations.length > 0 ? ['altered'] : []),
    ...(piece.condition === 'used' ? [] : [piece.condition]),
    ...(piece.owner === '' ? [] : [`${piece.owner}’s`]),
  ];
  return (
    <button
      type="button"
      role="option"
      aria-selected={isChosen}
      draggable
      onDragStart={(event) => onDrag(event.dataTransfer)}
      onClick={(event) => onChoose(event.ctrlKey || event.metaKey || event.shiftKey)}
      style={{ height: ROW_PX - 10 }}
      className={`max-w-40 min-w-0 flex-1 max-sm:max-w-none bg-sheet rounded-cut relative flex flex-col items-center border p-1.5 text-left ${isChosen ? 'border-lagoon bg-lagoon/10 outline-lagoon outline-1' : piece.certainty === 'sure' ? 'border-rule hover:border-pencil' : 'border-pencil border-dashed'}`}
    >
      {piece.quantity > 1 && (
        <span className="bg-sheet/90 absolute top-1 right-1 z-10 px-1 font-mono text-[0.93rem]">×{piece.quantity}</span>
      )}
      <PartPicture variant={variant} position={mould.fills[0]?.[0] ?? 'beside'} catalogue={catalogue} size={74} tacked={false} />
      <span
        className={`mt-1 line-clamp-2 w-full text-[0.87rem] leading-tight ${piece.certainty === 'sure' ? '' : 'decoration-pencil underline decoration-dotted underline-offset-2'}`}
      >
        {catalogue.nameOf(variant)}
      </span>
      <span className="mt-auto w-full truncate text-[0.8rem]" title={[text, ...flaws, where].filter(Boolean).join(', ')}>
        <span className={tone}>{text}</span>
        {flaws.length > 0 && <span className="text-saffron">, {flaws.join(', ')}</span>}
        {where !== '' && <span className="text-pencil">, {where.split(' › ').at(-1)}</span>}
      </span>
    </button>
  );
}
