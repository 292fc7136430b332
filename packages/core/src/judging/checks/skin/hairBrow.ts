import { colourDifference, readDifference } from '../../../colour/index.js';
import { browColour } from '../../../figure/index.js';
import type { Check } from '../../marks.js';
import { recoloured, spot, swaps } from '../../remedies/index.js';

/** Hair further from the brows than this looks like a wig (anatomy, *Checks*). */
const MOST_DELTA_E = 15;
const BARELY = 0.05;

/** `hair.brow`: hair against brows, when both can be seen. */
export const hairBrow: Check = (subject) => {
  const { worn, face, visibility, catalogue } = subject;
  const hair = worn.find((item) => item.part.position === 'headgear');
  const hairIndex = hair?.mould.hairColour;
  if (!hair || hairIndex === undefined || !face) return [];
  const brow = browColour(face, catalogue);
  if (!brow || visibility.of('head.front.brow') < BARELY) return [];
  const hairColour = catalogue.colour(hair.variant.colours[hairIndex] ?? '');
  const deltaE = colourDifference(hairColour, brow);
  if (deltaE <= MOST_DELTA_E) return [];
  return [
    {
      check: 'hair.brow',
      key: `hair.brow:${hair.variant.id}+${face.head.variant.id}`,
      severity: 'shows',
      position: 'headgear',
      region: 'head.front.brow',
      sentence: `Hair in ${hairColour.name} is ${deltaE.toFixed(1)} from the ${brow.name} brows: ${readDifference(deltaE)}.`,
      remedies: () =>
        swaps(
          subject,
          [spot(hair)],
          recoloured(hair, (variant) => colourDifference(catalogue.colour(variant.colours[hairIndex] ?? ''), brow) <= MOST_DELTA_E),
        ),
    },
  ];
};
