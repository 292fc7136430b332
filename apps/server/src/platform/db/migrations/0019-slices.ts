import type { MigrationInterface, QueryRunner } from 'typeorm';

type Json = Readonly<Record<string, unknown>>;
type States = Readonly<Record<string, Json>>;

interface OldChange {
  readonly id: number;
  readonly subject: string;
  readonly item: string;
  readonly kind: 'edit' | 'undo' | 'redo' | 'snapshot';
  readonly refersTo: number | null;
  readonly before: string | null;
  readonly after: string | null;
}

interface Cut {
  readonly subject: string;
  readonly item: string;
  readonly before: unknown;
  readonly after: unknown;
}

const TABLES = [
  // What a deed changed, thing by thing.
  `CREATE TABLE slice (id INTEGER PRIMARY KEY AUTOINCREMENT, change INTEGER NOT NULL REFERENCES change(id), subject TEXT NOT NULL, item TEXT NOT NULL,
     before TEXT, after TEXT) STRICT`,
  `CREATE INDEX slice_change ON slice(change)`,
  `CREATE INDEX slice_item ON slice(subject, item, change)`,
  // The lines of undo a row of the log stands in, and what of them stands or was taken back.
  `CREATE TABLE change_line (subject TEXT NOT NULL, item TEXT NOT NULL, change INTEGER NOT NULL REFERENCES change(id),
     PRIMARY KEY (subject, item, change)) STRICT, WITHOUT ROWID`,
  `CREATE INDEX change_line_of ON change_line(change)`,
  `CREATE TABLE standing (subject TEXT NOT NULL, item TEXT NOT NULL, change INTEGER NOT NULL REFERENCES change(id),
     PRIMARY KEY (subject, item, change)) STRICT, WITHOUT ROWID`,
  `CREATE INDEX standing_of ON standing(change)`,
  `CREATE TABLE undone (subject TEXT NOT NULL, item TEXT NOT NULL, turn INTEGER NOT NULL REFERENCES change(id), change INTEGER NOT NULL REFERENCES change(id),
     PRIMARY KEY (subject, item, turn)) STRICT, WITHOUT ROWID`,
  `CREATE INDEX undone_of ON undone(change)`,
  // A place that was taken away stays in the books for the sake of what passed through it.
  `ALTER TABLE place ADD COLUMN removedAt TEXT`,
  // One that was made on the way of a deed which was taken back, and in which something else lay by then: it goes once that leaves.
  `ALTER TABLE place ADD COLUMN isLeftOver INTEGER NOT NULL DEFAULT 0 CHECK (isLeftOver IN (0, 1))`,
];
const AFTER = [
  ...['undo', 'redo', 'before', 'after'].map((column) => `ALTER TABLE change DROP COLUMN ${column}`),
  ...(['UPDATE', 'DELETE'] as const).map(
    (deed) =>
      `CREATE TRIGGER slice_is_append_only_${deed.toLowerCase()} BEFORE ${deed} ON slice BEGIN SELECT RAISE(ABORT, 'the change log is append-only'); END`,
  ),
];
const AT_ONCE = 500;

/** What deeds changed is kept thing by thing, so that any of them can be taken back by itself; a place that was emptied can go. */
export class Slices1765900000000 implements MigrationInterface {
  name = 'Slices1765900000000';

  async up(runner: QueryRunner): Promise<void> {
    for (const sql of TABLES) await runner.query(sql);
    const lines = new Map<string, { done: number[]; undone: { turn: number; change: number }[] }>();
    for (let last = 0; ;) {
      const rows = (await runner.query(
        'SELECT id, subject, item, kind, refersTo, before, after FROM change WHERE id > ? ORDER BY id LIMIT ?',
        [last, AT_ONCE],
      )) as OldChange[];
      if (rows.length === 0) break;
      for (const row of rows) {
        await runner.query('INSERT INTO change_line (subject, item, change) VALUES (?, ?, ?)', [row.subject, row.item, row.id]);
        replay(lines, row);
        if (row.kind !== 'edit' && row.kind !== 'snapshot') continue;
        for (const { subject, item, before, after } of cutsOf(row))
          await runner.query('INSERT INTO slice (change, subject, item, before, after) VALUES (?, ?, ?, ?, ?)', [
            ...[row.id, subject, item],
            ...[before, after].map((state) => (state === null || state === undefined ? null : JSON.stringify(state))),
          ]);
      }
      last = rows.at(-1)?.id ?? last;
    }
    for (const [line, { done, undone }] of lines) {
      const [subject, item] = JSON.parse(line) as [string, string];
      for (const change of done)
        await runner.query('INSERT INTO standing (subject, item, change) VALUES (?, ?, ?)', [subject, item, change]);
      for (const { turn, change } of undone)
        await runner.query('INSERT INTO undone (subject, item, turn, change) VALUES (?, ?, ?, ?)', [subject, item, turn, change]);
    }
    for (const sql of AFTER) await runner.query(sql);
  }

