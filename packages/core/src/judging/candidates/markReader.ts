import { shownFace, type Worn } from '../../figure/index.js';
import { RULES, SEEN_FROM_THE_SIDE } from '../checks/index.js';
import type { PartFacet, Problem, Severity } from '../marks.js';
import type { Subject } from '../subject.js';
import { addCheck, addChecks, type CheckSets, emptySets } from './checkSets.js';
import type { VariantFacets } from './facets.js';

/** Points a raised problem takes off a candidate's rank, by severity; blocking ones are not ranked at all. */
const PENALTY: Readonly<Record<Severity, number>> = { blocks: 100, shows: 5, note: 1 };

/** Points that each place takes off which a candidate leaves empty, of those a figure cannot stand or be built without. */
export const EMPTIED = 5;

/** What a candidate does to the problems of a look. */
export interface Change {
  readonly raises: CheckSets;
  readonly settles: CheckSets;
  /** Penalties of what it raises, less those of what it settles. */
  readonly penalty: number;
  readonly blocks: boolean;
}

/** Problems as they stand without the candidate, by check and position. */
export type MarksNow = ReadonlyMap<string, Problem>;

/**
 * The same kind of problem in the same place, though the part that causes it may be another. Colours, and what is
 * lacking, are of the whole.
 */
export const sameProblem = ({ check, position }: Pick<Problem, 'check' | 'position'>): string =>
  check === 'scheme.count' || check === 'whole' ? check : `${check}@${position}`;

/** What is lacking is counted place by place, and not once more as a mark. */
export const penaltyOf = ({ check, severity }: Pick<Problem, 'check' | 'severity'>): number => (check === 'whole' ? 0 : PENALTY[severity]);

type Rules = readonly { readonly bit: number; readonly rule: (typeof RULES)[number] }[];

/** Checks that look at the same facets of a part are run together, once for each value of those facets. */
const GROUPS: readonly { readonly reads: readonly PartFacet[]; readonly rules: Rules }[] = (() => {
  const groups = new Map<string, { reads: readonly PartFacet[]; rules: { bit: number; rule: (typeof RULES)[number] }[] }>();
  RULES.forEach((rule, bit) => {
    if (!rule.ranks || rule.id === 'scheme.count') return;
    const key = rule.reads.join('+');
    const group = groups.get(key) ?? { reads: rule.reads, rules: [] };
    group.rules.push({ bit, rule });
    groups.set(key, group);
  });
  return [...groups.values()];
})();

/** The subject with another variant of the same mould in the candidate's place; what the mould decides is kept. */
export function withItem(subject: Subject, item: Worn, next: Worn): Subject {
  const worn = subject.worn.map((other) => (other === item ? next : other));
  const face = next.part.position === 'head' ? shownFace(worn, subject.catalogue) : subject.face;
  return { ...subject, worn, face };
}

/** What some checks change, of the problems that stand now. */
export function changeOf(rules: Rules, subject: Subject, now: MarksNow): Change {
  const [raises, settles] = [emptySets(1), emptySets(1)];
  let [penalty, blocks] = [0, false];
  const overruled = subject.look.overrules;
  for (const { bit, rule } of rules) {
    const stands = new Set<string>();
    for (const mark of rule.run(subject)) {
      if (overruled.some((overrule) => overrule.key === mark.key)) continue;
      const key = sameProblem(mark);
      stands.add(key);
      if (now.has(key)) continue;
      addCheck(raises, bit);
      penalty += penaltyOf(mark);
      if (mark.severity === 'blocks') blocks = true;
    }
    for (const [key, mark] of now)
      if (mark.check === rule.id && !stands.has(key)) {
        addCheck(settles, bit);
        penalty -= penaltyOf(mark);
      }
  }
  return { raises, settles, penalty, blocks };
}

/** The problems a look would have for every variant of one mould at one position. */
export class MarkReader implements Change {
  /** What the variant read last changes; kept here and not in an object for each, because there are tens of thousands. */
  readonly raises = emptySets(1);
  readonly settles = emptySets(1);
  penalty = 0;
  blocks = false;
  private readonly known = GROUPS.map(() => new Map<number, Change>());
  private readonly skips: readonly boolean[];

  constructor(
    private readonly subject: Subject,
    private readonly item: Worn,
    private readonly now: MarksNow,
    private readonly facets: VariantFacets,
    private readonly wornAs: (row: number) => Worn,
  ) {
    const { bannedFigures, bannedSources } = subject.brief;
    this.skips = GROUPS.map(({ reads }) => reads.includes('whole') && bannedFigures.length + bannedSources.length === 0);
  }

  /** Reads the variant of a row; what it changes stands in the fields afterwards. */
  read(row: number, isMade: boolean): void {
    this.raises.fill(0);
    this.settles.fill(0);
    this.penalty = 0;
    this.blocks = false;
    for (let i = 0; i < GROUPS.length; i += 1) {
      const group = GROUPS[i];
      const known = this.known[i];
      if (!group || !known || this.skips[i]) continue;
      const key = this.keyOf(group.reads, row, isMade);
      let change = known.get(key);
      if (!change) known.set(key, (change = changeOf(group.rules, withItem(this.subject, this.item, this.wornAs(row)), this.now)));
      addChecks(this.raises, 0, change.raises);
      addChecks(this.settles, 0, change.settles);
      this.penalty += change.penalty;
      if (change.blocks) this.blocks = true;
    }
  }

  /** One small number for what a group of checks looks at. */
  private keyOf(reads: readonly PartFacet[], row: number, isMade: boolean): number {
    const { facets } = this;
    const { position } = this.item.part;
    const colours = facets.colourCount + 1;
    const print = facets.print[row] ?? -1;
    const base = (facets.base[row] ?? -1) + 1;
    let key = 0;
    for (const facet of reads)
      switch (facet) {
        case 'whole':
          return row;
        case 'made':
          key = key * 2 + (isMade ? 1 : 0);
          break;
        case 'print':
          key = key * (facets.printCount + 1) + print + 1;
          break;
        case 'printed skin':
          key = key * (facets.printCount + 1) + (facets.skinPrints.has(print) ? print + 1 : 0);
          break;
        case 'face':
          key = key * colours + (position === 'head' ? base : 0);
          break;
        case 'cloth':
          key = key * colours + (position === 'torso' ? base : 0);
          break;
        case 'bare sides':
          key = key * colours + (SEEN_FROM_THE_SIDE.has(position) && facets.frontOnly.has(print) ? base : 0);
          break;
        case 'hair':
        case 'skin':
          key = key * colours + (facets[facet][row] ?? -1) + 1;
      }
    return key;
  }
}
