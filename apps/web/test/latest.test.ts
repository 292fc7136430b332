import { describe, expect, test } from '@jest/globals';
import { LatestWork, Superseded } from '@/workspace/sending/latest';

/** Work that ends when the test says so. */
function workshop() {
  const begun: { readonly ask: string; readonly end: (answer: string) => void; readonly fail: (error: Error) => void }[] = [];
  const work = new LatestWork((ask: string) => new Promise<string>((resolve, reject) => begun.push({ ask, end: resolve, fail: reject })));
  return { begun, work, asks: () => begun.map(({ ask }) => ask) };
}
const settled = (): Promise<void> => new Promise((resolve) => setTimeout(resolve, 0));
const outcome = (promise: Promise<string>): Promise<string> => promise.catch((error: unknown) => (error as Error).name);

describe('work of which only the newest matters', () => {
  test('is done one at a time, and what was asked for between is left out', async () => {
    const { begun, work, asks } = workshop();
    const [first, second, third] = ['head', 'torso', 'legs'].map((ask) => outcome(work.do(ask)));
    expect(asks()).toEqual(['head']);
    begun[0]?.end('ranked head');
    expect([await first, await second]).toEqual(['ranked head', 'Superseded']);
    expect(asks()).toEqual(['head', 'legs']);
    begun[1]?.end('ranked legs');
    expect(await third).toBe('ranked legs');
  });

  test('is not begun, and not answered, once nobody waits for it', async () => {
    const { begun, work, asks } = workshop();
    const [going, waiting] = [new AbortController(), new AbortController()];
    const first = outcome(work.do('head', going.signal));
    const second = outcome(work.do('torso', waiting.signal));
    going.abort();
    waiting.abort();
    expect([await first, await second]).toEqual(['Superseded', 'Superseded']);
    begun[0]?.end('too late');
    await settled();
    expect(asks()).toEqual(['head']);
    await expect(work.do('legs', AbortSignal.abort())).rejects.toThrow(Superseded);
    expect(asks()).toEqual(['head']);
  });

  test('tells of a failure whoever asked, and goes on', async () => {
    const { begun, work } = workshop();
    const first = work.do('head');
    begun[0]?.fail(new Error('the worker died'));
    await expect(first).rejects.toThrow('the worker died');
    const second = work.do('torso');
    begun[1]?.end('ranked torso');
    expect(await second).toBe('ranked torso');
  });
});
