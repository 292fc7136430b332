import { itemName, offerBehind, variantBehind } from '@outfit/core';
import { X } from 'lucide-react';
import type { AdjustmentsDto, ErrandDto } from '@/api';
import { useWorkspace } from '@/workspace';

interface AdjustedProps {
  readonly errand: ErrandDto;
  readonly sellerName: (id: string) => string;
  readonly onChange: (adjustments: AdjustmentsDto) => void;
}

/** What the person adjusted on earlier plans; each can be taken back, and the errand is planned again. */
export function Adjusted({ errand, sellerName, onChange }: AdjustedProps) {
  const { catalogue } = useWorkspace();
  const name = (variant: string): string => itemName({ kind: 'variant', item: variantBehind(variant) }, catalogue);
  const { adjustments } = errand;
  const { locked, banned, pinned, accepted } = adjustments;
  const lineName = (id: string): string => {
    const offer = errand.offers.find((row) => offerBehind(row.id) === id);
    return offer ? `${itemName(offer, catalogue)} from ${sellerName(offer.seller)}` : 'a line that is not on this plan';
  };
  const without = <K extends keyof AdjustmentsDto>(key: K, i: number): AdjustmentsDto => ({
    ...adjustments,
    [key]: adjustments[key].filter((_, k) => k !== i),
  });
  const rows = [
    ...locked.map((row, i) => ({
      key: row.offer,
      words: `kept as bought: ${row.quantity} ${lineName(row.offer)}`,
      next: () => without('locked', i),
    })),
    ...banned.map((row, i) => ({ key: row, words: `nothing from ${sellerName(row)}`, next: () => without('banned', i) })),
    ...pinned.map((row, i) => ({
      key: `pin ${row.variant}`,
      words: `${name(row.variant)} from ${sellerName(row.seller)}`,
      next: () => without('pinned', i),
    })),
    ...accepted.map((row, i) => ({
      key: `${row.variant} ${row.substitute}`,
      words: `${name(row.substitute)} for ${name(row.variant)}`,
      next: () => without('accepted', i),
    })),
  ];
  if (rows.length === 0) return null;
  return (
    <ul aria-label="Adjusted by you" className="mt-2 flex flex-wrap gap-1.5 text-[0.87rem]">
      {rows.map(({ key, words, next }) => (
        <li key={key} className="border-lagoon bg-sheet rounded-cut flex items-center gap-1 border px-2 py-0.5">
          {words}
          <button type="button" aria-label={`Take back: ${words}`} onClick={() => onChange(next())}>
            <X size={14} strokeWidth={1.75} />
          </button>
        </li>
      ))}
    </ul>
  );
}
