import type { System } from '../anatomy/index.js';
import type { Brief } from '../brief/index.js';
import type { Catalogue } from '../catalogue/index.js';
import { type Scheme, schemeOf } from '../colour/index.js';
import { type AlterationSchool, bodyHeight, clothColours, type Look, overallHeight } from '../figure/index.js';
import type { Explained } from '../kernel/index.js';
import { lookCost, type LookCost } from '../market/index.js';
import type { Supply } from '../wardrobe/index.js';
import { checkLook, strictestSchool } from './checks/index.js';
import { likeness, type Likeness } from './likeness/index.js';
import type { Marks } from './marks.js';
import { marksOf } from './mending.js';
import { type Company, subject } from './subject.js';

/** Everything Outfit has to say about one look. */
export interface Judgement {
  readonly likeness: Likeness;
  readonly marks: Marks;
  /** How tall it stands, as an age band or a neighbour is compared with it: without headgear and what lies round the neck. */
  readonly standing: Explained;
  /** All of it. */
  readonly overall: Explained;
  readonly school: { readonly school: AlterationSchool; readonly reasons: readonly string[] };
  readonly cost: LookCost;
  readonly scheme: Scheme;
}

/**
 * Judges a look against its brief with what is at hand: likeness 0 to 100, marks, heights in mm, cost in minor units, each with its
 * terms. Pure; a screen calls it on every change, so it is kept to a few milliseconds. Throws RangeError when a part is not in the
 * catalogue.
 */
export function judge(look: Look, brief: Brief, catalogue: Catalogue, system: System, supply: Supply, company?: Company): Judgement {
  const seen = subject(look, brief, catalogue, system, supply, company);
  return {
    likeness: likeness(seen),
    marks: marksOf(seen, checkLook(seen)),
    standing: bodyHeight(seen.worn),
    overall: overallHeight(seen.worn),
    school: strictestSchool(seen.worn, catalogue),
    cost: lookCost(look, supply, (id) => catalogue.nameOf(catalogue.variant(id)), brief.copies),
    scheme: schemeOf(clothColours(seen.worn, seen.visibility, catalogue)),
  };
}
