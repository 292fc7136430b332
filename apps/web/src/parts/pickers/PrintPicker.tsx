import type { Print, Variant } from '@outfit/core';
import { useMemo } from 'react';
import { type Pick, Picker } from '@/ui';
import { useWorkspace } from '@/workspace';
import { SmallPart } from './pictured';

interface PrintPickerProps {
  readonly label: string;
  readonly value: string;
  readonly onChoose: (print: string) => void;
  readonly prints: readonly Print[];
  /** A part with a print on it, as it would look. */
  readonly worn: (print: string) => Variant;
}

type PrintPick = Pick & { readonly variant: Variant };

/** A print, or none, chosen by how it looks on the part. */
export function PrintPicker({ prints, worn, ...rest }: PrintPickerProps) {
  const { catalogue } = useWorkspace();
  const options = useMemo(
    (): readonly PrintPick[] => [
      { value: '', text: 'No print', variant: worn('') },
      ...prints.map((print) => ({
        value: print.id,
        text: print.name,
        more: print.motifs.map((motif) => catalogue.motifName(motif.motif)).join(', '),
        variant: worn(print.id),
      })),
    ],
    [prints, worn, catalogue],
  );
  return <Picker {...rest} options={options} picture={(option) => <SmallPart variant={option.variant} />} />;
}
