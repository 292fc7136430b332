/** Why work was not done: something newer was asked for, or nobody waits for it any more. */
export class Superseded extends Error {
  override readonly name = 'Superseded';
}

interface Waiting<Ask, Answer> {
  readonly ask: Ask;
  readonly resolve: (answer: Answer) => void;
  readonly reject: (error: unknown) => void;
}

/**
 * Work of which only the newest matters, done by something that does one thing at a time: while one is under way, of all that
 * are asked for meanwhile only the last is done. A failure is told to whoever asked, and the next one is tried again.
 */
export class LatestWork<Ask, Answer> {
  private waiting: Waiting<Ask, Answer> | null = null;
  private isBusy = false;

  constructor(private readonly work: (ask: Ask) => Promise<Answer>) {}

  /**
   * @param signal aborted when nobody waits for it any more: then it is not begun, or its answer is dropped
   * @throws Superseded when it was not done, or not wanted any more; otherwise what the work threw
   */
  do(ask: Ask, signal?: AbortSignal): Promise<Answer> {
    return new Promise<Answer>((resolve, reject) => {
      if (signal?.aborted) return reject(new Superseded());
      this.waiting?.reject(new Superseded());
      const own: Waiting<Ask, Answer> = { ask, resolve, reject };
      this.waiting = own;
      signal?.addEventListener('abort', () => {
        if (this.waiting === own) this.waiting = null;
        reject(new Superseded());
      });
      void this.goOn();
    });
  }

  private async goOn(): Promise<void> {
    if (this.isBusy) return;
    this.isBusy = true;
    for (let next = this.take(); next; next = this.take()) await this.work(next.ask).then(next.resolve, next.reject);
    this.isBusy = false;
  }

  private take(): Waiting<Ask, Answer> | null {
    const { waiting } = this;
    this.waiting = null;
    return waiting;
  }
}
