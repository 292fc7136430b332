import { type LikeThere, whereItGoes } from '@outfit/core/wardrobe';
import { useState } from 'react';
import { useAddPiecesMutation, useListPiecesQuery, usePagePiecesQuery, useReadPromisesQuery } from '@/api';
import { PartPicker } from '@/parts';
import { attempt, Button, plural, Sheet, tell } from '@/ui';
import { useWorkspace } from '@/workspace';

const WHY: Readonly<Record<LikeThere['why'], string>> = {
  part: 'of the very part lie there',
  mould: 'of its mould lie there',
  family: 'of its kind lie there',
};

/** A piece in the hand: who waits for it, and where its like lie. */
export function WhereSheet() {
  const [isOpen, setOpen] = useState(false);
  return (
    <Sheet
      open={isOpen}
      onOpenChange={setOpen}
      title="Where does this go?"
      about="Say which piece you have in your hand."
      trigger={<Button>Where does this go?</Button>}
    >
      <Asked />
    </Sheet>
  );
}

function Asked() {
  const [variant, setVariant] = useState<string | null>(null);
  return (
    <div className="mt-3 space-y-3">
      <PartPicker label="In my hand" value={variant} onChoose={setVariant} />
      {variant !== null && <Answer key={variant} variant={variant} onTaken={() => setVariant(null)} />}
    </div>
  );
}

function Answer({ variant, onTaken }: { readonly variant: string; readonly onTaken: () => void }) {
  const { catalogue } = useWorkspace();
  const { family } = catalogue.mouldOf(catalogue.variant(variant));
  const { data: same = [] } = useListPiecesQuery({ variant });
  const { data: kin } = usePagePiecesQuery({ words: family, offset: 0, limit: 200 });
  const { data: promises } = useReadPromisesQuery();
  const [add, { isLoading }] = useAddPiecesMutation();
  const i = promises?.variants.indexOf(variant) ?? -1;
  const waiting = (promises?.of ?? []).flatMap((of, row) => {
    const short = (promises?.wants[row] ?? 0) - (promises?.gets[row] ?? 0);
    return of === i && short > 0 ? [{ name: promises?.names[promises.by[row] ?? -1] ?? '', short }] : [];
  });
  const known = new Set(same.map((piece) => piece.id));
  const places = whereItGoes(variant, [...same, ...(kin?.rows ?? []).filter((piece) => !known.has(piece.id))], catalogue);
  const put = async (place: string): Promise<void> => {
    const done = await attempt(add({ newPiecesDto: { variant, quantity: 1, condition: 'used', place } }).unwrap());
    if (!done) return;
    tell.success(`It is in ${place || 'no place yet'}.`);
    onTaken();
  };
  return (
    <>
      {waiting.length > 0 && (
        <p className="border-l-lagoon border-l-[3px] pl-2.5">
          {waiting
            .slice(0, 3)
            .map((row) => `${row.name} lacks ${plural(row.short, 'piece')}`)
            .join(', ')}
          {waiting.length > 3 && ` and ${waiting.length - 3} more`}: it will be promised there.
        </p>
      )}
      <ul className="divide-rule divide-y">
        {places.slice(0, 5).map((row) => (
          <li key={row.place} className="flex items-center gap-3 py-2">
            <span className="min-w-0 flex-1">
              <span className="block">{row.place || 'No place yet'}</span>
              <span className="text-pencil text-[0.87rem]">
                {row.pieces} {WHY[row.why]}
              </span>
            </span>
            <Button tone="act" disabled={isLoading} onClick={() => void put(row.place)}>
              Put it there
            </Button>
          </li>
        ))}
      </ul>
      {kin && places.length === 0 && <p className="text-pencil">Nothing like it lies anywhere yet. Open a place and add it there.</p>}
    </>
  );
}
