import {
  type Catalogue,
  mainColourOf,
  nearestPalette,
  POSITIONS,
  type Position,
  type Raster,
  samplePatch,
  shelfOf,
  type Supply,
  type Variant,
} from '@outfit/core';

const GRID = 14;
const MOST_COLOURS = 5;
/** A colour that fewer spots of a picture show is a detail of it, and not one of its colours. */
const LEAST_SHARE = 0.03;
const MOST_PARTS = 4;

/**
 * The colours of the palette that a picture shows most, the most first: sampled on a grid, each spot by the nearest colour. Spots of
 * several colours at once are left out, and skins: what is bare is known only where somebody points at it.
 */
export function coloursOfPicture(raster: Raster, catalogue: Catalogue): readonly string[] {
  const counts = new Map<string, number>();
  const radius = Math.max(1, Math.min(raster.width, raster.height) / (4 * GRID));
  let spots = 0;
  for (let row = 0; row < GRID; row += 1)
    for (let column = 0; column < GRID; column += 1) {
      const patch = samplePatch(raster, ((column + 0.5) * raster.width) / GRID, ((row + 0.5) * raster.height) / GRID, radius);
      if (!patch || patch.mixed) continue;
      spots += 1;
      const [nearest] = nearestPalette(patch.hex, [], catalogue, { skins: false, most: 1 });
      if (nearest) counts.set(nearest.colour.id, (counts.get(nearest.colour.id) ?? 0) + 1);
    }
  return [...counts]
    .filter(([, count]) => count >= LEAST_SHARE * spots)
    .sort((a, b) => b[1] - a[1])
    .slice(0, MOST_COLOURS)
    .map(([colour]) => colour);
}

/** Parts of one position that exist in some colours. */
export interface PartsAt {
  readonly position: Position;
  readonly parts: readonly Variant[];
  /** All that exist, shown or not. */
  readonly total: number;
}

/**
 * The parts that were made in some colours, position by position from the head down: of each mould one, in the colour that stands first;
 * the colours' order first, then what is owned, then the cheapest.
 */
export function partsIn(colours: readonly string[], catalogue: Catalogue, supply: Supply): readonly PartsAt[] {
  const orderOf = new Map(colours.map((colour, i) => [colour, i]));
  const byPosition = new Map<Position, { readonly variant: Variant; readonly rank: readonly number[] }[]>();
  for (const variant of catalogue.data.variants) {
    if (!variant.made || variant.mergedInto !== undefined) continue;
    const order = orderOf.get(mainColourOf(variant, catalogue).id);
    const home = catalogue.mouldOf(variant).fills[0]?.[0];
    if (order === undefined || home === undefined) continue;
    const position = shelfOf(home);
    const rank = [order, supply.owned(variant.id) > 0 ? 0 : 1, supply.landedMinor(variant.id) ?? Number.MAX_SAFE_INTEGER];
    const row = byPosition.get(position);
    if (row) row.push({ variant, rank });
    else byPosition.set(position, [{ variant, rank }]);
  }
  return POSITIONS.flatMap((position): readonly PartsAt[] => {
    const row = byPosition.get(position);
    if (!row) return [];
    row.sort((a, b) => (a.rank[0] ?? 0) - (b.rank[0] ?? 0) || (a.rank[1] ?? 0) - (b.rank[1] ?? 0) || (a.rank[2] ?? 0) - (b.rank[2] ?? 0));
    const parts: Variant[] = [];
    for (const { variant } of row)
      if (parts.length < MOST_PARTS && !parts.some((other) => other.mould === variant.mould && other.colours[0] === variant.colours[0]))
        parts.push(variant);
    return [{ position, parts, total: row.length }];
  });
}
