import type { Brief } from '../brief.js';
import type { Catalogue, Mould, Variant } from '../catalogue.js';
import { checkLook, CHECK_IDS, RULES, subject, type CheckId, type Company, type Mark, type Subject, type Supply } from '../checks/index.js';
import { likeness } from '../likeness/index.js';
import { fillingAt, placeOf, type Look, type LookPart, type Worn } from '../look.js';
import { applyEdit } from '../lookEdits.js';
import { POSITIONS, shelfOf, STACKS, type Position } from '../positions.js';
import type { System } from '../system.js';
import { facetsOf } from './facets.js';
import { changeOf, MarkReader, sameProblem, withItem, type MarksNow } from './markReader.js';
import { WishReader } from './wishReader.js';

/** Where a candidate is wanted: a position, and the place in its stack. */
export interface Spot {
  readonly position: Position;
  readonly place?: number | undefined;
}

/** The ranked variants of a position, the best first, as columns: they cross from a worker without being copied. */
export interface CandidateRanking {
  /** Rows of `catalogue.data.variants`. */
  readonly rows: Uint32Array;
  /** Where each would be anchored, as a place in `POSITIONS`. */
  readonly anchors: Uint8Array;
  readonly gains: Float64Array;
  /** Gain less penalties: what the order goes by. */
  readonly ranks: Float64Array;
  /** Problems raised and settled, a bit for each of `CHECK_IDS`. */
  readonly raises: Uint32Array;
  readonly settles: Uint32Array;
  readonly blocked: Uint8Array;
  /** The row that is worn already, or −1. */
  readonly worn: number;
}

/** One variant for a position, and what the look becomes with it on. */
export interface Candidate {
  readonly variant: Variant;
  readonly position: Position;
  readonly worn: boolean;
  readonly likenessGain: number;
  readonly raises: readonly CheckId[];
  readonly settles: readonly CheckId[];
  readonly rank: number;
  readonly blocked: boolean;
  readonly owned: number;
  readonly landedMinor: number | null;
}

/** How many of the best are judged by their colour scheme too; beyond them it would cost more than it tells. */
export const SCHEME_AMONG_BEST = 400;

const SCHEME = RULES.flatMap((rule, bit) => (rule.id === 'scheme.count' ? [{ bit, rule }] : []));

/** Where a mould would go when a person has chosen `position`: a skirt offered under *Legs* goes on as a lower body. */
function anchorFor(mould: Mould, position: Position): Position | null {
  if (fillingAt(mould, position)) return position;
  if (shelfOf(position) !== 'hips') return null;
  return mould.fills.map((alternative) => alternative[0]).find((anchor) => anchor !== undefined && shelfOf(anchor) === 'hips') ?? null;
}

interface Draft {
  readonly row: number;
  readonly anchor: Position;
  readonly gain: number;
  readonly worn: Worn;
  readonly around: Subject;
  readonly item: Worn;
  rank: number;
  raises: number;
  settles: number;
  blocked: boolean;
}

/**
 * Ranks every variant that fits a position: likeness gained with everything else fixed, less the problems it raises,
 * then owned first, then landed price (calculations, *Candidates for a position*). Blocked candidates come last. The
 * order of the first 400 minds the colour scheme; the outcome is otherwise that of judging each look in full.
 */
