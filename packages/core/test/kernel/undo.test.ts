import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { undoState, type ChangeRow } from '../../src/index.js';

/** What an ordinary editor does, with two stacks of edit ids. */
class Editor {
  private done: number[] = [];
  private undone: number[] = [];
  readonly log: ChangeRow[] = [];

  edit(): void {
    const id = this.log.length + 1;
    this.log.push({ id, kind: 'edit', refersTo: null });
    this.done.push(id);
    this.undone = [];
  }

  undo(): void {
    const id = this.done.pop();
    if (id === undefined) return;
    this.undone.push(id);
    this.log.push({ id: this.log.length + 1, kind: 'undo', refersTo: id });
  }

  redo(): void {
    const id = this.undone.pop();
    if (id === undefined) return;
    this.done.push(id);
    this.log.push({ id: this.log.length + 1, kind: 'redo', refersTo: id });
  }

  get next() {
    return { undo: this.done.at(-1) ?? null, redo: this.undone.at(-1) ?? null };
  }
}

describe('undo from an append-only log', () => {
  test('agrees with an ordinary editor after any sequence', () => {
    fc.assert(
      fc.property(fc.array(fc.constantFrom('edit', 'undo', 'redo'), { maxLength: 40 }), (steps) => {
        const editor = new Editor();
        for (const step of steps) editor[step as 'edit' | 'undo' | 'redo']();
        expect(undoState(editor.log)).toEqual(editor.next);
      }),
    );
  });

  test('a new edit after an undo gives up the redone branch', () => {
    const log: ChangeRow[] = [
      { id: 1, kind: 'edit', refersTo: null },
      { id: 2, kind: 'undo', refersTo: 1 },
      { id: 3, kind: 'edit', refersTo: null },
    ];
    expect(undoState(log)).toEqual({ undo: 3, redo: null });
  });
});
