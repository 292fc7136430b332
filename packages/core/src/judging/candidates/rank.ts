import { type Position, POSITIONS, shelfOf, STACKS, type System } from '../../anatomy/index.js';
import type { Brief } from '../../brief/index.js';
import type { Catalogue, Mould, Variant } from '../../catalogue/index.js';
import { applyEdit, fillingAt, type Look, type LookPart, placeOf, wholeness, type Worn } from '../../figure/index.js';
import { donorFor, type Supply } from '../../wardrobe/index.js';
import { checkLook, RULES } from '../checks/index.js';
import { countedFrom } from '../likeness/index.js';
import { type Company, subject, type Subject } from '../subject.js';
import type { Candidate, CandidateRanking, Spot } from './candidate.js';
import { addCheck, addChecks, CHECK_WORDS, type CheckSets, checksAt, emptySets } from './checkSets.js';
import { facetsOf, type VariantFacets } from './facets.js';
import { changeOf, EMPTIED, MarkReader, type MarksNow, sameProblem, withItem } from './markReader.js';
import { nearnessAt } from './nearness.js';
import { WishReader } from './wishReader.js';

/** How many of the best are judged by their colour scheme too; beyond them it would cost more than it tells. */
const SCHEME_AMONG_BEST = 120;

/** The check of what is lacking, as a set: raised by who empties a place, settled by who fills the last. */
const LACKING = emptySets(1);
addCheck(
  LACKING,
  RULES.findIndex((rule) => rule.id === 'whole'),
);

const SCHEME = RULES.flatMap((rule, bit) => (rule.id === 'scheme.count' ? [{ bit, rule }] : []));

/** Where a mould would go when a person has chosen `position`: a skirt offered under *Legs* goes on as a lower body. */
function anchorFor(mould: Mould, position: Position): Position | null {
  if (fillingAt(mould, position)) return position;
  if (shelfOf(position) !== 'hips') return null;
  return mould.fills.map((alternative) => alternative[0]).find((anchor) => anchor !== undefined && shelfOf(anchor) === 'hips') ?? null;
}

/** One mould at the spot: the look with it on, and where its variants begin among all candidates. */
interface MouldAt {
  readonly mould: Mould;
  readonly anchor: Position;
  readonly rows: readonly number[];
  readonly around: Subject;
  readonly item: Worn;
}

/** Columns of what is known of each candidate while it is ranked. */
interface Drafts {
  readonly rows: Uint32Array;
  readonly moulds: Uint16Array;
  readonly gains: Float64Array;
  readonly ranks: Float64Array;
  readonly raises: CheckSets;
  readonly settles: CheckSets;
  readonly blocked: Uint8Array;
}

