import type { Catalogue } from '../../../catalogue/index.js';
import { apart, type Colour, colourDifference, whyApart } from '../../../colour/index.js';
import { browColour, isNeckLayer, type Worn } from '../../../figure/index.js';
import { list } from '../../../kernel/index.js';
import type { Check, Problem } from '../../marks.js';
import { NO_PROPOSALS, inAnotherColour, withAnotherPrint, spot, swaps } from '../../remedies/index.js';
import type { Subject } from '../../subject.js';
import { wornTogether } from '../../together.js';

/** Hair further from the brows than this looks like a wig (anatomy, *Checks*). */
const MOST_DELTA_E = 15;
const BARELY = 0.05;
const BEARD = 'beard';

/** One growth of hair in sight: what it is called, its colour, and the part it is on. */
interface Growth {
  readonly what: string;
  readonly colour: Colour;
  readonly item: Worn;
}

/** Hair, brows and beards that can be seen, those first that are changed most easily. */
function growths({ worn, face, visibility, catalogue }: Subject): readonly Growth[] {
  const found: Growth[] = [];
  for (const item of worn) {
    const at = item.mould.hairColour;
    if (at === undefined || !(item.part.position === 'headgear' || isNeckLayer(item))) continue;
    found.push({
      what: item.part.position === 'headgear' ? 'hair' : 'beard',
      colour: catalogue.colourAt(item.variant, at),
      item,
    });
  }
  if (!face) return found;
  const beard = face.motifs.find((motif) => catalogue.isMotif(motif.motif, BEARD) && visibility.ofMotif(face.head, motif) >= BARELY);
  if (beard?.colours[0] !== undefined)
    found.push({ what: catalogue.motifName(beard.motif), colour: catalogue.colour(beard.colours[0]), item: face.head });
  const brow = browColour(face, catalogue);
  if (brow && visibility.of('head.front.brow') >= BARELY) found.push({ what: 'brows', colour: brow, item: face.head });
  return found;
}

const isApart = (a: Growth, b: Growth, catalogue: Catalogue): boolean =>
  a.item !== b.item &&
  colourDifference(a.colour, b.colour) > MOST_DELTA_E &&
  !wornTogether(a.item.variant.id, b.item.variant.id, catalogue);

/**
 * `hair.brow`: hair, brows and beard, printed or worn, each pair that is in sight. What differs from most of the others is named, so
 * that one odd growth is one mark. What its maker put on one figure belongs together.
 */
export const hairBrow: Check = (subject) => {
  const all = growths(subject);
  const problems: Problem[] = [];
  let left = all;
  while (left.length > 1) {
    const counted = left.map((one) => ({
      one,
      from: left.filter((other) => isApart(one, other, subject.catalogue)),
    }));
    // On a tie the first is named: what is changed most easily.
    const odd = counted.reduce((most, row) => (row.from.length > most.from.length ? row : most));
    if (odd.from.length === 0) break;
    problems.push(problemOf(odd.one, odd.from, subject));
    left = left.filter((other) => other !== odd.one);
  }
  return problems;
};

function problemOf(odd: Growth, from: readonly Growth[], subject: Subject): Problem {
  const { catalogue } = subject;
  const { item } = odd;
  const farthest = Math.max(...from.map((other) => colourDifference(odd.colour, other.colour)));
  const matches = (colour: Colour): boolean => from.every((other) => colourDifference(colour, other.colour) <= MOST_DELTA_E);
  const at = item.mould.hairColour;
  return {
    check: 'hair.brow',
    key: `hair.brow:${item.variant.id}+${from.map((other) => other.item.variant.id).join('+')}`,
    severity: 'shows',
    position: item.part.position,
    region: 'head.front.brow',
    sentence: `The ${odd.what} in ${odd.colour.name} ${odd.what.endsWith('s') ? 'are' : 'is'} ${apart(farthest)} the ${list(from.map((other) => `${other.colour.name} ${other.what}`))}.`,
    why: whyApart(farthest, MOST_DELTA_E),
    proposals: () => {
      const own =
        at === undefined
          ? NO_PROPOSALS()
          : swaps(
              subject,
              [spot(item)],
              inAnotherColour(item, (variant) => matches(catalogue.colourAt(variant, at))),
              item,
            );
      const heads = [...new Set(from.map((other) => other.item))].filter((other) => other.part.position === 'head');
      return [
        ...own,
        ...heads.flatMap((head) =>
          swaps(
            subject,
            [spot(head)],
            withAnotherPrint(head, (variant) => variant.print !== undefined),
            head,
          ),
        ),
      ];
    },
  };
}
