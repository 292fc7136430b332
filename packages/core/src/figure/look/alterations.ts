import type { Print, Variant } from '../../catalogue/index.js';

/** What a person may do to a piece that cannot be undone. */
export const ALTERATION_KINDS = ['remove print', 'cut', 'glue', 'paint', 'sticker'] as const;
export type AlterationKind = (typeof ALTERATION_KINDS)[number];

/**
 * One alteration of one piece. `what` is the motif whose print goes (empty for all of it), the colour it is painted in,
 * or what is cut, glued or stuck on, in words.
 */
export interface Alteration {
  readonly kind: AlterationKind;
  readonly what: string;
  readonly note: string;
}

/** The strictest school that still allows each kind. */
export const ALTERATION_SCHOOL: Readonly<Record<AlterationKind, AlterationSchool>> = {
  'remove print': 'altered',
  cut: 'altered',
  glue: 'altered',
  paint: 'altered',
  sticker: 'open bench',
};

/** Does it change the piece for good? Stickers come off again. */
export const isIrreversible = ({ kind }: Alteration): boolean => kind !== 'sticker';

const CAUTIONS: Readonly<Record<AlterationKind, string>> = {
  'remove print': 'Mask the print beside it, wear eye protection and open a window. Once rubbed off it cannot come back.',
  cut: 'Cut away from the hand with a guarded blade, eyes protected. What is cut stays cut.',
  glue: 'Glue lets no joint go again. Keep it off skin and eyes, in good air.',
  paint: 'Paint hides the plastic for good and voids resale as original. Good air, covered table.',
  sticker: 'Stickers lift with age; the piece itself stays as it was.',
};

/** What to mind before an alteration. Every irreversible one voids resale as original. */
export const cautionFor = (kind: AlterationKind): string => CAUTIONS[kind];

/**
 * An alteration as a list names it.
 *
 * @example alterationWords({ kind: 'remove print', what: 'moustache', note: '' }) // 'print removed: moustache'
 */
export function alterationWords({ kind, what }: Alteration): string {
  if (kind === 'remove print') return what === '' ? 'all print removed' : `print removed: ${what}`;
  return what === '' ? kind : `${kind}: ${what}`;
}

/** The print that is left of a print after alterations; null when none is. */
export function printAfter(print: Print | null, alterations: readonly Alteration[]): Print | null {
  const removals = alterations.filter((alteration) => alteration.kind === 'remove print').map((alteration) => alteration.what);
  if (!print || removals.length === 0) return print;
  if (removals.includes('')) return null;
  return { ...print, motifs: print.motifs.filter((motif) => !removals.includes(motif.motif)) };
}

/** The colours of a variant after paint: the last coat covers its first colour. */
export function coloursAfter(variant: Variant, alterations: readonly Alteration[], isColour: (id: string) => boolean): readonly string[] {
  const coat = alterations.filter((alteration) => alteration.kind === 'paint' && isColour(alteration.what)).at(-1);
  return coat ? [coat.what, ...variant.colours.slice(1)] : variant.colours;
}

/** From the strictest: only recombined; cut or erased too; third-party and own too; imagined recolours too. */
export const ALTERATION_SCHOOLS = ['as moulded', 'altered', 'open bench', 'on paper'] as const;
export type AlterationSchool = (typeof ALTERATION_SCHOOLS)[number];
