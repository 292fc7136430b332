/** A run of neighbours in one row, of one group. */
export interface Segment<T> {
  readonly group: number;
  readonly spots: readonly T[];
}

/** Sizes of a stage in px, and of whoever stands on it in mm. */
export interface Room {
  readonly widthPx: number;
  readonly heightPx: number;
}

export interface StageSizes {
  /** The widest and the tallest that stands there. */
  readonly widthMm: number;
  readonly heightMm: number;
  /** Above and below the figures of a row. */
  readonly headPx: number;
}

export const LEAST_SCALE = 1.5;
export const MOST_SCALE = 11;
const STEP = 0.25;
const GAP_PX = 22;
const SIDE_PX = 18;
const ROW_GAP_PX = 10;
/** A name wants so much room beside its figure where there is room for names at all. */
const NAME_PX = 92;
const SMALL_SCALE = 3.2;

/** How high the words under a figure are at a scale: at small scales a number alone stands there. */
export const labelPx = (scale: number): number => (scale < SMALL_SCALE ? 20 : 46);
export const cellPx = (scale: number, widthMm: number): number =>
  Math.max(scale < SMALL_SCALE ? 24 : NAME_PX, Math.ceil(widthMm * scale) + 4);

/** Lays groups out in rows as wide as the room: a group that does not fit is gone on with in the next row. */
/** @param least how wide each group is at least: its title has to stand above it */
export function rowsOf<T>(
  groups: readonly (readonly T[])[],
  cell: number,
  widthPx: number,
  least: readonly number[] = [],
): readonly (readonly Segment<T>[])[] {
  const rows: Segment<T>[][] = [[]];
  let left = widthPx - 2 * SIDE_PX;
  const fits = (): number => Math.floor(left / cell);
  for (const [group, spots] of groups.entries()) {
    let from = 0;
    while (from < spots.length) {
      const rest = spots.length - from;
      const isRowEmpty = rows.at(-1)?.length === 0;
      // A group that would fit in a row of its own is not torn for the end of this one.
      const tears = !isRowEmpty && fits() < rest && rest * cell <= widthPx - 2 * SIDE_PX;
      const isTitled = left >= Math.min(least[group] ?? 0, widthPx - 2 * SIDE_PX);
      if ((fits() < 1 || tears || !isTitled) && !isRowEmpty) {
        rows.push([]);
        left = widthPx - 2 * SIDE_PX;
        continue;
      }
      const take = Math.max(1, Math.min(fits(), rest));
      rows.at(-1)?.push({ group, spots: spots.slice(from, from + take) });
      left -= Math.max(take * cell, least[group] ?? 0) + GAP_PX;
      from += take;
    }
  }
  return rows;
}

export const rowHeight = (scale: number, { heightMm, headPx }: StageSizes): number =>
  heightMm * scale + labelPx(scale) + headPx + ROW_GAP_PX;

/** The largest scale, in px per mm, at which all rows fit the room; the least there is where none does. */
export function fittingScale<T>(
  groups: readonly (readonly T[])[],
  sizes: StageSizes,
  { widthPx, heightPx }: Room,
  least: readonly number[] = [],
): number {
  for (let scale = MOST_SCALE; scale > LEAST_SCALE; scale -= STEP) {
    const rows = rowsOf(groups, cellPx(scale, sizes.widthMm), widthPx, least);
    if (rows.length * rowHeight(scale, sizes) <= heightPx) return scale;
  }
  return LEAST_SCALE;
}
