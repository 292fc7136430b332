import { type RowProblem, readAnyTable, type TableLimits, UnreadableFile } from '../table/index.js';

/** A poll: who voted for which choices, by the column they stand in. */
export interface Poll {
  readonly choices: readonly string[];
  readonly ballots: readonly { readonly voter: string; readonly chosen: readonly string[] }[];
  readonly problems: readonly RowProblem[];
  readonly rowCount: number;
}

const POLL_LIMITS: TableLimits = { maxBytes: 1_000_000, maxRows: 5000 };
const MOST_NAME = 80;
const YES = new Set(['1', 'x', 'yes', 'y', 'true', '✓', '✔']);
const NO = new Set(['', '0', 'no', 'n', 'false', '-']);

/**
 * Reads a poll: the first column names who voted, every other column is a choice (docs/formats/poll-csv.md). A cell is a vote or none. Each
 * person votes once: a second row of the same name is told, and the first one counts. Throws UnreadableFile for what is no such table.
 */
export function readPoll(bytes: Uint8Array): Poll {
  const { headers, rows } = readAnyTable(bytes, POLL_LIMITS);
  const [column = '', ...choices] = headers;
  if (choices.length === 0) throw new UnreadableFile('The poll has one column. The first names who voted, each further one is a choice.');
  const problems: RowProblem[] = [];
  const seen = new Set<string>();
  const ballots = rows.flatMap(({ line, cells }) => {
    const [voter = '', ...votes] = cells;
    const problem = (at: string, value: string, reason: string) => void problems.push({ line, column: at, value, reason });
    if (voter === '' || voter.length > MOST_NAME)
      return problem(column, voter, voter === '' ? 'Nobody is named.' : 'The name is too long.') ?? [];
    if (seen.has(voter.toLowerCase())) return problem(column, voter, 'Voted in a row before; that one counts.') ?? [];
    const odd = choices.findIndex((_, i) => !YES.has((votes[i] ?? '').toLowerCase()) && !NO.has((votes[i] ?? '').toLowerCase()));
    if (odd >= 0) return problem(choices[odd] ?? '', votes[odd] ?? '', 'Neither a vote (x, yes, 1) nor none.') ?? [];
    seen.add(voter.toLowerCase());
    return [{ voter, chosen: choices.filter((_, i) => YES.has((votes[i] ?? '').toLowerCase())) }];
  });
  return { choices, ballots, problems, rowCount: rows.length };
}
