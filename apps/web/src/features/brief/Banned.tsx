import { X } from 'lucide-react';
import { useMemo } from 'react';
import type { BriefDto } from '@/api';
import { Choice } from '@/ui';
import { useWorkspace } from '@/workspace';

interface BannedProps {
  readonly brief: BriefDto;
  readonly onChange: (part: Partial<BriefDto>) => void;
}

/** Official figures none of whose parts may be used, and sources nothing may come from. */
export function Banned({ brief, onChange }: BannedProps) {
  const { catalogue } = useWorkspace();
  const { figures, sources } = useMemo(() => {
    const { officialFigures, sources: all } = catalogue.data;
    return {
      figures: new Map(officialFigures.map((row) => [row.id, `${row.person ?? row.name}, ${row.id}`])),
      sources: new Map(all.map((row) => [row.id, `${row.name}, ${row.id}`])),
    };
  }, [catalogue]);
  return (
    <>
      <BannedList
        title="No part of these official figures"
        add="Rule out a figure…"
        names={figures}
        ids={brief.bannedFigures}
        onChange={(bannedFigures) => onChange({ bannedFigures })}
      />
      <BannedList
        title="Nothing from these sources alone"
        add="Rule out a source…"
        names={sources}
        ids={brief.bannedSources}
        onChange={(bannedSources) => onChange({ bannedSources })}
      />
    </>
  );
}

interface BannedListProps {
  readonly title: string;
  readonly add: string;
  readonly names: ReadonlyMap<string, string>;
  readonly ids: readonly string[];
  readonly onChange: (ids: string[]) => void;
}

function BannedList({ title, add, names, ids, onChange }: BannedListProps) {
  const others = [...names].filter(([id]) => !ids.includes(id)).map(([value, label]) => ({ value, label }));
  return (
    <fieldset>
      <legend className="text-pencil mb-0.5 text-[0.87rem]">{title}</legend>
      <ul>
        {ids.map((id) => (
          <li key={id} className="flex items-center justify-between text-[0.93rem]">
            {names.get(id) ?? id}
            <button
              type="button"
              aria-label={`Allow ${names.get(id) ?? id} again`}
              className="p-0.5"
              onClick={() => onChange(ids.filter((other) => other !== id))}
            >
              <X size={15} strokeWidth={1.75} />
            </button>
          </li>
        ))}
      </ul>
      <Choice
        aria-label={add.replace('…', '')}
        value=""
        options={[{ value: '', label: add }, ...others.sort((a, b) => a.label.localeCompare(b.label))]}
        onChoose={(id) => id !== '' && onChange([...ids, id])}
      />
    </fieldset>
  );
}
