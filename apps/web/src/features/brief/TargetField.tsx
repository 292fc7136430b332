import { AGE_BANDS, AS_ITS_AGE, type Catalogue, type FeatureKind, MOOD_NAMES, readPredicate } from '@outfit/core';
import { useId } from 'react';
import { ColourPicker } from '@/parts';
import { Choice, Input } from '@/ui';

const FIRST_TARGETS: Partial<Record<FeatureKind, string>> = {
  expression: 'calm',
  height: AS_ITS_AGE,
  shape: 'tied',
  identity: 'Somebody',
  'any with': 'brown brows and a calm face',
  words: 'lantern keeper',
};

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
      return <ColourPicker label="Target" value={target} onChoose={onChange} />;
    case 'expression':
      return options(MOOD_NAMES.map((mood) => ({ value: mood, label: mood })));
    case 'height':
      return options([AS_ITS_AGE, ...AGE_BANDS].map((band) => ({ value: band, label: band })));
    case 'any with': {
      const { conditions, unknown } = readPredicate(target, catalogue);
      const read = conditions.map((condition) => condition.text).join(' + ') || 'nothing yet';
      return (
        <>
          <TextTarget target={target} onChange={onChange} />
          <span className={`block text-[0.8rem] ${unknown.length > 0 ? 'text-saffron' : 'text-pencil'}`}>
            {unknown.length > 0 ? `Not understood: ${unknown.join(', ')}` : `All of: ${read}`}
          </span>
        </>
      );
    }
    case 'words':
      return <TextTarget target={target} onChange={onChange} />;
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

const TextTarget = ({ target, onChange }: Pick<TargetFieldProps, 'target' | 'onChange'>) => (
  <Input
    aria-label="Target"
    value={target}
    maxLength={200}
    onChange={(event) => event.target.value !== '' && onChange(event.target.value)}
  />
);
