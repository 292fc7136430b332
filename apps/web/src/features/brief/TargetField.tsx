import { AGE_BANDS, MOOD_NAMES, type Catalogue, type FeatureKind } from '@outfit/core';
import { useId } from 'react';
import { Choice, Input } from '@/ui/Field';

const FIRST_TARGETS: Partial<Record<FeatureKind, string>> = { expression: 'calm', height: 'adult', shape: 'tied', identity: 'Somebody' };

/** A target to begin with when a person changes what kind of wish it is. */
export function firstTarget(kind: FeatureKind, catalogue: Catalogue): string {
  if (kind === 'motif' || kind === 'absence') return catalogue.data.motifs[0]?.id ?? '';
  if (kind === 'colour') return catalogue.data.colours[0]?.id ?? '';
  return FIRST_TARGETS[kind] ?? '';
}

interface TargetFieldProps {
  readonly kind: FeatureKind;
  readonly target: string;
  readonly catalogue: Catalogue;
  readonly onChange: (target: string) => void;
}

/** The field for what a wish is about, by its kind. */
export function TargetField({ kind, target, catalogue, onChange }: TargetFieldProps) {
  const listId = useId();
  const options = (rows: readonly { readonly value: string; readonly label: string }[]) => (
    <Choice aria-label="Target" value={target} options={rows} onChoose={onChange} />
  );
  switch (kind) {
    case 'motif':
    case 'absence':
      return options(catalogue.data.motifs.map((motif) => ({ value: motif.id, label: motif.name })));
    case 'colour':
      return options(catalogue.data.colours.map((colour) => ({ value: colour.id, label: colour.name })));
    case 'expression':
      return options(MOOD_NAMES.map((mood) => ({ value: mood, label: mood })));
    case 'height':
      return options(AGE_BANDS.map((band) => ({ value: band, label: band })));
    case 'shape':
    case 'identity': {
      const words = [...new Set(catalogue.data.moulds.flatMap((mould) => mould.shape.words))].sort();
      const people = catalogue.data.officialFigures.flatMap((figure) => (figure.person ? [figure.person] : []));
      return (
        <>
          <Input
            aria-label="Target"
            list={listId}
            value={target}
            maxLength={100}
            onChange={(event) => event.target.value !== '' && onChange(event.target.value)}
          />
          <datalist id={listId}>
            {(kind === 'shape' ? words : people).map((word) => (
              <option key={word} value={word} />
            ))}
          </datalist>
        </>
      );
    }
  }
}