  down(): Promise<void> {
    return Promise.reject(new Error('There is no way back from this step; restore the copy made before it.'));
  }
}

/** What stands and what was taken back in a line after one more row. */
function replay(
  lines: Map<string, { done: number[]; undone: { turn: number; change: number }[] }>,
  { id, subject, item, kind, refersTo, before, after }: OldChange,
): void {
  const key = JSON.stringify([subject, item]);
  const line = lines.get(key) ?? { done: [], undone: [] };
  lines.set(key, line);
  if (kind === 'edit' && (before !== null || after !== null)) {
    line.done.push(id);
    line.undone = [];
  } else if (kind === 'undo' && refersTo !== null) {
    line.done = line.done.filter((own) => own !== refersTo);
    line.undone.push({ turn: id, change: refersTo });
  } else if (kind === 'redo' && refersTo !== null) {
    line.undone = line.undone.filter((own) => own.change !== refersTo);
    line.done.push(refersTo);
  }
}

/** The states an older Outfit kept of a deed, thing by thing. */
function cutsOf({ subject, item, before: was, after: is }: OldChange): readonly Cut[] {
  if (was === null && is === null) return [];
  const [before, after] = [was, is].map((text) => (JSON.parse(text ?? '{}') ?? {}) as Json) as [Json, Json];
  switch (subject) {
    case 'look':
    case 'figure':
      return [{ subject, item, before, after }];
    case 'line-up':
    case 'workroom':
      return arranged(before, after, item);
    case 'catalogue':
      return keyed(before, after, subject, (row, kind) => `${kind} ${String(row['number'] ?? row['id'])}`);
    case 'wardrobe':
      return ledgerCuts(before, after);
    case 'market':
      return [
        ...keyed(
          pick(before, 'sellers', 'offers'),
          pick(after, 'sellers', 'offers'),
          subject,
          (row, kind) => `${kind.slice(0, -1)} ${String(row['id'])}`,
        ),
        ...binnedCuts(before, after),
      ];
    case 'ranking':
      return [{ subject: 'choice', item: String((after['ids'] as readonly number[])[0]), before, after }];
    case 'ideas':
      return [
        ...each('idea', before['idea'], after['idea']),
        ...each('owed', before['owed'], after['owed']),
        ...each('poll', votes(before['polls']), votes(after['polls'])),
      ];
    default:
      return [];
  }
}

const pick = (states: Json, ...keys: readonly string[]): Json =>
  Object.fromEntries(Object.entries(states).filter(([key]) => keys.includes(key)));

function each(subject: string, was: unknown, is: unknown): readonly Cut[] {
  const [before, after] = [(was ?? {}) as States, (is ?? {}) as States];
  return [...new Set([...Object.keys(before), ...Object.keys(after)])].map((item) => ({
    ...{ subject, item, before: before[item] ?? null, after: after[item] ?? null },
  }));
}

function arranged(before: Json, after: Json, item: string): readonly Cut[] {
  const figures = (side: Json): readonly (readonly [string, Json])[] => Object.entries((side['figures'] ?? {}) as States);
  const stances = (side: Json): States =>
    Object.fromEntries(
      figures(side)
        .map(([id, { brief: _, ...stance }]) => [id, stance] as const)
        .filter(([, stance]) => Object.keys(stance).length > 0),
    );
  const briefs = (side: Json): States =>
    Object.fromEntries(figures(side).flatMap(([id, { brief }]) => (brief ? [[id, { brief }] as const] : [])));
  const looks = (side: Json): States =>
    Object.fromEntries(Object.entries((side['looks'] ?? {}) as States).map(([id, spots]) => [id, { spots }]));
  const order = (subject: string, of: string, key: string): readonly Cut[] =>
    after[key] === undefined ? [] : [{ subject, item: of, before: { order: before[key] }, after: { order: after[key] } }];
  return [
    ...each('line-up', before['lineUps'], after['lineUps']),
    ...each('stance', stances(before), stances(after)),
    ...each('figure', briefs(before), briefs(after)),
    ...each('look', looks(before), looks(after)),
    ...order('order of figures', item, 'order'),
    ...order('order of line-ups', 'all', 'lineUpOrder'),
  ];
}

