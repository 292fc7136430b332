import type { Silhouette } from '../shape.js';
import { BODY } from './body.js';
import { HAIR } from './hair.js';
import { HATS } from './hats.js';
import { HELD } from './held.js';
import { LEGS } from './legs.js';
import { NECK } from './neck.js';

const ALL: Readonly<Record<string, Silhouette>> = { ...BODY, ...LEGS, ...HAIR, ...HATS, ...NECK, ...HELD };

/** The silhouette of a mould by its name, or null when nobody has drawn it. */
export const silhouette = (name: string): Silhouette | null => ALL[name] ?? null;

export const SILHOUETTE_NAMES: readonly string[] = Object.keys(ALL);
