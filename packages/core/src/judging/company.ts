import type { Look } from '../figure/index.js';
import type { Company, FaceElsewhere } from './subject.js';

/** A figure as far as its company goes: where it stands, what it is called, and the look its line-up shows. */
export interface Member {
  readonly id: string;
  readonly lineUp: string;
  readonly name: string;
  readonly copies: number;
  readonly look: Look;
  /** Figures that share its face on purpose: its twin, rank and file of its faction. */
  readonly sharesFaceWith?: ReadonlySet<string>;
}

/** What somebody else wants of a part; and whether it stands before the figure that asks, and is given pieces. */
export interface WantElsewhere {
  readonly name: string;
  readonly count: number;
  readonly isServedBefore: boolean;
}

/** What others than a figure want of a part, as the promises tell it; of null, what everybody wants. */
export type WantsElsewhere = (variant: string, figure: string | null) => readonly WantElsewhere[];

/** A figure planned once is somebody; one of an army may share its face. */
const isSomebody = (member: Member): boolean => member.copies === 1;

/** The company of figures, worked out together: faces shown in their line-up, and pieces that others want. */
export class Companies {
  private readonly members: ReadonlyMap<string, Member>;
  private readonly faces = new Map<string, (FaceElsewhere & { readonly of: string })[]>();

  /** @param members figures whose looks are at hand, such as those of the open line-up */
  constructor(
    members: readonly Member[],
    private readonly wants: WantsElsewhere = () => [],
  ) {
    this.members = new Map(members.map((member) => [member.id, member]));
    for (const member of members) {
      const head = member.look.parts.find((part) => part.position === 'head');
      if (!head || !isSomebody(member)) continue;
      const faces = this.faces.get(member.lineUp) ?? [];
      this.faces.set(member.lineUp, faces);
      faces.push({ of: member.id, figure: member.name, head: head.variant, turned: head.turned });
    }
  }

  /** The company of a figure; of one that is in no line-up, everybody's. */
  of(id: string | null): Company {
    const member = id === null ? undefined : this.members.get(id);
    const near = member && isSomebody(member) ? (this.faces.get(member.lineUp) ?? []) : [];
    return {
      faces: near.flatMap(({ of, ...face }) => (of === id || member?.sharesFaceWith?.has(of) ? [] : [face])),
      wantedBy: (variant) => this.wants(variant, id).flatMap(({ name, count }) => Array.from({ length: count }, () => name)),
      servedBefore: (variant) => this.wants(variant, id).flatMap(({ name, isServedBefore }) => (isServedBefore ? [name] : [])),
      stage: 'fitting',
    };
  }

  /**
   * Changes exactly when something changes in the company of a figure that can matter to looks of these variants: whoever keeps
   * a judgement may keep it as long as this stays the same.
   */
  keyOf(id: string, variants: Iterable<string>): string {
    return JSON.stringify([this.of(id).faces, [...new Set(variants)].sort().map((variant) => [variant, this.wants(variant, id)])]);
  }
}
