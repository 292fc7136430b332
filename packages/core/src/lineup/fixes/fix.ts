import { entryAt } from '../../kernel/index.js';
import { type Position, shelfOf, type System } from '../../anatomy/index.js';
import type { Brief } from '../../brief/index.js';
import type { Catalogue, Variant } from '../../catalogue/index.js';
import { applyEdits, EditRefused, isIrreversible, type Look, type LookEdit } from '../../figure/index.js';
import {
  candidateAt,
  type Company,
  differences,
  judge,
  type Judgement,
  positionsOf,
  rankCandidates,
  type Remedy,
} from '../../judging/index.js';
import { donorFor, type Supply } from '../../wardrobe/index.js';

/** One change that makes a figure better, or the word that nothing does. Money in minor units, for all copies. */
export interface Fix {
  /** What to do, in words: empty where nothing gains anything. */
  readonly label: string;
  readonly edits: readonly LookEdit[];
  /** Null where nothing is wished for: there is no likeness then. */
  readonly likenessBefore: number | null;
  readonly likenessGain: number;
  /** Marks that show or block and go, less those that come. */
  readonly marksSettled: number;
  /** What still has to be paid changes by so much; null where nobody sells a part. */
  readonly costMinor: number | null;
  readonly pieces: number;
  /** Whatever it puts on is at hand. */
  readonly isOwned: boolean;
  /** Something is altered for good, a dear part is swapped. */
  readonly risks: readonly string[];
}

export interface FixSubject {
  readonly look: Look;
  readonly brief: Brief;
  readonly system: System;
  readonly supply: Supply;
  readonly company?: Company | undefined;
}

/** A mark that goes counts as so many points of likeness. */
const MARK_POINTS = 3;
/** Points that nobody would notice. */
const HARDLY = 0.5;
/** A piece to change is worth so many minor units of effort, and a risk so many: what is free is not for nothing. */
const EFFORT_MINOR = 10;
const RISK_MINOR = 100;
/** So many positions are ranked for a figure, those about which most is still wished for first. */
const MOST_POSITIONS = 3;
/** So many of a ranking are judged in full: the best of all, and the best that is owned. */
const MOST_TRIED = 2;

/**
 * The one change that gains most for its cost and effort: the best candidates of the positions that unmet wishes are about, and the
 * remedies of what shows, each judged in full. A figure that is left as it is, or that nothing would make better, says so.
 */
export function bestFix(figure: FixSubject, catalogue: Catalogue): Fix {
  const { look, brief, system, supply, company } = figure;
  const now = judge(look, brief, catalogue, system, supply, company);
  const nothing: Fix = {
    label: '',
    edits: [],
    likenessBefore: now.likeness.answers.length === 0 ? null : now.likeness.score,
    likenessGain: 0,
    marksSettled: 0,
    costMinor: 0,
    pieces: 0,
    isOwned: true,
    risks: [],
  };
  if (look.verdict?.leave === true || look.parts.length === 0) return nothing;
  const fixes = [...swaps(figure, now, catalogue), ...remedies(now)].flatMap(({ label, edits }) => {
    const fix = judgeFix(label, edits, figure, now, catalogue);
    return fix && gainOf(fix) > HARDLY ? [fix] : [];
  });
  return fixes.sort((a, b) => worth(b) - worth(a) || (a.label < b.label ? -1 : 1))[0] ?? nothing;
}

const gainOf = ({ likenessGain, marksSettled }: Fix): number => likenessGain + MARK_POINTS * marksSettled;

/** Gain for each unit of money and effort, what a fix list is sorted by; what nobody sells cannot be had, and comes last. */
export function worth(fix: Fix): number {
  if (fix.edits.length === 0) return 0;
  if (fix.costMinor === null) return -1 / gainOf(fix);
  return gainOf(fix) / (Math.max(0, fix.costMinor) + EFFORT_MINOR * fix.pieces + RISK_MINOR * fix.risks.length + EFFORT_MINOR);
}

