import type { Area } from '@outfit/core';

/** What people call the areas of the body. */
export const AREA_WORDS: Record<Area, string> = {
  headgear: 'hair, hat',
  face: 'face',
  neck: 'neck, back',
  torso: 'torso',
  arms: 'arms',
  hands: 'hands',
  legs: 'legs',
  held: 'in the hands',
  whole: 'whole figure',
};
