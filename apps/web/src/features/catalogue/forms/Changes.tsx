import { useListCatalogueChangesQuery, useUndoCatalogueChangeMutation } from '@/api';
import { Button, longDay, sentenceOf, tell } from '@/ui';

/** The last changes to the catalogue, newest first. */
export function Changes() {
  const { data: changes = [] } = useListCatalogueChangesQuery();
  const [undo, { isLoading }] = useUndoCatalogueChangeMutation();
  if (changes.length === 0) return <p>Nothing was changed yet.</p>;
  return (
    <ul aria-label="Changes">
      {changes.map((change) => (
        <li key={change.id} className="border-rule flex items-baseline gap-3 border-b py-1">
          <span className="text-pencil w-40 shrink-0 text-[0.87rem]">{longDay(change.at)}</span>
          <span className="min-w-0 flex-1 truncate">{change.label}</span>
          {change.undoable && (
            <Button
              disabled={isLoading}
              onClick={() =>
                void undo({ id: change.id })
                  .unwrap()
                  .then(
                    () => tell.success('Taken back.'),
                    (error: unknown) => tell.error(sentenceOf(error)),
                  )
              }
            >
              Take back
            </Button>
          )}
        </li>
      ))}
    </ul>
  );
}
