import type { Condition } from '../../brief/index.js';
import { type Catalogue, moodAnswer } from '../../catalogue/index.js';
import { colourAnswer, colourDifference, hairWords, plainWords } from '../../colour/index.js';
import { moodOf, type Worn } from '../../figure/index.js';
import type { Seen } from './reading.js';

/** How far a part meets one condition, 0 to 1. */
export function meets(condition: Condition, item: Worn, { catalogue, visibility }: Seen): number {
  switch (condition.kind) {
    case 'mood': {
      const mood = moodOf(item);
      return mood === null ? 0 : moodAnswer(condition.mood, mood);
    }
    case 'shape':
      return item.mould.shape.words.includes(condition.word) ? 1 : 0;
    case 'colour':
      return Math.max(0, ...item.variant.colours.map((id) => nearness(condition.colour, id, catalogue)));
    case 'motif': {
      const printed = (item.print?.motifs ?? []).map((motif) => {
        const match = catalogue.motifMatch(condition.motif, motif.motif);
        if (match === 0) return 0;
        const colour =
          condition.colour === null ? 1 : Math.max(0, ...motif.colours.map((id) => nearness(condition.colour ?? '', id, catalogue)));
        return match * colour * visibility.ofMotif(item, motif);
      });
      const shaped = condition.colour === null ? item.mould.motifs.map((motif) => catalogue.motifMatch(condition.motif, motif)) : [];
      return Math.max(0, ...printed, ...shaped);
    }
  }
}

/** A palette colour by its ΔE; a plain word is met or not. */
function nearness(wanted: string, id: string, catalogue: Catalogue): number {
  const colour = catalogue.colour(id);
  if (catalogue.hasColour(wanted)) return colourAnswer(colourDifference(catalogue.colour(wanted), colour));
  return plainWords(colour).includes(wanted) || hairWords(colour).includes(wanted) ? 1 : 0;
}
