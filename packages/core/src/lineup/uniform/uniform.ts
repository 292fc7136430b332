import type { Catalogue } from '../../catalogue/index.js';
import { applyEdits, EditRefused, type Look, type LookEdit, type LookPart, spotOf } from '../../figure/index.js';
import { type Enrolled, isIn, type LineUpPlan, type UniformPart } from '../plan/index.js';

/** How a figure stands to a part of its uniform: it wears it, was set free there, or its own look says otherwise. */
export type Wearing = 'worn' | 'set free' | 'otherwise';

const RANK: Readonly<Record<UniformPart['scope']['kind'], number>> = { all: 0, faction: 1, role: 2 };

/** The uniform of a figure, spot by spot: a role's part goes before its faction's, and that before everybody's. */
export function uniformOf({ uniform }: Pick<LineUpPlan, 'uniform'>, member: Enrolled): readonly LookPart[] {
  const bySpot = new Map<string, UniformPart>();
  for (const own of uniform.filter(({ scope }) => isIn(scope, member))) {
    const spot = spotOf(own.part);
    const known = bySpot.get(spot);
    if (!known || RANK[own.scope.kind] >= RANK[known.scope.kind]) bySpot.set(spot, own);
  }
  return [...bySpot.values()].map(({ part }) => part);
}

const isSamePart = (a: LookPart, b: LookPart, catalogue: Catalogue): boolean =>
  catalogue.resolve(a.variant) === catalogue.resolve(b.variant) &&
  a.turned === b.turned &&
  JSON.stringify(a.alterations ?? []) === JSON.stringify(b.alterations ?? []);

const partAt = (look: Look, spot: string): LookPart | undefined => look.parts.find((part) => spotOf(part) === spot);

/** How a look stands to one part of its figure's uniform. */
export function wearingOf(look: Look, part: LookPart, free: readonly string[], catalogue: Catalogue): Wearing {
  if (free.includes(spotOf(part))) return 'set free';
  const worn = partAt(look, spotOf(part));
  return worn && isSamePart(worn, part, catalogue) ? 'worn' : 'otherwise';
}

/** Whom a change of uniform reaches: those who followed it, or everybody who was not set free. */
export type Reaches = 'followers' | 'everybody';

/** What a change of uniform does to one look. `refused`: why a part could not go on, in a sentence. */
export interface UniformChange {
  readonly edits: readonly LookEdit[];
  readonly look: Look;
  readonly refused: string | null;
}

function putOn(part: LookPart): readonly LookEdit[] {
  const at = { position: part.position, ...(part.place === undefined ? {} : { place: part.place }) };
  return [
    { action: 'put on', variant: part.variant, ...at },
    ...(part.turned ? [{ action: 'turn', ...at } as const] : []),
    ...(part.alterations ?? []).map(({ kind, what, note }): LookEdit => ({ action: 'alter', alteration: kind, what, note, ...at })),
  ];
}

/**
 * What a look becomes when its figure's uniform goes from `before` to `after`. Spots it was set free at stay. A follower wears what the
 * uniform was there; where the uniform had nothing there, who wears nothing there follows. Null when nothing changes.
 */
export function afterUniformChange(
  look: Look,
  before: readonly LookPart[],
  after: readonly LookPart[],
  free: readonly string[],
  reaches: Reaches,
  catalogue: Catalogue,
): UniformChange | null {
  const [was, is] = [before, after].map((parts) => new Map(parts.map((part) => [spotOf(part), part])));
  const edits: LookEdit[] = [];
  let refused: string | null = null;
  let now = look;
  const take = (next: readonly LookEdit[]): void => {
    try {
      now = applyEdits(now, next, catalogue);
      edits.push(...next);
    } catch (error) {
      if (!(error instanceof EditRefused)) throw error;
      refused ??= error.message;
    }
  };
  for (const spot of new Set([...(was?.keys() ?? []), ...(is?.keys() ?? [])])) {
    const [old, next, worn] = [was?.get(spot), is?.get(spot), partAt(now, spot)];
    if (free.includes(spot)) continue;
    if (next && worn && isSamePart(worn, next, catalogue)) continue;
    const follows = old ? worn !== undefined && isSamePart(worn, old, catalogue) : worn === undefined;
    if (!follows && !(reaches === 'everybody' && next)) continue;
    if (next) take(putOn(next));
    else if (old && worn) take([{ action: 'take off', position: old.position, ...(old.place === undefined ? {} : { place: old.place }) }]);
  }
  return edits.length === 0 && refused === null ? null : { edits, look: now, refused };
}
