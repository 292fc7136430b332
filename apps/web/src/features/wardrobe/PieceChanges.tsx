import { itemName } from '@outfit/core';
import type { PieceReportDto } from '@/api';
import { plural } from '@/ui';
import { useWorkspace } from '@/workspace';

type Row = PieceReportDto['changes']['rows'][number];

const wordsOf = ({ kind, quantity, before }: Row): string => {
  if (kind === 'replaces') return before === quantity ? 'another note' : `${before ?? 0} become ${quantity}`;
  return kind === 'new' ? `${quantity} new` : `${quantity} beside what you have`;
};

/** What a file changes of what is written down, before the person agrees: read again, a file changes nothing. */
export function PieceChanges({ report: { changes } }: { readonly report: PieceReportDto }) {
  const { catalogue } = useWorkspace();
  const { fresh, same, addsTo, replaces, rows } = changes;
  const parts = [
    ...(same > 0 ? [`${plural(same, 'row')} ${same === 1 ? 'is' : 'are'} written down already`] : []),
    ...(fresh > 0 ? [`${plural(fresh, 'row')} of parts you did not have`] : []),
    ...(addsTo > 0 ? [`${plural(addsTo, 'row')} beside pieces you have elsewhere`] : []),
    ...(replaces > 0 ? [`${plural(replaces, 'row')} with another count or note`] : []),
  ];
  return (
    <div className="mt-3 min-h-0">
      <p>{parts.length === 0 ? 'It changes nothing.' : `${parts.join(', ')}.`}</p>
      {rows.length > 0 && (
        <ul aria-label="What it changes" className="mt-1 max-h-48 overflow-auto text-[0.93rem]">
          {rows.map((row) => (
            <li key={row.line} className="border-rule flex gap-3 border-t py-0.5">
              <span className="text-pencil w-14 shrink-0 font-mono">{row.line}</span>
              <span className="min-w-0 flex-1 truncate">{itemName({ kind: 'variant', item: row.variant }, catalogue)}</span>
              <span className={row.kind === 'replaces' ? 'text-saffron' : ''}>{wordsOf(row)}</span>
            </li>
          ))}
        </ul>
      )}
    </div>
  );
}
