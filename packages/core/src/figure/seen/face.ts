import type { Catalogue, MoodName, PrintMotif } from '../../catalogue/index.js';
import type { Colour } from '../../colour/index.js';
import type { Worn } from '../look/index.js';

/** What the head of a look shows in front. */
export interface ShownFace {
  readonly head: Worn;
  readonly skin: Colour;
  readonly mood: MoodName | null;
  readonly motifs: readonly PrintMotif[];
  /** True when the head carries a face on the side that is turned away. */
  readonly secondBehind: boolean;
}

/** The mood of the face a part shows in front; null for what has none. */
export function moodOf({ part, print }: Worn): MoodName | null {
  if (part.position !== 'head') return null;
  return (part.turned ? print?.secondMood : print?.mood) ?? null;
}

/** The face in front, turned heads considered; null without a head. */
export function shownFace(worn: readonly Worn[], catalogue: Catalogue): ShownFace | null {
  const head = worn.find((item) => item.part.position === 'head');
  if (!head) return null;
  const motifs = head.print?.motifs ?? [];
  const [front, behind] = head.part.turned ? (['back', 'front'] as const) : (['front', 'back'] as const);
  return {
    head,
    skin: catalogue.colourAt(head.variant, 0),
    mood: moodOf(head),
    motifs: motifs.filter((motif) => motif.face === front),
    secondBehind: motifs.some((motif) => motif.face === behind),
  };
}

/** The colour of the shown brows; null when the face has none. */
export function browColour(face: ShownFace, catalogue: Catalogue): Colour | null {
  const brows = face.motifs.find((motif) => motif.motif === 'brows' || motif.motif.startsWith('brows-'));
  return brows?.colours[0] === undefined ? null : catalogue.colour(brows.colours[0]);
}
