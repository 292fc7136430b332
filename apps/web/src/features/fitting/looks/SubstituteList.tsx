import { ArrowUp, X } from 'lucide-react';
import type { NotedSubstituteDto } from '@/api';
import { KeptInput } from '@/ui';
import { useWorkspace } from '@/workspace';
import type { LookEdits } from './useLookEdits';

/** Parts that would do as well, in order of preference, each with its reason: errands may buy them instead. */
export function SubstituteList({ rows, edits }: { readonly rows: readonly NotedSubstituteDto[]; readonly edits: LookEdits }) {
  const { catalogue } = useWorkspace();
  return (
    <section aria-label="Substitutes" className="border-rule bg-paper max-h-36 overflow-auto border-b px-4 py-2 text-[0.87rem]">
      <h3 className="text-pencil font-sans font-semibold">Substitutes, best first</h3>
      <ol>
        {rows.map((row, i) => {
          const name = catalogue.nameOf(catalogue.variant(row.variant));
          const at = { position: row.position, variant: row.variant };
          return (
            <li key={row.variant} className="flex items-center gap-1.5">
              <span className="font-mono">{i + 1}</span>
              <span className="w-40 truncate" title={name}>
                {name}
              </span>
              <KeptInput
                label={`Why ${name} would do`}
                placeholder="Why it would do"
                className="!py-0"
                optional
                value={row.reason}
                maxLength={200}
                onKeep={(reason) => edits.apply([{ action: 'note substitute', ...at, reason }], `Why ${name} would do`.slice(0, 200))}
              />
              {i > 0 && (
                <button
                  type="button"
                  aria-label={`Prefer ${name}`}
                  className="p-1"
                  onClick={() => edits.apply([{ action: 'prefer substitute', ...at }], `Prefer ${name}`)}
                >
                  <ArrowUp size={14} strokeWidth={1.75} />
                </button>
              )}
              <button
                type="button"
                aria-label={`Take ${name} off the list`}
                className="p-1"
                onClick={() => edits.apply([{ action: 'drop substitute', ...at }], `Take ${name} off the substitutes`)}
              >
                <X size={14} strokeWidth={1.75} />
              </button>
            </li>
          );
        })}
      </ol>
    </section>
  );
}
