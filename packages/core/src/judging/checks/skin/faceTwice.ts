import { list } from '../../../kernel/index.js';
import type { Check } from '../../marks.js';
import { keyOf, withAnotherPrint, spot, swaps, turn } from '../../remedies/index.js';

/** `face.twice`: the face in front is in front on another named figure of the collection too. */
export const faceTwice: Check = (subject) => {
  const { face, company, catalogue } = subject;
  if (!face?.head.print) return [];
  const { part, variant } = face.head;
  const print = variant.print;
  const shownBy = company.faces.filter((other) => catalogue.variant(other.head).print === print && other.turned === part.turned);
  if (shownBy.length === 0) return [];
  return [
    {
      check: 'face.twice',
      key: `${keyOf('face.twice', face.head)}:${part.turned ? 'second' : 'first'}`,
      severity: 'shows',
      position: 'head',
      region: 'head.front.eyes',
      sentence: `${list(shownBy.map((other) => other.figure))} ${shownBy.length === 1 ? 'wears' : 'wear'} this face too.`,
      proposals: () => [
        ...(face.secondBehind ? [turn(face.head, 'Show the other face of this head')] : []),
        ...swaps(
          subject,
          [spot(face.head)],
          withAnotherPrint(
            face.head,
            (other) =>
              other.print !== undefined &&
              other.print !== print &&
              !company.faces.some((taken) => catalogue.variant(taken.head).print === other.print),
          ),
          face.head,
        ),
      ],
    },
  ];
};
