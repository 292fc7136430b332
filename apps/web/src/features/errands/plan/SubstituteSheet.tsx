import { itemName, money } from '@outfit/core';
import { type ErrandDto, useListSubstitutesQuery } from '@/api';
import { PartPicture } from '@/parts';
import { Button, plural, Sheet } from '@/ui';
import { useWorkspace } from '@/workspace';

interface SubstituteSheetProps {
  readonly errand: ErrandDto;
  readonly variant: string;
  readonly onClose: () => void;
  readonly onAccept: (substitute: string) => void;
}

/** What could stand in for a part: the likeness it loses, what it costs, what is owned. */
export function SubstituteSheet({ errand, variant, onClose, onAccept }: SubstituteSheetProps) {
  const { catalogue } = useWorkspace();
  const { data } = useListSubstitutesQuery({ id: errand.id, variant });
  const position = catalogue.mouldOf(catalogue.variant(variant)).fills[0]?.[0];
  return (
    <Sheet
      wide
      open
      onOpenChange={(open) => !open && onClose()}
      title={`In place of ${itemName({ kind: 'variant', item: variant }, catalogue)}`}
      about="What the figure loses least by first. An accepted substitute is bought when it saves more than the likeness is worth to you."
    >
      {!data && <p className="text-pencil mt-3">Looking…</p>}
      {data?.length === 0 && <p className="text-pencil mt-3">Nothing alike is sold or owned. Add what would do as well in Fitting.</p>}
      <ul className="mt-3">
        {data?.map((row) => (
          <li key={row.variant} className="border-rule flex items-center gap-3 border-t py-1.5">
            {position && (
              <PartPicture
                variant={catalogue.variant(row.variant)}
                position={position}
                catalogue={catalogue}
                size={44}
                tacked={row.owned === 0}
              />
            )}
            <span className="flex-1">
              {itemName({ kind: 'variant', item: row.variant }, catalogue)}
              <span className="text-pencil block text-[0.87rem]">
                {row.lost === 0 ? 'no likeness lost' : `${row.lost.toFixed(1)} points of likeness lost`}
                {row.owned > 0 && `, ${plural(row.owned, 'piece')} owned`}
              </span>
            </span>
            <span className="font-mono">{row.landedMinor === null ? '' : `about ${money(row.landedMinor, errand.currency)}`}</span>
            <Button disabled={row.accepted} onClick={() => onAccept(row.variant)}>
              {row.accepted ? 'Accepted' : 'Accept'}
            </Button>
          </li>
        ))}
      </ul>
    </Sheet>
  );
}
