/** A column of a row holds something that it cannot mean: the row is named, so that somebody can look at it. */
export class UnreadableRow extends Error {
  constructor(
    readonly table: string,
    readonly key: string,
    readonly column: string,
    reason: string,
  ) {
    super(`“${column}” of ${table} ${key} cannot be read: ${reason} Nothing was changed; a backup holds it as it was.`);
  }
}
