import { useState } from 'react';
import { type PieceInPageDto, type PlaceDto, useCountPlaceMutation } from '@/api';
import { Button, Input, plural, sentenceOf, Sheet, tell } from '@/ui';
import { useWorkspace } from '@/workspace';
import { usePieces } from '../usePieces';

/** A drawer on the desk: what should be there is listed, what is there is typed, and the differences become one entry. */
export function CountSheet({ place }: { readonly place: PlaceDto }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <Sheet
      wide
      title={`Count ${place.name}`}
      about="What lies in this place itself, as it is written down. Change the numbers that are otherwise on the desk."
      open={isOpen}
      onOpenChange={setOpen}
      trigger={<Button>Count this place</Button>}
    >
      <Fields place={place} onDone={() => setOpen(false)} />
    </Sheet>
  );
}

/** What was typed for a run, and how many were written down when the typing began: what has changed since is counted once more. */
interface Typed {
  readonly text: string;
  readonly seen: number;
}

function Fields({ place, onDone }: { readonly place: PlaceDto; readonly onDone: () => void }) {
  const { catalogue } = useWorkspace();
  const pieces = usePieces({ place: place.id });
  const [send, { isLoading }] = useCountPlaceMutation();
  const [typed, setTyped] = useState<ReadonlyMap<number, Typed>>(new Map());
  const total = Math.min(pieces.total ?? 0, 100);
  const here = Array.from({ length: total }, (_, i) => pieces.at(i)).filter(
    (piece): piece is PieceInPageDto => piece?.placeId === place.id,
  );
  const counted = (piece: PieceInPageDto): number => {
    const text = typed.get(piece.id)?.text;
    return text === undefined || text.trim() === '' ? piece.quantity : Number(text);
  };
  const changed = here.filter((piece) => counted(piece) !== piece.quantity);
  const isSound = changed.every((piece) => Number.isInteger(counted(piece)) && counted(piece) >= 0);
  const submit = async (): Promise<void> => {
    try {
      const runs = changed.map((piece) => ({ id: piece.id, quantity: counted(piece), seen: typed.get(piece.id)?.seen ?? piece.quantity }));
      const { sentence } = await send({ countDto: { place: place.id, runs } }).unwrap();
      tell.success(`${sentence}.`);
      onDone();
    } catch (error) {
      tell.error(sentenceOf(error));
    }
  };
  return (
    <form
      className="mt-3 space-y-3"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <ul className="divide-rule divide-y">
        {here.map((piece) => (
          <li key={piece.id} className="flex items-center gap-3 py-1">
            <span className="min-w-0 flex-1">
              <span className="block truncate">{catalogue.nameOf(catalogue.variant(piece.variant))}</span>
              <span className="text-pencil font-mono text-[0.8rem]">{piece.variant}</span>
            </span>
            <Input
              aria-label={`There are, of ${catalogue.nameOf(catalogue.variant(piece.variant))}`}
              inputMode="numeric"
              className="!w-20 text-right font-mono"
              value={typed.get(piece.id)?.text ?? String(piece.quantity)}
              onChange={(event) =>
                setTyped(new Map(typed).set(piece.id, { text: event.target.value, seen: typed.get(piece.id)?.seen ?? piece.quantity }))
              }
            />
          </li>
        ))}
      </ul>
      {(pieces.total ?? 0) > total && (
        <p className="text-pencil">The first {total} runs are shown: count the places within it for themselves.</p>
      )}
      <Button type="submit" tone="act" disabled={changed.length === 0 || !isSound || isLoading}>
        {changed.length === 0 ? 'As it is written down' : `Enter ${plural(changed.length, 'difference')}`}
      </Button>
    </form>
  );
}
