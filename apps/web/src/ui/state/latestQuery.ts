/** The query of the address as last asked for, which the address itself and the page follow a little later. */
export class LatestQuery {
  #newest: URLSearchParams;
  #underWay: string[] = [];

  constructor(shown: URLSearchParams) {
    this.#newest = shown;
  }

  /** Edits what was last asked for; answers the query to ask for now. */
  edit(change: (next: URLSearchParams) => void): URLSearchParams {
    const next = new URLSearchParams(this.#newest);
    change(next);
    this.#newest = next;
    this.#underWay.push(next.toString());
    return next;
  }

  /** The page shows this query now. One nobody here asked for, a link or the back button, replaces what was under way. */
  arrive(shown: URLSearchParams): void {
    const at = this.#underWay.lastIndexOf(shown.toString());
    if (at < 0) this.#newest = shown;
    this.#underWay = at < 0 ? [] : this.#underWay.slice(at + 1);
  }
}
