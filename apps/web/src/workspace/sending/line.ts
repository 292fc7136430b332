/**
 * A line of requests, each sent only when the one before is answered: an undo never overtakes the edit it takes back, and each
 * names the version the one before left. One that fails is told, and the next goes on.
 *
 * @param tell hears what a request failed with
 */
export function line(tell: (error: unknown) => void): (send: () => Promise<unknown>) => Promise<void> {
  let last: Promise<void> = Promise.resolve();
  return (send) => {
    inLine += 1;
    last = last
      .then(send)
      .then(() => undefined, tell)
      .finally(() => (inLine -= 1));
    return last;
  };
}

let inLine = 0;

/** Is any request of any line not answered yet? */
export const isAnyInLine = (): boolean => inLine > 0;
