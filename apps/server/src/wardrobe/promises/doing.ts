import type { PartPromises, PromiseBook } from '@outfit/core/wardrobe';
import type { GivenDto } from './promises.dto.js';

/** What the pieces of a run do: how many serve nobody, and whom the others serve. */
export function doingOf(
  part: PartPromises,
  run: number,
  book: PromiseBook,
): { readonly free: number; readonly given: readonly GivenDto[] } {
  const given = new Map<string, { figure: string; name: string; quantity: number; isPinned: boolean }>();
  for (const row of part.given) {
    if (row.run.id !== run) continue;
    const [figure = ''] = row.claim.figures;
    const known = given.get(figure) ?? { figure, name: book.claimant(figure)?.name ?? '', quantity: 0, isPinned: false };
    known.quantity += row.quantity;
    known.isPinned ||= row.isBound && row.run.reach !== 'built' && row.run.reach !== 'whole';
    given.set(figure, known);
  }
  return { free: part.free.get(run) ?? 0, given: [...given.values()] };
}
