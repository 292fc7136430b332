import { money } from '@outfit/core';
import { Undo2, X } from 'lucide-react';
import { Link } from 'react-router';
import { type ErrandRowDto, useBinErrandMutation, useListErrandsQuery, useRenameErrandMutation } from '@/api';
import { KeptInput, longMinute, plural } from '@/ui';
import { useWorkspace } from '@/workspace';

interface EarlierErrandsProps {
  readonly scope: string;
  /** The errand that is on the screen. */
  readonly open: string | null;
}

/** Every errand planned from here, the newest first: named, opened again, put in the bin and taken out. */
export function EarlierErrands({ scope, open }: EarlierErrandsProps) {
  const { data: rows = [] } = useListErrandsQuery({ scope });
  const [standing, gone] = [rows.filter((row) => row.removedAt === null), rows.filter((row) => row.removedAt !== null)];
  if (rows.length === 0) return null;
  return (
    <section aria-label="Errands so far" className="border-rule border-t pt-3">
      <h2 className="text-[1.07rem]">Errands so far</h2>
      <ol>
        {standing.map((row, i) => (
          <Row key={row.id} row={row} isOpen={row.id === open} isNewest={i === 0} />
        ))}
      </ol>
      {gone.length > 0 && (
        <details className="mt-1">
          <summary className="text-pencil cursor-pointer text-[0.93rem]">{gone.length} in the bin</summary>
          <ol>
            {gone.map((row) => (
              <Row key={row.id} row={row} isOpen={false} isNewest={false} />
            ))}
          </ol>
        </details>
      )}
    </section>
  );
}

function Row({ row, isOpen, isNewest }: { readonly row: ErrandRowDto; readonly isOpen: boolean; readonly isNewest: boolean }) {
  const { currency } = useWorkspace();
  const [rename] = useRenameErrandMutation();
  const [bin] = useBinErrandMutation();
  const name = row.name ?? row.title;
  const away = row.removedAt !== null;
  const facts = [
    longMinute(row.createdAt),
    plural(row.copies, 'figure'),
    row.paidMinor === null ? (row.state === 'running' ? 'being planned' : 'no plan') : money(row.paidMinor, currency),
    ...row.rules,
    ...(row.short ? [`${plural(row.short, 'part')} lacking`] : []),
  ];
  return (
    <li className={`border-rule border-b py-1.5 ${isOpen ? 'border-l-lagoon border-l-[3px] pl-2' : ''}`}>
      <div className="flex items-center gap-1">
        <KeptInput
          label={`Name of the errand ${name}`}
          placeholder={row.title}
          className="min-w-0 flex-1 !py-0"
          optional
          value={row.name ?? ''}
          maxLength={80}
          onKeep={(text) => void rename({ id: row.id, errandNameDto: { name: text.trim() === '' ? null : text.trim() } })}
        />
        <button
          type="button"
          className="p-1"
          aria-label={away ? `Take ${name} out of the bin` : `Put ${name} in the bin`}
          onClick={() => void bin({ id: row.id, errandBinDto: { away: !away } })}
        >
          {away ? <Undo2 size={14} strokeWidth={1.75} /> : <X size={14} strokeWidth={1.75} />}
        </button>
      </div>
      <p className="text-pencil text-[0.87rem]">
        {facts.join(', ')}{' '}
        {!isOpen && !away && (
          <Link to={isNewest ? '?' : `?errand=${row.id}`} className="text-lagoon underline">
            Open
          </Link>
        )}
      </p>
    </li>
  );
}
