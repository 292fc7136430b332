interface ProblemRow {
  readonly line: number | null;
  /** The column, or the path in an archive. */
  readonly where: string | null;
  readonly value: string | null;
  readonly reason: string;
}

/** What cannot be taken from a file, row by row. */
export function ProblemTable({ problems }: { readonly problems: readonly ProblemRow[] }) {
  return (
    // eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- what scrolls must be reachable by keyboard
    <div tabIndex={0} role="group" aria-label="Problems" className="border-rule mt-2 max-h-72 min-h-0 overflow-auto border">
      <table className="w-full text-[0.87rem]">
        <thead className="bg-paper sticky top-0 text-left">
          <tr>
            {['Line', 'Where', 'Value', 'Why it cannot be taken'].map((head) => (
              <th key={head} scope="col" className="px-2 py-1 font-medium">
                {head}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {problems.map((problem, i) => (
            <tr key={i} className="border-rule border-t align-top">
              <td className="px-2 py-1 font-mono">{problem.line ?? '–'}</td>
              <td className="px-2 py-1">{problem.where ?? 'the row'}</td>
              <td className="max-w-44 truncate px-2 py-1 font-mono">{problem.value ?? '–'}</td>
              <td className="px-2 py-1">{problem.reason}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  );
}
