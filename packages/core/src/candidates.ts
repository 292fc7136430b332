import type { Brief } from './brief.js';
import type { Catalogue, Variant } from './catalogue.js';
import { checkLook, NO_SUPPLY, subject, type Mark, type Supply } from './checks/index.js';
import { likeness } from './likeness.js';
import { applyEdit, fillingAt, type Look, type LookPart } from './look.js';
import { shelfOf, type Position } from './positions.js';
import type { System } from './system.js';

/** Points a raised problem takes off a candidate's rank, by severity; blocking ones are not ranked at all. */
const PENALTY = { blocks: 100, shows: 5, note: 1 } as const;

/** One variant for a position, and what the look becomes with it on. */
export interface Candidate {
  readonly variant: Variant;
  readonly position: Position;
  readonly worn: boolean;
  readonly likenessGain: number;
  readonly raises: readonly Mark[];
  readonly settles: readonly Mark[];
  /** Gain less penalties: what the order goes by. */
  readonly rank: number;
  readonly owned: number;
  readonly landedMinor: number | null;
}

/** Where a variant would go when a person has chosen `position`: a skirt offered under *Legs* goes on as a lower body. */
function anchorFor(variant: Variant, position: Position, catalogue: Catalogue): Position | null {
  const mould = catalogue.mouldOf(variant);
  if (fillingAt(mould, position)) return position;
  const elsewhere = mould.fills.map((alternative) => alternative[0]).find((anchor) => anchor && shelfOf(anchor) === shelfOf(position));
  return elsewhere !== undefined && shelfOf(position) === 'hips' ? elsewhere : null;
}

/**
 * Ranks every variant that fits a position: likeness gained with everything else fixed, less the problems it raises,
 * then owned first, then landed price (calculations, *Candidates for a position*). Blocked candidates come last.
 */
export function candidates(
  look: Look,
  brief: Brief,
  position: Position,
  catalogue: Catalogue,
  system: System,
  supply: Supply,
): readonly Candidate[] {
  const wornNow: LookPart | undefined = look.parts.find((part) => shelfOf(part.position) === shelfOf(position));
  const now = subject(look, brief, catalogue, system, supply);
  const likenessNow = likeness(now).score;
  const marksNow = checkLook(now).open;
  const ranked: Candidate[] = [];
  for (const variant of catalogue.data.variants) {
    const anchor = anchorFor(variant, position, catalogue);
    if (!anchor) continue;
    const worn = wornNow?.variant === variant.id && wornNow.position === anchor;
    const next = worn ? look : applyEdit(look, { action: 'put on', position: anchor, variant: variant.id }, catalogue);
    const then = subject(next, brief, catalogue, system, supply);
    const marks = worn ? marksNow : checkLook({ ...then, supply: NO_SUPPLY }).open;
    const raises = marks.filter((mark) => !marksNow.some((known) => alike(known, mark)));
    const settles = marksNow.filter((known) => !marks.some((mark) => alike(known, mark)));
    const likenessGain = likeness(then).score - likenessNow;
    const rank = likenessGain - penalty(raises) + penalty(settles);
    ranked.push({
      variant,
      position: anchor,
      worn,
      likenessGain,
      raises,
      settles,
      rank,
      owned: supply.owned(variant.id),
      landedMinor: supply.landedMinor(variant.id),
    });
  }
  return ranked.sort(byRank);
}

/** The same kind of problem in the same place, though the part that causes it may be another. */
const alike = (a: Mark, b: Mark): boolean => a.check === b.check && a.position === b.position;

const penalty = (marks: readonly Mark[]): number => marks.reduce((all, mark) => all + PENALTY[mark.severity], 0);

const isBlocked = (candidate: Candidate): boolean => candidate.raises.some((mark) => mark.severity === 'blocks');

function byRank(a: Candidate, b: Candidate): number {
  return (
    Number(isBlocked(a)) - Number(isBlocked(b)) ||
    Math.round((b.rank - a.rank) * 10) ||
    Number(b.owned > 0) - Number(a.owned > 0) ||
    (a.landedMinor ?? Number.MAX_SAFE_INTEGER) - (b.landedMinor ?? Number.MAX_SAFE_INTEGER) ||
    a.variant.id.localeCompare(b.variant.id)
  );
}
