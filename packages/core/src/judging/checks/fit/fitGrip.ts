import { positionName } from '../../../anatomy/index.js';
import { placeOf, type Worn } from '../../../figure/index.js';
import type { Check } from '../../marks.js';
import { keyOf, takeOff } from '../../remedies/index.js';
import type { Subject } from '../../subject.js';

/** What keeps a hand from holding a thing, or null. A hook takes bars alone. */
function obstacle(held: Worn, side: 'L' | 'R', { worn }: Subject): string | null {
  const { grip = 'bar', twoHanded = false } = held.mould.geometry;
  if (grip === 'none') return 'it has nothing to grip it by';
  const hands = side === 'L' ? (['L', 'R'] as const) : (['R', 'L'] as const);
  for (const at of twoHanded ? hands : hands.slice(0, 1)) {
    const hand = worn.find((item) => item.part.position === `hand.${at}`);
    const name = positionName(`hand.${at}`).toLowerCase();
    if (!hand) return `there is no ${name}`;
    if (hand.mould.shape.words.includes('hook') && grip !== 'bar') return `the ${name} is a hook, and holds bars only`;
  }
  const other = twoHanded ? worn.find((item) => item.part.position === `held.${hands[1]}`) : undefined;
  return other ? `it takes both hands, and the other holds ${other.mould.name}` : null;
}

/** `fit.grip`: held things against the hands that must hold them. What is built on to a held thing needs no hand. */
export const fitGrip: Check = (subject) =>
  (['L', 'R'] as const).flatMap((side) =>
    subject.worn
      .filter((item) => item.part.position === `held.${side}` && placeOf(item.part) === 0)
      .flatMap((held) => {
        const why = obstacle(held, side, subject);
        if (why === null) return [];
        return [
          {
            check: 'fit.grip' as const,
            key: keyOf('fit.grip', held),
            severity: 'blocks' as const,
            position: held.part.position,
            region: null,
            sentence: `${held.mould.name} cannot be held in the ${side === 'L' ? 'left' : 'right'} hand: ${why}.`,
            proposals: () => [takeOff(held)],
          },
        ];
      }),
  );
