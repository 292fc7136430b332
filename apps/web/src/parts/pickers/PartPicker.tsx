import { useCallback, useMemo, useState } from 'react';
import { useSearchCatalogueQuery } from '@/api';
import { Picker } from '@/ui';
import { useWorkspace } from '@/workspace';
import { SmallPart } from './pictured';

interface PartPickerProps {
  readonly label: string;
  readonly value: string | null;
  readonly onChoose: (variant: string) => void;
  readonly className?: string;
}

const MOST_SHOWN = 60;

/** A part of the whole catalogue, however large: the server searches as one types. */
export function PartPicker({ value, ...rest }: PartPickerProps) {
  const { catalogue } = useWorkspace();
  const [words, setWords] = useState('');
  const { data } = useSearchCatalogueQuery({ q: words, sort: 'best', offset: 0, limit: MOST_SHOWN });
  const options = useMemo(() => {
    const found = (data?.variants ?? []).filter((id) => catalogue.has(id));
    const shown = value !== null && catalogue.has(value) && !found.includes(value) && words === '' ? [value, ...found] : found;
    return shown.map((id) => ({ value: id, text: catalogue.nameOf(catalogue.variant(id)), more: catalogue.variant(id).mould }));
  }, [data, catalogue, value, words]);
  const chosen = value !== null && catalogue.has(value) ? { value, text: catalogue.nameOf(catalogue.variant(value)) } : null;
  return (
    <Picker
      {...rest}
      value={value}
      chosen={chosen}
      options={options}
      onWords={useCallback((next: string) => setWords(next.trim()), [])}
      picture={(option) => <SmallPart variant={catalogue.variant(option.value)} />}
    />
  );
}
