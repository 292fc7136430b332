import type { Database as Connection } from 'better-sqlite3';
import { connect, tablesOf } from '../sqlite/index.js';
import type { Document, Slice } from './change.js';
import { ChangeLog } from './changeLog.js';

/** To take back what a file brought, or bring it again. */
export interface TurnTask {
  readonly databaseFile: string;
  /** The deed of the import. */
  readonly change: number;
  readonly kind: 'undo' | 'redo';
  /** When it was asked for, ISO 8601. */
  readonly at: string;
  /** The day it is in the workspace, ISO 8601. */
  readonly today: string;
}

/** The deed's label, or the sentence that refuses it. */
export type TurnOutcome = { readonly done: string } | { readonly refused: string };

/** What is in the way, as a sentence. Nothing is changed then. */
export class TurnRefused extends Error {}

/** One row of what a file changed, with the state it is put into. */
export interface TurnedRow extends Pick<Slice, 'subject' | 'item'> {
  readonly to: Document | null;
  readonly from: Document | null;
}

const BUSY_MS = 30_000;

/**
 * Turns a deed of many thousand rows, in a worker and in one transaction of its own: while it is worked out nobody waits, and
 * broken off anywhere nothing of it is done.
 *
 * @param put puts the rows into their states, in the order of turning; throws TurnRefused where something is in the way
 */
export function turnDeed(task: TurnTask, put: (rows: readonly TurnedRow[], connection: Connection) => void): TurnOutcome {
  const connection = connect(task.databaseFile);
  try {
    connection.pragma(`busy_timeout = ${BUSY_MS}`);
    const log = new ChangeLog(tablesOf(connection));
    const isUndo = task.kind === 'undo';
    const turn = connection.transaction((): string => {
      const deed = log.change(task.change);
      if (!deed || log.stands(task.change) !== isUndo) throw new TurnRefused('Somebody else was quicker. Nothing was changed; look again.');
      const later = log.laterLabelOf(task.change);
      if (later !== null)
        throw new TurnRefused(`“${later}” was done since, and changed the same. Take that back first; nothing was changed.`);
      const slices = log.slicesOf(task.change);
      const inOrder = isUndo ? [...slices].reverse() : slices;
      connection.pragma('defer_foreign_keys = ON');
      put(
        inOrder.map(({ subject, item, before, after }) => ({
          subject,
          item,
          ...(isUndo ? { to: before, from: after } : { to: after, from: before }),
        })),
        connection,
      );
      if (isUndo) log.undone(deed, task.at);
      else log.redone(deed, task.at);
      return deed.label;
    });
    return { done: turn.immediate() };
  } catch (error) {
    if (error instanceof TurnRefused) return { refused: error.message };
    if ((error as { code?: string }).code?.startsWith('SQLITE_CONSTRAINT'))
      return {
        refused: 'Something rests on what this file brought by now: a look, a piece, an offer or another entry. Nothing was changed.',
      };
    throw error;
  } finally {
    connection.close();
  }
}
