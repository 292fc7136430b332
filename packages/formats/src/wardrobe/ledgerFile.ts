import type { Alteration, Certainty, Condition, Fault } from '@outfit/core';
import {
  Balances,
  type Defect,
  type EntryKind,
  LedgerRefused,
  type Movement,
  OUTSIDE,
  pathOf,
  type PlaceKind,
} from '@outfit/core/wardrobe';
import { shapeCheck, shapeFault } from '../shape/index.js';
import { LEDGER_SCHEMA } from './ledgerSchema.js';

/** A place as a file tells it. */
export interface FiledPlace {
  readonly id: string;
  readonly kind: PlaceKind;
  readonly name: string;
  readonly parent: string | null;
  readonly note: string;
  /** The day something lent is due back, ISO 8601. */
  readonly dueOn: string | null;
  /** The official figure that a donor is, the product that a sealed box is, the figure that is built there. */
  readonly official: string | null;
  readonly product: string | null;
  readonly figure: string | null;
  /** A donor that gives nothing. */
  readonly keepWhole: boolean;
  /** It was taken away; only the story of pieces names it. */
  readonly isGone?: true | undefined;
}

/** A lot as a file tells it. Money in minor units. */
export interface FiledLot {
  readonly id: number;
  readonly variant: string;
  readonly condition: Condition;
  readonly defects: readonly Defect[];
  readonly alterations: readonly Alteration[];
  readonly source: string | null;
  readonly certainty: Certainty;
  readonly paidMinor: number | null;
  readonly owner: string;
  readonly dueOn: string | null;
  readonly note: string;
  readonly splitFrom: number | null;
  readonly addedAt: string;
}

/** An entry with its movements, in the order they were entered. */
export interface FiledEntry {
  readonly id: number;
  readonly at: string;
  readonly kind: EntryKind;
  readonly sentence: string;
  readonly because: string;
  readonly undoes: number | null;
  readonly broughtMinor: number | null;
  readonly movements: readonly Movement[];
}

/** A whole ledger: places, lots, and every entry since the first. */
export interface LedgerFile {
  readonly format: 'outfit-ledger';
  readonly version: 1;
  readonly places: readonly FiledPlace[];
  readonly lots: readonly FiledLot[];
  readonly entries: readonly FiledEntry[];
}

const check = shapeCheck<LedgerFile>(LEDGER_SCHEMA);
const MOST_FAULTS = 50;

/** What the one who reads a ledger knows: parts and official figures by their numbers. */
interface KnownParts {
  isVariant(id: string): boolean;
  isFigure(id: string): boolean;
}

/**
 * Reads a whole ledger from parsed JSON: its shape first, then names that refer to nothing, then whether any place would ever hold less
 * than none.
 */
export function readLedger(json: unknown, known: KnownParts): { readonly ledger: LedgerFile } | { readonly faults: readonly Fault[] } {
  const isLedger = check();
  if (!isLedger(json))
    return {
      faults: (isLedger.errors ?? [])
        .filter((error) => error.keyword !== 'anyOf')
        .slice(0, MOST_FAULTS)
        .map(shapeFault),
    };
  const faults = [...strangers(json, known), ...lessThanNone(json)];
  return faults.length > 0 ? { faults: faults.slice(0, MOST_FAULTS) } : { ledger: json };
}

function* strangers({ places, lots, entries }: LedgerFile, known: KnownParts): Iterable<Fault> {
  const placeIds = new Map(places.map((place) => [place.id, place]));
  const lotIds = new Set(lots.map((lot) => lot.id));
  const entryIds = new Set(entries.map((entry) => entry.id));
  if (placeIds.size < places.length) yield { path: '/places', sentence: 'Two places have one id.' };
  if (lotIds.size < lots.length) yield { path: '/lots', sentence: 'Two lots have one id.' };
  if (entryIds.size < entries.length) yield { path: '/entries', sentence: 'Two entries have one id.' };
  for (const [i, place] of places.entries()) {
    if (place.parent !== null && !placeIds.has(place.parent))
      yield { path: `/places/${i}/parent`, sentence: `${place.name} lies in “${place.parent}”, which is no place of the file.` };
    if (pathOf(place.id, placeIds)[0]?.parent !== null && place.parent !== null && placeIds.has(place.parent))
      yield { path: `/places/${i}/parent`, sentence: `${place.name} lies in itself.` };
    if (place.official !== null && !known.isFigure(place.official))
      yield { path: `/places/${i}/official`, sentence: `“${place.official}” is no official figure here.` };
  }
  for (const [i, lot] of lots.entries()) {
    if (!known.isVariant(lot.variant)) yield { path: `/lots/${i}/variant`, sentence: `“${lot.variant}” is no part of this catalogue.` };
    if (lot.splitFrom !== null && !lotIds.has(lot.splitFrom))
      yield { path: `/lots/${i}/splitFrom`, sentence: `Lot ${lot.id} came from lot ${lot.splitFrom}, which is not in the file.` };
  }
  const isPlace = (id: string): boolean => id === OUTSIDE || placeIds.has(id);
  for (const [i, { movements }] of entries.entries())
    for (const [k, { lot, from, to }] of movements.entries()) {
      const path = `/entries/${i}/movements/${k}`;
      if (!lotIds.has(lot)) yield { path: `${path}/lot`, sentence: `Lot ${lot} is not in the file.` };
      for (const place of [from, to]) if (!isPlace(place)) yield { path, sentence: `“${place}” is no place of the file.` };
      if (from === to) yield { path, sentence: 'It goes nowhere: from and to are one place.' };
    }
}

function lessThanNone({ entries }: LedgerFile): readonly Fault[] {
  if (entries.some(({ movements }) => movements.some(({ from, to }) => from === to))) return [];
  try {
    Balances.of(entries);
    return [];
  } catch (error) {
    if (!(error instanceof LedgerRefused)) throw error;
    const { lot, place, holds, wanted } = error;
    return [{ path: '/entries', sentence: `Lot ${lot}: ${wanted} were to leave “${place}”, which held ${holds}.` }];
  }
}

/**
 * How a ledger that is read goes on from one that is there: the entries that are new; null when they went different ways. An entry is the
 * same when it was entered at the same moment, in the same words, with the same movements.
 */
export function newEntries(there: readonly FiledEntry[], read: readonly FiledEntry[]): readonly FiledEntry[] | null {
  const shared = Math.min(there.length, read.length);
  for (let i = 0; i < shared; i += 1) if (!isSameEntry(there[i], read[i])) return null;
  return read.slice(shared);
}

const isSameEntry = (a: FiledEntry | undefined, b: FiledEntry | undefined): boolean =>
  a !== undefined &&
  b !== undefined &&
  a.id === b.id &&
  a.at === b.at &&
  a.kind === b.kind &&
  a.sentence === b.sentence &&
  a.movements.length === b.movements.length &&
  a.movements.every((own, i) => {
    const other = b.movements[i];
    return other?.lot === own.lot && other.quantity === own.quantity && other.from === own.from && other.to === own.to;
  });
