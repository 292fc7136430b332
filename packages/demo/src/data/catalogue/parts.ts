import type { LookPart, Position } from '@outfit/core';

/** Short names for positions in the data, both sides at once where a pair is alike. */
const KEYS: Readonly<Record<string, readonly Position[]>> = {
  top: ['headgear'],
  head: ['head'],
  neck: ['neck.1'],
  neck2: ['neck.2'],
  neck3: ['neck.3'],
  torso: ['torso'],
  arms: ['arm.L', 'arm.R'],
  hands: ['hand.L', 'hand.R'],
  waist: ['waist'],
  legs: ['hips'],
  lower: ['lower'],
  left: ['held.L'],
  right: ['held.R'],
  feet: ['feet.L', 'feet.R'],
};

/** "top HA-118·raven, head HD-101·umber·reader" as the parts of a figure. A trailing ! turns the part round. */
export function parts(text: string): readonly LookPart[] {
  return text.split(',').flatMap((entry) => {
    const [key = '', id = ''] = entry.trim().split(/\s+/);
    const turned = id.endsWith('!');
    const positions = KEYS[key];
    if (!positions) throw new RangeError(`"${key}" is not a position of the demo data`);
    return positions.map((position) => ({ position, variant: turned ? id.slice(0, -1) : id, turned }));
  });
}
