import type { CatalogueKind } from '@outfit/core';
import type { ReactNode } from 'react';
import { useNavigate } from 'react-router';
import { useBinEntryMutation } from '@/api';
import { attempt, Button, tell } from '@/ui';

interface EntryDeedsProps {
  readonly kind: CatalogueKind;
  readonly item: string;
  readonly name: string;
  /** Where one is once it is gone. */
  readonly goneTo: string;
  readonly children?: ReactNode;
}

/** What can be done with an entry as a whole. One that something uses stays, and what uses it is said. */
export function EntryDeeds({ kind, item, name, goneTo, children }: EntryDeedsProps) {
  const [bin, { isLoading }] = useBinEntryMutation();
  const navigate = useNavigate();
  return (
    <div className="flex flex-wrap items-center gap-1.5">
      {children}
      <Button
        className="!py-0.5"
        disabled={isLoading}
        onClick={() =>
          void attempt(bin({ kind, key: item }).unwrap()).then((done) => {
            if (!done) return;
            tell(`“${name}” lies in the bin, and comes back whole from there.`);
            void navigate(goneTo);
          })
        }
      >
        Put in the bin
      </Button>
    </div>
  );
}
