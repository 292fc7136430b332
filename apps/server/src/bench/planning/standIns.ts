import { type Catalogue, partLikeness, type Position } from '@outfit/core';

/** A part less like the one that is missing is another part, not one that would do. */
const LEAST_LIKENESS = 40;

/** The parts that would do for one at its position, by how like it they are (0 to 100): the very part is 100. */
export function standInsFor(variant: string, position: Position, catalogue: Catalogue): ReadonlyMap<string, number> {
  const model = catalogue.variant(variant);
  const { family } = catalogue.mouldOf(model);
  const likeness = catalogue.data.moulds
    .filter((mould) => mould.family === family && mould.fills.some(([anchor]) => anchor === position))
    .flatMap((mould) => catalogue.variantsOf(mould.number))
    .map((row) => [row.id, row.id === variant ? 100 : partLikeness(model, row, catalogue)] as const);
  return new Map(likeness.filter(([, like]) => like >= LEAST_LIKENESS));
}
