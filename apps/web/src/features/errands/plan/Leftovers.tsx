import { itemName, money } from '@outfit/core';
import type { ErrandDto } from '@/api';

import { useWorkspace } from '@/workspace';

/** What is bought and fills nothing, and what it would fetch. */
export function Leftovers({ errand }: { readonly errand: ErrandDto }) {
  const { catalogue } = useWorkspace();
  if (errand.leftovers.length === 0) return null;
  const fetched = errand.leftovers.reduce((all, row) => all + row.quantity * (row.eachMinor ?? 0), 0);
  return (
    <section aria-label="Left over">
      <h3 className="text-[1.07rem]">Left over</h3>
      <ul className="text-[0.93rem]">
        {errand.leftovers.map((row) => (
          <li key={row.variant} className="flex justify-between gap-2">
            <span>
              {row.quantity} {itemName({ kind: 'variant', item: row.variant }, catalogue)}
            </span>
            <span className="font-mono">{row.eachMinor === null ? '–' : money(row.eachMinor * row.quantity, errand.currency)}</span>
          </li>
        ))}
        <li className="border-ink mt-0.5 flex justify-between gap-2 border-t font-semibold">
          <span>Would fetch about</span>
          <span className="font-mono">{money(fetched, errand.currency)}</span>
        </li>
      </ul>
    </section>
  );
}
