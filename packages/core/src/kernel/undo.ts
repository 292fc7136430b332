export type ChangeKind = 'edit' | 'undo' | 'redo' | 'snapshot';

/** One row of the append-only change log, as far as undo needs it. Ids rise with time. */
export interface ChangeRow {
  readonly id: number;
  readonly kind: ChangeKind;
  /** The edit that an undo or redo is about. */
  readonly refersTo: number | null;
}

export interface UndoState {
  /** The edit that Undo would take back, or null. */
  readonly undo: number | null;
  /** The edit that Redo would bring back, or null. */
  readonly redo: number | null;
}

/**
 * What can be undone and redone after a log of changes. A new edit after an undo gives up the redone branch,
 * as people expect; the log itself keeps everything. A snapshot names a state and changes nothing.
 */
export function undoState(log: readonly ChangeRow[]): UndoState {
  const done: number[] = [];
  let undone: number[] = [];
  for (const row of log) {
    if (row.kind === 'edit') {
      done.push(row.id);
      undone = [];
    } else if (row.kind === 'undo') {
      const id = done.pop();
      if (id !== undefined) undone.push(id);
    } else if (row.kind === 'redo') {
      const id = undone.pop();
      if (id !== undefined) done.push(id);
    }
  }
  return { undo: done.at(-1) ?? null, redo: undone.at(-1) ?? null };
}
