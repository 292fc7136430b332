import { POSITIONS, STACKS } from '../anatomy/index.js';
import type { Catalogue } from '../catalogue/index.js';
import type { BodyPart } from './joints.js';

/** The parts of a figure as somebody drew it up: an official figure, a look. */
export type Outline = readonly Pick<BodyPart, 'position' | 'place' | 'variant'>[];

interface Loose {
  readonly piece: string;
  readonly variant: string;
}

/**
 * Where pieces sit that are known to be on so many alike figures: as the outline says that tells most of them, figure by figure; what no
 * outline tells sits where its mould goes and nothing is yet, else beside. The ledger knows what is on a figure, never where.
 *
 * @param outlines what they may stand as, the likelier first
 * @param most how many figures there are at most
 * @returns a body per figure that anything is on
 */
export function bodiesOf(
  pieces: readonly Loose[],
  outlines: readonly Outline[],
  most: number,
  catalogue: Catalogue,
): readonly (readonly BodyPart[])[] {
  const outline = bestOf(pieces, outlines);
  const left = new Map<string, Loose[]>();
  for (const piece of pieces) left.set(piece.variant, [...(left.get(piece.variant) ?? []), piece]);
  const bodies: BodyPart[][] = [];
  while (bodies.length < most) {
    const body = outline.flatMap(({ position, place, variant }): readonly BodyPart[] => {
      const own = left.get(variant)?.shift();
      return own ? [{ piece: own.piece, position, place, variant }] : [];
    });
    if (body.length === 0) break;
    bodies.push(body);
  }
  const strangers = [...left.values()].flat();
  if (strangers.length > 0 && bodies.length === 0) bodies.push([]);
  for (const stranger of strangers) seat(stranger, bodies, catalogue);
  return bodies;
}

function bestOf(pieces: readonly Loose[], outlines: readonly Outline[]): Outline {
  const told = (outline: Outline): number => {
    const left = new Map<string, number>();
    for (const { variant } of outline) left.set(variant, (left.get(variant) ?? 0) + 1);
    return pieces.reduce((all, { variant }) => {
      const wanted = left.get(variant) ?? 0;
      left.set(variant, wanted - 1);
      return all + (wanted > 0 ? 1 : 0);
    }, 0);
  };
  let best: { readonly outline: Outline; readonly told: number } = { outline: [], told: 0 };
  for (const outline of outlines) {
    const many = told(outline);
    if (many > best.told) best = { outline, told: many };
  }
  return best.outline;
}

/** Puts a piece where its mould goes, on the first figure that has nothing there. */
function seat({ piece, variant }: Loose, bodies: readonly BodyPart[][], catalogue: Catalogue): void {
  const anchors = catalogue.mouldOf(catalogue.variant(variant)).fills.flatMap(([anchor]) => (anchor === undefined ? [] : [anchor]));
  for (const body of bodies)
    for (const position of anchors)
      if (!STACKS.includes(position) && !body.some((part) => part.position === position)) {
        body.push({ piece, position, variant });
        return;
      }
  const [first] = bodies;
  const position = anchors.find((anchor) => STACKS.includes(anchor)) ?? POSITIONS.find((own) => own === 'beside');
  if (first && position) first.push({ piece, position, variant, place: first.filter((part) => part.position === position).length });
}
