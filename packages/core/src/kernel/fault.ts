/** A fault in a problem: where, as a path into the document, and a sentence. */
export interface Fault {
  readonly path: string;
  readonly sentence: string;
}
