import { describe, expect, test } from '@jest/globals';
import { isAnyInLine, line } from '@/workspace/sending/line';

/** A request under way, and how it ends. */
function request() {
  const state = { sent: false, succeed: (): void => undefined, fail: (_: unknown): void => undefined };
  const send = (): Promise<void> =>
    new Promise((resolve, reject) => {
      Object.assign(state, { sent: true, succeed: resolve, fail: reject });
    });
  return { state, send };
}
const settled = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));

describe('a line of requests', () => {
  test('sends none before the one ahead of it is answered', async () => {
    const inOrder = line(() => undefined);
    const [edit, undo] = [request(), request()];
    void inOrder(edit.send);
    const undone = inOrder(undo.send);
    await settled();
    expect([edit.state.sent, undo.state.sent]).toEqual([true, false]);
    expect(isAnyInLine()).toBe(true);
    edit.state.succeed();
    await settled();
    expect(undo.state.sent).toBe(true);
    undo.state.succeed();
    await undone;
    await settled();
    expect(isAnyInLine()).toBe(false);
  });

  test('tells what failed, and goes on with the next', async () => {
    const told: unknown[] = [];
    const inOrder = line((error) => told.push(error));
    const [first, second] = [request(), request()];
    void inOrder(first.send);
    void inOrder(second.send);
    await settled();
    first.state.fail('no room');
    await settled();
    expect([told, second.state.sent]).toEqual([['no room'], true]);
  });
});
