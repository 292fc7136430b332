import { countOf } from '../kernel/index.js';
import type { Look } from '../figure/index.js';
import type { Company, FaceElsewhere } from './subject.js';

/** A figure as far as its company goes: where it stands, what it is called, and the look its line-up shows. */
export interface Member {
  readonly id: string;
  readonly lineUp: string;
  readonly name: string;
  readonly copies: number;
  readonly look: Look;
}

/** Who wants pieces of a variant beside the members, and how many each. */
export type Outside = (variant: string) => readonly { readonly name: string; readonly count: number }[];

/** A figure planned once is somebody; one of an army may share its face. */
const isSomebody = (member: Member): boolean => member.copies === 1;

/**
 * The company of figures, worked out together: faces shown in their line-up, and pieces that the shown looks of others want. One
 * pass over the members, however many ask.
 */
export class Companies {
  private readonly members: ReadonlyMap<string, Member>;
  private readonly faces = new Map<string, (FaceElsewhere & { readonly of: string })[]>();
  private readonly wanted = new Map<string, { readonly of: string; readonly name: string; readonly count: number }[]>();

  /**
   * @param members figures whose looks are at hand, such as those of the open line-up
   * @param outside what figures that are not at hand want; each name stands once for every figure
   */
  constructor(
    members: readonly Member[],
    private readonly outside: Outside = () => [],
  ) {
    this.members = new Map(members.map((member) => [member.id, member]));
    for (const member of members) {
      const head = member.look.parts.find((part) => part.position === 'head');
      if (head && isSomebody(member)) {
        const faces = this.faces.get(member.lineUp) ?? [];
        this.faces.set(member.lineUp, faces);
        faces.push({ of: member.id, figure: member.name, head: head.variant, turned: head.turned });
      }
      for (const [variant, count] of countOf(member.look.parts.map((part) => part.variant))) {
        const wanted = this.wanted.get(variant) ?? [];
        this.wanted.set(variant, wanted);
        wanted.push({ of: member.id, name: member.name, count: count * member.copies });
      }
    }
  }

  /** The company of a figure; of one that is in no line-up, everybody's. */
  of(id: string | null): Company {
    const member = id === null ? undefined : this.members.get(id);
    const near = member && isSomebody(member) ? (this.faces.get(member.lineUp) ?? []) : [];
    return {
      faces: near.flatMap(({ of, ...face }) => (of === id ? [] : [face])),
      wantedBy: (variant) => {
        const within = (this.wanted.get(variant) ?? []).filter(({ of }) => of !== id);
        return [...within, ...this.outside(variant)].flatMap(({ name, count }) => Array.from({ length: count }, () => name));
      },
      stage: 'fitting',
    };
  }

  /**
   * Changes exactly when something changes in the company of a figure that can matter to looks of these variants: whoever keeps
   * a judgement may keep it as long as this stays the same.
   */
  keyOf(id: string, variants: Iterable<string>): string {
    const { faces, wantedBy } = this.of(id);
    return JSON.stringify([faces, [...new Set(variants)].sort().map((variant) => [variant, wantedBy(variant)])]);
  }
}
