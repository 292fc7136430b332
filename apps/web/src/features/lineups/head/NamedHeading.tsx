import { Pencil } from 'lucide-react';
import { useState } from 'react';
import { Button, KeptInput } from '@/ui';

/** The name of the page, which can be written over. */
export function NamedHeading({ name, onKeep }: { readonly name: string; readonly onKeep: (name: string) => void }) {
  const [isWritten, setWritten] = useState(false);
  if (isWritten)
    return (
      <KeptInput
        label="Name of the line-up"
        className="!w-72"
        value={name}
        maxLength={80}
        onKeep={onKeep}
        onLeft={() => setWritten(false)}
      />
    );
  return (
    <span className="flex min-w-0 items-baseline gap-1">
      <h1 className="truncate text-2xl">{name}</h1>
      <Button tone="quiet" className="!px-1" aria-label={`Rename ${name}`} onClick={() => setWritten(true)}>
        <Pencil size={15} strokeWidth={1.75} />
      </Button>
    </span>
  );
}
