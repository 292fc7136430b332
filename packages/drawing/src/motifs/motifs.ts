import type { Face } from '@outfit/core';
import type { Shape } from '../shape/index.js';
import { ARMS as ARM } from './arms.js';
import { EYES } from './eyes.js';
import { GARMENTS } from './garments.js';
import { LEGS } from './legs.js';
import { MARKS } from './marks.js';
import { MOUTHS } from './mouths.js';
import { CLOTH } from './skirts.js';
import { TORSO as PLAIN } from './torso.js';
import { TRIMMINGS } from './trimmings.js';
import { WHISKERS } from './whiskers.js';

const FACE = { ...EYES, ...MOUTHS, ...WHISKERS, ...MARKS };
const TORSO = { ...PLAIN, ...GARMENTS, ...TRIMMINGS };
const LEG = { ...LEGS, ...CLOTH };

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
