import type { Face } from '@outfit/core';
import type { Shape } from '../shape.js';
import { FACE as FIRST_FACE } from './face.js';
import { MORE_FACE } from './faceMore.js';
import { GARMENTS } from './garments.js';
import { CLOTH, MORE_ARM, MORE_LEG } from './limbs.js';
import { TRIMMINGS } from './trimmings.js';
import { ARM as FIRST_ARM, LEG as FIRST_LEG, TORSO as FIRST_TORSO } from './torso.js';

const FACE = { ...FIRST_FACE, ...MORE_FACE };
const ARM = { ...FIRST_ARM, ...MORE_ARM };
const TORSO = { ...FIRST_TORSO, ...GARMENTS, ...TRIMMINGS };
const LEG = { ...FIRST_LEG, ...MORE_LEG, ...CLOTH };

export type Surface = 'head' | 'torso' | 'arm' | 'legs';

/** The shapes of a motif on a surface, for the printed face that is looked at; empty when it is not drawn there. */
export function motifShapes(motif: string, surface: Surface, face: Face): readonly Shape[] {
  switch (surface) {
    case 'head':
      return FACE[motif] ?? [];
    case 'arm':
      return ARM[motif] ?? [];
    case 'torso':
    case 'legs': {
      const drawn = (surface === 'torso' ? TORSO : LEG)[motif];
      return (face === 'back' ? (drawn?.back ?? drawn?.front) : drawn?.front) ?? [];
    }
  }
}

/** The motifs that can be drawn on a surface, in the order they are written down. */
export const motifsOn = (surface: Surface): readonly string[] => Object.keys({ head: FACE, torso: TORSO, arm: ARM, legs: LEG }[surface]);

/** Every motif that can be drawn, for checking that data names only these. */
export const MOTIF_NAMES: ReadonlySet<string> = new Set([FACE, TORSO, ARM, LEG].flatMap((set) => Object.keys(set)));
