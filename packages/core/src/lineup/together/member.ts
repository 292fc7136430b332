import type { Brief } from '../../brief/index.js';
import type { Catalogue } from '../../catalogue/index.js';
import { type Look, shownFace, type ShownFace, Visibility, type Worn, wornParts } from '../../figure/index.js';
import type { Enrolled } from '../plan/index.js';

/** A figure of a line-up with the look it shows. */
export interface Shown extends Enrolled {
  readonly name: string;
  readonly brief: Brief;
  readonly look: Look;
}

/** What is worked out once of a figure for everything that is said of the line-up. */
export interface Seen extends Shown {
  readonly worn: readonly Worn[];
  readonly visibility: Visibility;
  readonly face: ShownFace | null;
}

const known = new WeakMap<Look, { readonly catalogue: Catalogue; readonly seen: Pick<Seen, 'worn' | 'visibility' | 'face'> }>();

/** Looks at a figure; a look that was looked at before is known. Throws RangeError when a part is not in the catalogue. */
export function seenOf(shown: Shown, catalogue: Catalogue): Seen {
  let kept = known.get(shown.look);
  if (kept?.catalogue !== catalogue) {
    const worn = wornParts(shown.look, catalogue);
    kept = { catalogue, seen: { worn, visibility: new Visibility(worn), face: shownFace(worn, catalogue) } };
    known.set(shown.look, kept);
  }
  return { ...shown, ...kept.seen };
}
