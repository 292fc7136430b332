import type { Mark, PartFacet, Severity, Subject } from '../checks/check.js';
import { RULES } from '../checks/index.js';
import { shownFace } from '../face.js';
import type { Worn } from '../look.js';
import type { VariantFacets } from './facets.js';

/** Points a raised problem takes off a candidate's rank, by severity; blocking ones are not ranked at all. */
export const PENALTY: Readonly<Record<Severity, number>> = { blocks: 100, shows: 5, note: 1 };

/** What a candidate does to the problems of a look. The bits are places in `CHECK_IDS`. */
export interface Change {
  readonly raises: number;
  readonly settles: number;
  /** Penalties of what it raises, less those of what it settles. */
  readonly penalty: number;
  readonly blocks: boolean;
}

/** Problems as they stand without the candidate, by check and position. */
export type MarksNow = ReadonlyMap<string, Mark>;

/** The same kind of problem in the same place, though the part that causes it may be another. */
export const sameProblem = (mark: Pick<Mark, 'check' | 'position'>): string => `${mark.check}@${mark.position}`;

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
  let [raises, settles, penalty, blocks] = [0, 0, 0, false];
  const overruled = subject.look.overrules;
  for (const { bit, rule } of rules) {
    const stands = new Set<string>();
    for (const mark of rule.run(subject)) {
      if (overruled.some((overrule) => overrule.key === mark.key)) continue;
      const key = sameProblem(mark);
      stands.add(key);
      if (now.has(key)) continue;
      raises |= 1 << bit;
      penalty += PENALTY[mark.severity];
      if (mark.severity === 'blocks') blocks = true;
    }
    for (const [key, mark] of now)
      if (mark.check === rule.id && !stands.has(key)) {
        settles |= 1 << bit;
        penalty -= PENALTY[mark.severity];
      }
  }
  return { raises, settles, penalty, blocks };
}

/** The problems a look would have for every variant of one mould at one position. */
export class MarkReader {
  private readonly known = GROUPS.map(() => new Map<number, Change>());
  private readonly skips: readonly boolean[];

  constructor(
    private readonly subject: Subject,
    private readonly item: Worn,
    private readonly now: MarksNow,
    private readonly facets: VariantFacets,
  ) {
    const { bannedFigures, bannedSources } = subject.brief;
    this.skips = GROUPS.map(({ reads }) => reads.includes('whole') && bannedFigures.length + bannedSources.length === 0);
  }

  change(row: number, worn: Worn): Change {
    let [raises, settles, penalty, blocks] = [0, 0, 0, false];
    for (const [i, { reads, rules }] of GROUPS.entries()) {
      if (this.skips[i]) continue;
      const key = this.keyOf(reads, row, worn);
      const known = this.known[i]?.get(key);
      const change = known ?? changeOf(rules, withItem(this.subject, this.item, worn), this.now);
      if (!known) this.known[i]?.set(key, change);
      raises |= change.raises;
      settles |= change.settles;
      penalty += change.penalty;
      blocks ||= change.blocks;
    }
    return { raises, settles, penalty, blocks };
  }

  private keyOf(reads: readonly PartFacet[], row: number, { variant }: Worn): number {
    const { facets } = this;
    const base = facets.colourCount + 1;
    let key = 0;
    for (const facet of reads) {
      if (facet === 'whole') return row;
      if (facet === 'imagined') return variant.made === undefined ? row + 1 : 0;
      if (facet === 'made') key = key * 2 + (variant.made === undefined ? 0 : 1);
      else if (facet === 'print') key = key * 65_536 + (facets.print[row] ?? -1) + 1;
      else key = key * base + (facets[facet][row] ?? -1) + 1;
    }
    return key;
  }
}
