import type { System } from '../anatomy/index.js';
import type { Brief } from '../brief/index.js';
import type { Catalogue } from '../catalogue/index.js';
import type { Look } from '../figure/index.js';
import { type Hindrance, NO_SUPPLY } from '../wardrobe/index.js';
import { checkLook } from './checks/index.js';
import { ALONE, subject } from './subject.js';

/**
 * What keeps a look from being built: *unfinished* where it lacks parts to stand, *blocked* where a mark blocks that is not overruled; null
 * where nothing does. The look is judged by itself, as it would stand on the bench. Throws RangeError when a part is not in the catalogue.
 */
export function hindranceOf(look: Look, brief: Brief, catalogue: Catalogue, system: System): Hindrance | null {
  const blocking = checkLook(subject(look, brief, catalogue, system, NO_SUPPLY, { ...ALONE, stage: 'bench' })).open.filter(
    (mark) => mark.severity === 'blocks',
  );
  if (blocking.length === 0) return null;
  return blocking.some((mark) => mark.check === 'whole') ? 'unfinished' : 'blocked';
}
