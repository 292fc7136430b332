/**
 * Long work that can be left off between its steps: whoever has others waiting serves them there. What it comes to is the
 * generator's return.
 */
export type Steps<T> = Generator<undefined, T>;

/** Does it in one go, for whoever has nothing else to do. */
export function inOneGo<T>(steps: Steps<T>): T {
  for (;;) {
    const { done, value } = steps.next();
    if (done) return value;
  }
}