export function rankCandidates(
  look: Look,
  brief: Brief,
  spot: Spot,
  catalogue: Catalogue,
  system: System,
  supply: Supply,
  company?: Company,
): CandidateRanking {
  const facets = facetsOf(catalogue);
  const now = subject(look, brief, catalogue, system, supply, company);
  const likenessNow = likeness(now).score;
  const marksNow: MarksNow = new Map(checkLook(now).open.map((mark) => [sameProblem(mark), mark]));
  const wornNow = wornAt(look, spot);
  const drafts: Draft[] = [];
  let wornRow = -1;
  for (const mould of catalogue.data.moulds) {
    const anchor = anchorFor(mould, spot.position);
    const rows = anchor === null ? undefined : facets.rowsOfMould.get(mould.number);
    const [sample] = rows ?? [];
    if (anchor === null || rows === undefined || sample === undefined) continue;
    const around = dressed(look, { ...spot, position: anchor }, catalogue.data.variants[sample]?.id ?? '', now);
    const item = around.worn.find(
      (other) => other.part.position === anchor && placeOf(other.part) === placeOf(spotIn(around.look, spot, anchor)),
    );
    if (!item) continue;
    const wishes = new WishReader(around, item, facets);
    const marks = new MarkReader(around, item, marksNow, facets);
    for (const row of rows) {
      const variant = catalogue.data.variants[row];
      if (!variant) continue;
      if (wornNow && wornNow.position === anchor && catalogue.resolve(wornNow.variant) === variant.id) {
        wornRow = row;
        drafts.push({ row, anchor, gain: 0, worn: item, around, item, rank: 0, raises: 0, settles: 0, blocked: false });
        continue;
      }
      const worn: Worn = {
        part: { ...item.part, variant: variant.id },
        variant,
        mould,
        print: catalogue.printOf(variant),
        fills: item.fills,
      };
      const gain = wishes.score(row, worn) - likenessNow;
      const { raises, settles, penalty, blocks } = marks.change(row, worn);
      drafts.push({ row, anchor, gain, worn, around, item, rank: gain - penalty, raises, settles, blocked: blocks });
    }
  }
  const order = inOrder(catalogue, supply);
  drafts.sort(order);
  const best = drafts.slice(0, SCHEME_AMONG_BEST);
  for (const draft of best) if (draft.row !== wornRow) mindScheme(draft, marksNow);
  best.sort(order);
  best.forEach((draft, i) => (drafts[i] = draft));
  return {
    rows: Uint32Array.from(drafts, (draft) => draft.row),
    anchors: Uint8Array.from(drafts, (draft) => POSITIONS.indexOf(draft.anchor)),
    gains: Float64Array.from(drafts, (draft) => draft.gain),
    ranks: Float64Array.from(drafts, (draft) => draft.rank),
    raises: Uint32Array.from(drafts, (draft) => draft.raises),
    settles: Uint32Array.from(drafts, (draft) => draft.settles),
    blocked: Uint8Array.from(drafts, (draft) => (draft.blocked ? 1 : 0)),
    worn: wornRow,
  };
}

/** One row of a ranking in full. */
export function candidateAt(ranking: CandidateRanking, i: number, catalogue: Catalogue, supply: Supply): Candidate | null {
  const variant = catalogue.data.variants[ranking.rows[i] ?? -1];
  const position = POSITIONS[ranking.anchors[i] ?? 0];
  if (!variant || !position) return null;
  return {
    variant,
    position,
    worn: ranking.rows[i] === ranking.worn,
    likenessGain: ranking.gains[i] ?? 0,
    raises: checksOf(ranking.raises[i] ?? 0),
    settles: checksOf(ranking.settles[i] ?? 0),
    rank: ranking.ranks[i] ?? 0,
    blocked: ranking.blocked[i] === 1,
    owned: supply.owned(variant.id),
    landedMinor: supply.landedMinor(variant.id),
  };
}

const checksOf = (bits: number): readonly CheckId[] => CHECK_IDS.filter((_, bit) => (bits & (1 << bit)) !== 0);

/** What is worn at a spot: below the waist whatever stands in for legs. */
function wornAt(look: Look, { position, place }: Spot): LookPart | undefined {
  return look.parts.find((part) =>
    STACKS.includes(position) ? part.position === position && placeOf(part) === (place ?? 0) : shelfOf(part.position) === shelfOf(position),
  );
}

/** The spot a candidate really takes: the next free place when a stack is asked for a place beyond its end. */
function spotIn(look: Look, spot: Spot, position: Position): Spot {
  if (!STACKS.includes(position)) return { position };
  const stacked = look.parts.filter((part) => part.position === position).length;
  return { position, place: Math.min(spot.place ?? 0, Math.max(0, stacked - 1)) };
}

function dressed(look: Look, spot: Spot, variant: string, now: Subject): Subject {
  const next = applyEdit(look, { action: 'put on', variant, ...spot }, now.catalogue);
  return subject(next, now.brief, now.catalogue, now.system, now.supply, now.company);
}

function mindScheme(draft: Draft, now: MarksNow): void {
  const { raises, settles, penalty } = changeOf(SCHEME, withItem(draft.around, draft.item, draft.worn), now);
  draft.raises |= raises;
  draft.settles |= settles;
  draft.rank -= penalty;
}

/** Blocked last; then by rank to a tenth of a point, owned before others, the cheaper before the dearer. */
function inOrder(catalogue: Catalogue, supply: Supply): (a: Draft, b: Draft) => number {
  const { variants } = catalogue.data;
  const idOf = (draft: Draft): string => variants[draft.row]?.id ?? '';
  const landed = (draft: Draft): number => supply.landedMinor(idOf(draft)) ?? Number.MAX_SAFE_INTEGER;
  return (a, b) =>
    Number(a.blocked) - Number(b.blocked) ||
    Math.round(b.rank * 10) - Math.round(a.rank * 10) ||
    Number(supply.owned(idOf(b)) > 0) - Number(supply.owned(idOf(a)) > 0) ||
    landed(a) - landed(b) ||
    (idOf(a) < idOf(b) ? -1 : 1);
}

export { whyRank, type RankTerm } from './whyRank.js';
export type { Mark };