interface Proposed {
  readonly label: string;
  readonly edits: readonly LookEdit[];
}

/** The best of what could stand at the positions about which something is still wished for. */
function swaps({ look, brief, system, supply, company }: FixSubject, now: Judgement, catalogue: Catalogue): readonly Proposed[] {
  const lost = new Map<Position, number>();
  for (const { feature, points, most } of now.likeness.answers)
    if (most - points > 0.01)
      for (const position of positionsOf(feature.area)) {
        const shelf = shelfOf(position);
        lost.set(shelf, (lost.get(shelf) ?? 0) + most - points);
      }
  const positions = [...lost].sort((a, b) => b[1] - a[1]).slice(0, MOST_POSITIONS);
  return positions.flatMap(([position]) => {
    const ranking = rankCandidates(look, brief, { position }, catalogue, system, supply, company);
    const tried: Proposed[] = [];
    let isOwnedTried = false;
    for (let i = 0; i < ranking.rows.length && (tried.length < MOST_TRIED || !isOwnedTried); i += 1) {
      if (ranking.blocked[i] === 1 || entryAt(ranking.gains, i) <= 0 || i > LOOKED_THROUGH) break;
      const candidate = candidateAt(ranking, i, catalogue, supply);
      if (!candidate || candidate.worn) continue;
      const isAtHand = isHad(candidate.variant, supply);
      if (tried.length >= MOST_TRIED && !isAtHand) continue;
      isOwnedTried ||= isAtHand;
      tried.push({
        label: `Put on ${catalogue.nameOf(candidate.variant)}`,
        edits: [{ action: 'put on', position: candidate.position, variant: candidate.variant.id }],
      });
    }
    return tried;
  });
}
const LOOKED_THROUGH = 60;

const isHad = ({ id }: Variant, supply: Supply): boolean => supply.owned(id) > 0 || donorFor(supply, id) !== null;

/** The first remedy of everything that shows. */
function remedies(now: Judgement): readonly Proposed[] {
  return now.marks.open
    .filter(({ severity }) => severity !== 'note')
    .flatMap((mark) => mark.remedies().slice(0, 1))
    .map(({ label, edits }: Remedy) => ({ label, edits }));
}

function judgeFix(label: string, edits: readonly LookEdit[], figure: FixSubject, now: Judgement, catalogue: Catalogue): Fix | null {
  const { look, brief, system, supply, company } = figure;
  let next: Look;
  try {
    next = applyEdits(look, edits, catalogue);
  } catch (error) {
    if (error instanceof EditRefused) return null;
    throw error;
  }
  const then = judge(next, brief, catalogue, system, supply, company);
  const known = new Set(now.marks.open.map(({ key }) => key));
  const fresh = then.marks.open.filter(({ key }) => !known.has(key));
  if (fresh.some(({ severity }) => severity === 'blocks')) return null;
  const changed = differences(look, next, catalogue);
  const unsold = then.cost.unsold.some((id) => !now.cost.unsold.includes(id));
  return {
    label,
    edits,
    likenessBefore: now.likeness.answers.length === 0 ? null : now.likeness.score,
    likenessGain: then.likeness.score - now.likeness.score,
    marksSettled: grave(now) - grave(then),
    costMinor: unsold ? null : then.cost.toPay.total - now.cost.toPay.total,
    pieces: changed.length,
    isOwned: changed.every(({ after }) => after === null || isHad(catalogue.variant(after.variant), supply)),
    risks: [
      ...fresh.filter(({ check }) => check.startsWith('risk.')).map(({ sentence }) => sentence),
      ...(changed.some(({ after }) => (after?.alterations ?? []).some(isIrreversible)) ? ['Something is altered for good.'] : []),
    ],
  };
}

const grave = ({ marks }: Judgement): number => marks.open.filter(({ severity }) => severity !== 'note').length;