/** Lists of rows by kind, as rows under names of their own. */
function keyed(before: Json, after: Json, subject: string, nameOf: (row: Json, kind: string) => string): readonly Cut[] {
  const rows = (side: Json): States =>
    Object.fromEntries(
      Object.entries(side).flatMap(([kind, list]) => (list as readonly Json[]).map((row) => [nameOf(row, kind), row] as const)),
    );
  return each(subject, rows(before), rows(after));
}

const binned = (side: Json, isBinned: boolean): States =>
  Object.fromEntries(((side['binned'] ?? []) as readonly string[]).map((id) => [`seller ${id}`, { id, isBinned }]));
const binnedCuts = (before: Json, after: Json): readonly Cut[] =>
  each('market', { ...binned(before, true), ...binned(after, false) }, { ...binned(after, true), ...binned(before, false) });
const votes = (polls: unknown): States =>
  Object.fromEntries(Object.entries((polls ?? {}) as Json).map(([poll, rows]) => [poll, { votes: rows }]));

function ledgerCuts(before: Json, after: Json): readonly Cut[] {
  const byId = (rows: unknown): States => Object.fromEntries(((rows ?? []) as readonly Json[]).map((row) => [String(row['id']), row]));
  const pins = (rows: unknown): States =>
    Object.fromEntries(((rows ?? []) as readonly Json[]).map((row) => [`${String(row['lot'])} ${String(row['figure'])}`, row]));
  const pictures = (rows: unknown): States =>
    Object.fromEntries(((rows ?? []) as readonly Json[]).map(({ id, removedAt }) => [String(id), { removedAt }]));
  const entry = (after['entry'] ?? before['entry']) as number | undefined;
  const consumed = after['consumed'] as Json | undefined;
  const [othersBefore, othersAfter] = [before, after].map((side) => (side['others'] ?? []) as readonly Json[]) as [
    readonly Json[],
    readonly Json[],
  ];
  return [
    ...each('place', byId(before['places']), byId(after['places'])),
    ...(entry === undefined
      ? []
      : [
          {
            subject: 'entry',
            item: String(entry),
            before: { stands: before['isBack'] !== true },
            after: { stands: after['isBack'] !== true },
          },
        ]),
    ...each('pin', pins(before['pins']), pins(after['pins'])),
    ...each('photograph', pictures(before['pictures']), pictures(after['pictures'])),
    ...(consumed ? [consumedCut((before['consumed'] ?? {}) as Json, consumed)] : []),
    ...each('parcel', keyedBy(othersBefore, parcelOf), keyedBy(othersAfter, parcelOf)),
    ...each('session', keyedBy(othersBefore, sessionOf), keyedBy(othersAfter, sessionOf)),
  ];
}

/** What came or was used up was told as what either way adds. */
function consumedCut(before: Json, after: Json): Cut {
  const away = ({ isAway }: Json): Json => (isAway === undefined ? {} : { isAway });
  return {
    subject: 'consumable',
    item: String(after['id']),
    before: { quantity: 0, ...away(before) },
    after: { quantity: after['quantity'], ...away(after) },
  };
}

const keyedBy = (states: readonly Json[], read: (state: Json) => readonly [string, Json] | null): States =>
  Object.fromEntries(states.flatMap((state) => (read(state) ? [read(state) as readonly [string, Json]] : [])));

function parcelOf({ row, lines, claims }: Json): readonly [string, Json] | null {
  if (!row || !lines) return null;
  const { version: _, ...fields } = row as Json;
  const under = (kind: string, rows: unknown): Json =>
    Object.fromEntries(((rows ?? []) as readonly Json[]).map((own) => [`${kind} ${String(own['id'])}`, own]));
  return [String(fields['id']), { ...fields, ...under('line', lines), ...under('claim', claims) }];
}

function sessionOf({ session, ticks, troubles }: Json): readonly [string, Json] | null {
  if (!session || !ticks) return null;
  const { version: _, ...fields } = session as Json;
  return [String(fields['id']), { ...fields, ticks, troubles }];
}