/**
 * Ranks every variant that fits a position: likeness gained with everything else fixed, less the problems it raises,
 * then the nearest to what is worn, then owned first, then landed price. Blocked candidates come last. The
 * order of the best minds the colour scheme; the outcome is otherwise that of judging each look in full.
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
  const likenessNow = countedFrom(now);
  const marksNow: MarksNow = new Map(checkLook(now).open.map((mark) => [sameProblem(mark), mark]));
  const lackingNow = wholeness(now.worn, system).lacking.length;
  const wornNow = wornAt(look, spot);
  const moulds = mouldsAt(spot, now, facets);
  const drafts = emptyDrafts(moulds.reduce((all, { rows }) => all + rows.length, 0));
  let wornRow = -1;
  let i = 0;
  for (const [at, { mould, anchor, rows, around, item }] of moulds.entries()) {
    const wornAtRow = (row: number): Worn => wornAs(item, catalogue.data.variants[row] ?? item.variant, mould, catalogue);
    const wishes = new WishReader(around, item, facets, wornAtRow);
    const marks = new MarkReader(around, item, marksNow, facets, wornAtRow);
    const lackingThen = wholeness(around.worn, system).lacking.length;
    const emptied = EMPTIED * (lackingThen - lackingNow);
    const wornVariant = wornNow?.position === anchor ? catalogue.resolve(wornNow.variant) : null;
    for (const row of rows) {
      const variant = catalogue.data.variants[row];
      if (!variant) continue;
      drafts.rows[i] = row;
      drafts.moulds[i] = at;
      if (variant.id === wornVariant) wornRow = row;
      else {
        marks.read(row, variant.made !== undefined);
        const gain = wishes.score(row) - likenessNow;
        drafts.gains[i] = gain;
        drafts.ranks[i] = gain - marks.penalty - emptied;
        addChecks(drafts.raises, i, marks.raises);
        addChecks(drafts.settles, i, marks.settles);
        if (lackingThen > lackingNow) addChecks(drafts.raises, i, LACKING);
        if (lackingThen === 0 && lackingNow > 0) addChecks(drafts.settles, i, LACKING);
        drafts.blocked[i] = marks.blocks ? 1 : 0;
      }
      i += 1;
    }
  }
  const near = nearnessAt(look, spot.position, wornNow?.variant, catalogue, facets);
  const ties: Ties = {
    nearness: Float64Array.from(drafts.rows, near),
    reach: reachOf(drafts, catalogue, supply),
    idOrder: facets.idOrder,
  };
  const order = Uint32Array.from(drafts.rows.keys()).sort(compare(drafts, ties));
  const best = order.slice(0, SCHEME_AMONG_BEST);
  for (const draft of best) if (drafts.rows[draft] !== wornRow) mindScheme(drafts, draft, moulds, marksNow, catalogue);
  order.set(best.sort(compare(drafts, ties)));
  const inPlace = <T extends Uint32Array | Uint8Array | Float64Array>(column: T): T => {
    const placed = column.slice() as T;
    for (let place = 0; place < order.length; place += 1) placed[place] = column[order[place] ?? 0] ?? 0;
    return placed;
  };
  const setsInPlace = (sets: CheckSets): CheckSets => {
    const placed = emptySets(order.length);
    for (let place = 0; place < order.length; place += 1)
      for (let word = 0; word < CHECK_WORDS; word += 1)
        placed[place * CHECK_WORDS + word] = sets[(order[place] ?? 0) * CHECK_WORDS + word] ?? 0;
    return placed;
  };
  return {
    rows: inPlace(drafts.rows),
    anchors: Uint8Array.from(order, (draft) => POSITIONS.indexOf(moulds[drafts.moulds[draft] ?? 0]?.anchor ?? spot.position)),
    gains: inPlace(drafts.gains),
    ranks: inPlace(drafts.ranks),
    raises: setsInPlace(drafts.raises),
    settles: setsInPlace(drafts.settles),
    blocked: inPlace(drafts.blocked),
    worn: wornRow,
  };
}

/** Works out what ranking looks at of a catalogue's variants, ahead of the first ranking; each catalogue once. */
export const prepareRanking = (catalogue: Catalogue): void => void facetsOf(catalogue);

const emptyDrafts = (length: number): Drafts => ({
  rows: new Uint32Array(length),
  moulds: new Uint16Array(length),
  gains: new Float64Array(length),
  ranks: new Float64Array(length),
  raises: emptySets(length),
  settles: emptySets(length),
  blocked: new Uint8Array(length),
});

const wornAs = (item: Worn, variant: Variant, mould: Mould, catalogue: Catalogue): Worn => ({
  part: { ...item.part, variant: variant.id },
  variant,
  mould,
  print: catalogue.printOf(variant),
  fills: item.fills,
});

/** Every mould that fits the spot, each with the look it would make. */
function mouldsAt(spot: Spot, now: Subject, facets: VariantFacets): readonly MouldAt[] {
  const { catalogue, look } = now;
  return catalogue.data.moulds.flatMap((mould): readonly MouldAt[] => {
    const anchor = anchorFor(mould, spot.position);
    const rows = anchor === null ? undefined : facets.rowsOfMould.get(mould.number);
    const [sample] = rows ?? [];
    if (anchor === null || rows === undefined || sample === undefined) return [];
    const variant = catalogue.data.variants[sample]?.id ?? '';
    const next = applyEdit(look, { action: 'put on', variant, ...spot, position: anchor }, catalogue);
    const around = subject(next, now.brief, catalogue, now.system, now.supply, now.company);
    const at = placeOf(spotIn(next, spot, anchor));
    const item = around.worn.find((other) => other.part.position === anchor && placeOf(other.part) === at);
    return item ? [{ mould, anchor, rows, around, item }] : [];
  });
}

