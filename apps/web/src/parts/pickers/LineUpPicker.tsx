import { useMemo } from 'react';
import { Picker, plural } from '@/ui';
import { useNames } from '@/workspace';

interface LineUpPickerProps {
  readonly label: string;
  readonly value: string | null;
  readonly onChoose: (lineUp: string) => void;
  /** One that is not offered: the line-up one is in. */
  readonly except?: string;
  readonly placeholder?: string;
  readonly className?: string;
}

/** A line-up by its name. */
export function LineUpPicker({ except, ...rest }: LineUpPickerProps) {
  const names = useNames();
  const options = useMemo(
    () =>
      names
        .filter(({ id }) => id !== except)
        .map(({ id, name, figures }) => ({ value: id, text: name, more: plural(figures.length, 'figure') })),
    [names, except],
  );
  return <Picker {...rest} options={options} />;
}
