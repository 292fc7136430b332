import type { Catalogue } from '../catalogue/index.js';
import { alterationWords } from '../figure/index.js';
import { list } from '../kernel/index.js';
import { buildSteps } from './building.js';
import { alteringCautions, type BenchWorth, eachOnce } from './cautions.js';
import { dismantleSteps } from './dismantling.js';
import type { BenchBody, BenchCopy, BenchPiece, BenchStep } from './pieces.js';
import { countedNames, namesFrom, type NameOf } from './words.js';

/** What a session at the bench is about: the figures that are to stand there, and what gives pieces to them. */
export interface BenchWork {
  readonly copies: readonly BenchCopy[];
  readonly bodies: readonly BenchBody[];
  /** Pieces that were to be part of a copy and are so no more: replaced or left out, and perhaps built in before that. */
  readonly dropped?: readonly { readonly copy: string; readonly piece: BenchPiece }[] | undefined;
}

/** What is the same in most steps. */
const PLAIN = { moves: [], hint: null, cautions: [], alteration: null, figure: null } as const;

/**
 * Everything to do at the bench, in order: fetch what lies in places, each place once and in the order of the tree; take bodies apart, only what
 * must come off, and close them again; alter; build figure by figure from the feet up, copies together; look. A figure that is built otherwise
 * is one of the bodies and becomes its copy: only what differs is touched.
 *
 * For example: a loose figure of six parts in two drawers gives two fetches, six parts put on, one look.
 */
export function benchSteps({ copies, bodies }: BenchWork, catalogue: Catalogue, worth: BenchWorth): readonly BenchStep[] {
  const nameOf = namesFrom(catalogue);
  const figures = [...new Set(copies.map(({ figure }) => figure))];
  return eachOnce([
    ...fetchSteps(copies, nameOf),
    ...dismantleSteps(bodies, copies, catalogue, worth),
    ...alterSteps(copies, nameOf, catalogue),
    ...figures.flatMap((figure) => {
      const own = copies.filter((copy) => copy.figure === figure);
      return [...buildSteps(own, bodies, catalogue, worth), lookStep(own)];
    }),
  ]);
}

/** Fetching pieces from their places, each place opened once, in the order of the tree. */
export function fetchSteps(copies: readonly BenchCopy[], nameOf: NameOf): readonly BenchStep[] {
  const byPath = new Map<string, { piece: BenchPiece; copy: BenchCopy }[]>();
  for (const copy of copies)
    for (const piece of copy.pieces) {
      if (piece.from.kind === 'body') continue;
      const path = piece.from.kind === 'place' ? piece.from.path : '';
      byPath.set(path, [...(byPath.get(path) ?? []), { piece, copy }]);
    }
  const figures = new Set(copies.map(({ figure }) => figure));
  return [...byPath]
    .sort(([a], [b]) => (a < b ? -1 : 1))
    .map(([path, own]) => {
      const names = list(
        countedNames(
          own.map(({ piece }) => piece),
          nameOf,
        ),
      );
      return {
        ...PLAIN,
        kind: 'fetch' as const,
        pieces: own.map(({ piece }) => piece.piece),
        moves: own.flatMap(({ piece, copy }) =>
          piece.from.kind === 'place' ? [{ piece: piece.piece, to: { kind: 'tray' as const, figure: copy.figure } }] : [],
        ),
        title: path === '' ? `On the tray already: ${names}` : `${path.split(' › ').at(-1) ?? path}: ${names}`,
        sentence: path === '' ? `On the tray already: ${names}.` : `Take from ${path}: ${names}.`,
        hint: figures.size < 2 ? null : whoseIsWhat(own, nameOf),
      };
    });
}

function whoseIsWhat(own: readonly { readonly piece: BenchPiece; readonly copy: BenchCopy }[], nameOf: NameOf): string {
  const byName = new Map<string, BenchPiece[]>();
  for (const { piece, copy } of own) byName.set(copy.name, [...(byName.get(copy.name) ?? []), piece]);
  return [...byName].map(([name, pieces]) => `${name}: ${list(countedNames(pieces, nameOf))}.`).join(' ');
}

/** Altering pieces before they are built in, alike ones together. */
export function alterSteps(copies: readonly BenchCopy[], nameOf: NameOf, catalogue: Catalogue): readonly BenchStep[] {
  const groups = new Map<string, { pieces: BenchPiece[]; alteration: BenchPiece['alterations'][number] }>();
  for (const piece of copies.flatMap((copy) => copy.pieces))
    for (const alteration of piece.alterations) {
      const key = JSON.stringify([piece.variant, alteration]);
      const group = groups.get(key) ?? { pieces: [], alteration };
      groups.set(key, group);
      group.pieces.push(piece);
    }
  return [...groups.values()].map(({ pieces, alteration }) => {
    const [first] = pieces;
    const what = `${pieces.length > 1 ? `${pieces.length} × ` : ''}${first ? nameOf(first) : ''}: ${alterationWords(alteration)}`;
    return {
      ...PLAIN,
      kind: 'alter' as const,
      pieces: pieces.map(({ piece }) => piece),
      title: what,
      sentence: `${what}.`,
      hint: alteration.note === '' ? null : alteration.note,
      cautions: first ? alteringCautions(first.variant, alteration, catalogue) : [],
      alteration,
    };
  });
}

/** The last look at a figure from all sides. */
export const lookStep = (copies: readonly BenchCopy[]): BenchStep => {
  const [first] = copies;
  const name = first?.name ?? '';
  return {
    ...PLAIN,
    kind: 'look',
    pieces: copies.flatMap(({ pieces }) => pieces.map(({ piece }) => piece)),
    title: 'From four sides',
    sentence:
      copies.length > 1 ? `Turn the ${copies.length} round: ${name} from four sides.` : `Turn ${name} round, and look from four sides.`,
    figure: first?.figure ?? null,
  };
};
