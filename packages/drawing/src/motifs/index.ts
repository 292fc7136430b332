import type { Face } from '@outfit/core';
import type { Shape } from '../shape.js';
import { FACE } from './face.js';
import { ARM, LEG, TORSO } from './torso.js';

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

/** Every motif that can be drawn, for checking that data names only these. */
export const MOTIF_NAMES: ReadonlySet<string> = new Set([FACE, TORSO, ARM, LEG].flatMap((set) => Object.keys(set)));
