import type { PartPromises } from '@outfit/core/wardrobe';
import type { AsideDto } from './promises.dto.js';
import type { AsideRow } from './promises.store.js';

/**
 * Pieces of a part that are owned and do not serve, by what keeps them from it: lent to somebody, on a whole figure that is kept whole, or
 * altered or flawed and for that reason free although the part is short.
 */
export function asideOf({ free }: Pick<PartPromises, 'free'>, rows: readonly AsideRow[]): readonly AsideDto[] {
  const found = new Map<string, AsideDto>();
  const add = (why: AsideDto['why'], quantity: number, who: string | null, dueOn: string | null, defect: AsideDto['defect']): void => {
    const key = JSON.stringify([why, who, dueOn, defect]);
    if (quantity > 0) found.set(key, { why, who, dueOn, defect, quantity: quantity + (found.get(key)?.quantity ?? 0) });
  };
  for (const { id, quantity, kind, keepWhole, name, dueOn, defects, alterations } of rows)
    if (kind === 'lent') add('lent', quantity, name, dueOn, null);
    else if (kind === 'donor' && keepWhole === 1) add('kept whole', quantity, name, null, null);
    else if (alterations.length > 0) add('altered', free.get(id) ?? 0, null, null, null);
    else add('flawed', free.get(id) ?? 0, null, null, defects[0]?.kind ?? null);
  return [...found.values()];
}
