import type { Catalogue } from '../../catalogue/index.js';
import type { Visibility } from '../../figure/index.js';

/** How far something answers a wish, 0 to 1, and why; the words are made only when somebody asks. */
export interface Reading {
  readonly s: number;
  readonly why: () => string;
}

/** What reading one part needs to know of the look around it. */
export interface Seen {
  readonly catalogue: Catalogue;
  readonly visibility: Visibility;
}
