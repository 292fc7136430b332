import type { Catalogue } from '../../catalogue/index.js';
import { hairWords, plainWords } from '../../colour/index.js';
import type { Worn } from '../../figure/index.js';

const wordsOf = (text: string): readonly string[] =>
  text
    .toLowerCase()
    .split(/[^\p{L}\p{N}]+/u)
    .filter((word) => word.length > 1);

/** Everything a part is known by, in words: its names and nicknames, what it shows, its colours by name and in plain words. */
function namesOf({ mould, print, variant }: Worn, catalogue: Catalogue): ReadonlySet<string> {
  const colours = variant.colours.map((id) => catalogue.colour(id));
  const texts = [
    mould.name,
    mould.family,
    ...mould.nicknames,
    ...mould.shape.words,
    ...mould.motifs.map((motif) => catalogue.motifName(motif)),
    print?.name ?? '',
    ...(print?.motifs.map((motif) => catalogue.motifName(motif.motif)) ?? []),
    ...colours.flatMap((colour) => [colour.name, ...plainWords(colour)]),
    ...(mould.hairColour === undefined ? [] : colours.slice(mould.hairColour, mould.hairColour + 1).flatMap(hairWords)),
  ];
  return new Set(texts.flatMap(wordsOf));
}

/** The share of free words a part is known by; a word counts when a name begins with it. */
export function shareOfWords(
  text: string,
  item: Worn,
  catalogue: Catalogue,
): { readonly share: number; readonly found: readonly string[] } {
  const wanted = [...new Set(wordsOf(text))];
  if (wanted.length === 0) return { share: 0, found: [] };
  const names = [...namesOf(item, catalogue)];
  const found = wanted.filter((word) => names.some((name) => name.startsWith(word)));
  return { share: found.length / wanted.length, found };
}
