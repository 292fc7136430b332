import { checkLook, strictestSchool, subject, type Company, type Marks, type Supply } from './checks/index.js';
import type { AlterationSchool, Brief } from './brief.js';
import type { Catalogue } from './catalogue.js';
import type { Explained } from './explain.js';
import { overallHeight, standingHeight } from './height.js';
import { likeness, type Likeness } from './likeness/index.js';
import type { Look } from './look.js';
import { lookCost, type LookCost } from './prices.js';
import { schemeOf, visibleColours, type Scheme } from './scheme.js';
import type { System } from './system.js';

/** Everything Outfit has to say about one look. */
export interface Judgement {
  readonly likeness: Likeness;
  readonly marks: Marks;
  readonly standing: Explained;
  readonly overall: Explained;
  readonly school: { readonly school: AlterationSchool; readonly reasons: readonly string[] };
  readonly cost: LookCost;
  readonly scheme: Scheme;
}

/** Judges a look against its brief with what is at hand. Pure; a screen calls it on every change. */
export function judge(look: Look, brief: Brief, catalogue: Catalogue, system: System, supply: Supply, company?: Company): Judgement {
  const seen = subject(look, brief, catalogue, system, supply, company);
  return {
    likeness: likeness(seen),
    marks: checkLook(seen),
    standing: standingHeight(seen.worn),
    overall: overallHeight(seen.worn),
    school: strictestSchool(seen.worn, catalogue),
    cost: lookCost(look, supply, (id) => catalogue.nameOf(catalogue.variant(id))),
    scheme: schemeOf(visibleColours(seen.worn, seen.visibility, catalogue)),
  };
}
