import { type Position, type Region, REGIONS } from '../../anatomy/index.js';

const regionsOf = (test: RegExp): readonly Region[] => REGIONS.filter((region) => test.test(region));

/** Regions a body part is the surface of; parts that no region stands for are left out. */
export const SURFACE: Readonly<Partial<Record<Position, readonly Region[]>>> = {
  head: regionsOf(/^head/),
  torso: regionsOf(/^torso/),
  'arm.L': regionsOf(/^arm.*L$/),
  'arm.R': regionsOf(/^arm.*R$/),
  'hand.L': regionsOf(/^hand.L$/),
  'hand.R': regionsOf(/^hand.R$/),
  hips: regionsOf(/^(leg|hip)/),
  lower: regionsOf(/^(leg|hip)/),
};