/** One row of a ranking in full; null past its end. Made when a row is shown, as a ranking may have sixteen thousand. */
export function candidateAt(ranking: CandidateRanking, i: number, catalogue: Catalogue, supply: Supply): Candidate | null {
  const variant = catalogue.data.variants[ranking.rows[i] ?? -1];
  const position = POSITIONS[ranking.anchors[i] ?? 0];
  if (!variant || !position) return null;
  return {
    variant,
    position,
    worn: ranking.rows[i] === ranking.worn,
    likenessGain: ranking.gains[i] ?? 0,
    raises: checksAt(ranking.raises, i),
    settles: checksAt(ranking.settles, i),
    rank: ranking.ranks[i] ?? 0,
    blocked: ranking.blocked[i] === 1,
    owned: supply.owned(variant.id),
    isOnDonor: supply.owned(variant.id) === 0 && donorFor(supply, variant.id) !== null,
    landedMinor: supply.landedMinor(variant.id),
  };
}

/** What is worn at a spot; a one-piece lower body stands in for legs. */
const wornAt = (look: Look, { position, place = 0 }: Spot): LookPart | undefined =>
  look.parts.find((part) => part.position === position && placeOf(part) === place) ??
  (position === 'hips' ? look.parts.find((part) => part.position === 'lower') : undefined);

/** The spot a candidate really takes: the next free place when a stack is asked for a place beyond its end. */
function spotIn(look: Look, spot: Spot, position: Position): Spot {
  if (!STACKS.includes(position)) return { position };
  const stacked = look.parts.filter((part) => part.position === position).length;
  return { position, place: Math.min(spot.place ?? 0, Math.max(0, stacked - 1)) };
}

function mindScheme(drafts: Drafts, draft: number, moulds: readonly MouldAt[], now: MarksNow, catalogue: Catalogue): void {
  const at = moulds[drafts.moulds[draft] ?? 0];
  const variant = catalogue.data.variants[drafts.rows[draft] ?? -1];
  if (!at || !variant) return;
  const worn = wornAs(at.item, variant, at.mould, catalogue);
  const { raises, settles, penalty } = changeOf(SCHEME, withItem(at.around, at.item, worn), now);
  addChecks(drafts.raises, draft, raises);
  addChecks(drafts.settles, draft, settles);
  drafts.ranks[draft] = (drafts.ranks[draft] ?? 0) - penalty;
}

/** How near each candidate is to hand: owned before everything, then by price, what nobody sells last. */
function reachOf({ rows }: Drafts, catalogue: Catalogue, supply: Supply): Float64Array {
  const reach = new Float64Array(rows.length);
  for (let i = 0; i < rows.length; i += 1) {
    const id = catalogue.data.variants[rows[i] ?? -1]?.id ?? '';
    reach[i] = supply.owned(id) > 0 ? -1 : donorFor(supply, id) ? 0 : (supply.landedMinor(id) ?? Number.MAX_SAFE_INTEGER);
  }
  return reach;
}

/** What decides between candidates of the same rank: how near they are to what is worn, then to hand. */
interface Ties {
  readonly nearness: Float64Array;
  readonly reach: Float64Array;
  readonly idOrder: Int32Array;
}

/**
 * Blocked last; then by rank to a tenth of a point, the nearest to what is worn, owned before others, the cheaper before the dearer, and
 * the number at last.
 */
function compare({ rows, ranks, blocked }: Drafts, { nearness, reach, idOrder }: Ties): (a: number, b: number) => number {
  const first = new Float64Array(rows.length);
  for (let i = 0; i < rows.length; i += 1) first[i] = (blocked[i] === 1 ? BLOCKED_BY : 0) - Math.round((ranks[i] ?? 0) * 10);
  return (a, b) =>
    (first[a] ?? 0) - (first[b] ?? 0) ||
    (nearness[b] ?? 0) - (nearness[a] ?? 0) ||
    (reach[a] ?? 0) - (reach[b] ?? 0) ||
    (idOrder[rows[a] ?? 0] ?? 0) - (idOrder[rows[b] ?? 0] ?? 0);
}

/** More than any rank in tenths of a point. */
const BLOCKED_BY = 1e9;
