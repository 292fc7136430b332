/**
 * Rows by what they have in common, each group in the order of the rows.
 *
 * @example groupedBy([1, 2, 3], (n) => n % 2).get(1) // [1, 3]
 */
export function groupedBy<Row, Key>(rows: Iterable<Row>, keyOf: (row: Row) => Key): ReadonlyMap<Key, readonly Row[]> {
  const groups = new Map<Key, Row[]>();
  for (const row of rows) {
    const key = keyOf(row);
    const group = groups.get(key);
    if (group) group.push(row);
    else groups.set(key, [row]);
  }
  return groups;
}
