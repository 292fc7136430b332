import { describe, expect, test } from '@jest/globals';
import { readFileSync } from 'node:fs';
import { type FiledEntry, LEDGER_SCHEMA, type LedgerFile, newEntries, readLedger } from '../src/index.js';

const place = (id: string, parent: string | null = null, more = {}) => ({
  ...{ id, kind: 'made', name: id, parent, note: '', dueOn: null, official: null, product: null, figure: null, keepWhole: false },
  ...more,
});
const lot = (id: number, more = {}) => ({
  ...{ id, variant: 'hat', condition: 'used', defects: [], alterations: [], source: null, certainty: 'sure', paidMinor: null },
  ...{ owner: '', dueOn: null, note: '', splitFrom: null, addedAt: '2026-01-01T00:00:00.000Z' },
  ...more,
});
const entry = (id: number, from: string, to: string, quantity = 1, more: Partial<FiledEntry> = {}): FiledEntry => ({
  ...{ id, at: '2026-01-01T00:00:00.000Z', kind: 'counted', sentence: `deed ${id}`, because: 'hand', undoes: null, broughtMinor: null },
  movements: [{ lot: 1, quantity, from, to }],
  ...more,
});
const LEDGER = {
  format: 'outfit-ledger',
  version: 1,
  places: [place('room'), place('drawer', 'room')],
  lots: [lot(1)],
  entries: [entry(1, 'outside', 'drawer', 3), entry(2, 'drawer', 'room', 2)],
} as unknown as LedgerFile;
const KNOWN = { isVariant: (id: string) => id === 'hat', isFigure: () => false };
const sentences = (ledger: unknown): readonly string[] => {
  const reading = readLedger(ledger, KNOWN);
  return 'faults' in reading ? reading.faults.map((fault) => fault.sentence) : [];
};

describe('a ledger as a file', () => {
  test('is read whole when it is sound', () => {
    expect(readLedger(LEDGER, KNOWN)).toEqual({ ledger: LEDGER });
  });

  test('names what refers to nothing', () => {
    expect(sentences({ ...LEDGER, places: [place('room', 'attic'), place('drawer')] })).toEqual([
      'room lies in “attic”, which is no place of the file.',
    ]);
    expect(sentences({ ...LEDGER, places: [place('room', 'drawer'), place('drawer', 'room')] })).toContain('room lies in itself.');
    expect(sentences({ ...LEDGER, places: [place('room'), place('drawer', 'room', { official: 'LR-99' })] })).toEqual([
      '“LR-99” is no official figure here.',
    ]);
    expect(sentences({ ...LEDGER, lots: [lot(1, { variant: 'cap', splitFrom: 7 })] })).toEqual([
      '“cap” is no part of this catalogue.',
      'Lot 1 came from lot 7, which is not in the file.',
    ]);
    expect(sentences({ ...LEDGER, entries: [entry(1, 'outside', 'attic')] })).toEqual(['“attic” is no place of the file.']);
    expect(sentences({ ...LEDGER, entries: [entry(1, 'room', 'room')] })).toEqual(['It goes nowhere: from and to are one place.']);
    expect(sentences({ ...LEDGER, lots: [lot(1), lot(1)] })).toEqual(['Two lots have one id.']);
  });

  test('is refused where a place would hold less than none', () => {
    expect(sentences({ ...LEDGER, entries: [entry(1, 'outside', 'drawer', 3), entry(2, 'drawer', 'room', 4)] })).toEqual([
      'Lot 1: 4 were to leave “drawer”, which held 3.',
    ]);
  });

  test('has a shape that is written down', () => {
    expect(sentences({ ...LEDGER, entries: [{ ...entry(1, 'outside', 'drawer'), movements: [] }] })).toHaveLength(1);
    expect(sentences({ ...LEDGER, version: 2 })).not.toEqual([]);
    const written = JSON.parse(readFileSync(new URL('../../../docs/formats/ledger.schema.json', import.meta.url), 'utf8')) as unknown;
    expect(written).toEqual(JSON.parse(JSON.stringify(LEDGER_SCHEMA)));
  });

  test('goes on from one that is there, or went another way', () => {
    const [one, two, three] = [entry(1, 'outside', 'drawer'), entry(2, 'drawer', 'room'), entry(3, 'room', 'drawer')];
    expect(newEntries([one], [one, two, three])).toEqual([two, three]);
    expect(newEntries([one, two, three], [one, two])).toEqual([]);
    expect(newEntries([], [one])).toEqual([one]);
    expect(newEntries([one, two], [one, { ...two, sentence: 'another' }])).toBeNull();
    expect(newEntries([one, two], [one, entry(2, 'drawer', 'room', 5)])).toBeNull();
  });
});
