import { type Colour, paletteOrder } from '@outfit/core';
import { useMemo } from 'react';
import { type Pick, Picker } from '@/ui';
import { useWorkspace } from '@/workspace';
import { PINKED } from '../Swatch';

interface ColourPickerProps {
  readonly label: string;
  readonly value: string | null;
  readonly onChoose: (colour: string) => void;
  /** Only those that are wanted here, such as skins. */
  readonly among?: (colour: Colour) => boolean;
  readonly placeholder?: string;
  readonly className?: string;
}

type ColourPick = Pick & { readonly hex: string };

/** A colour of the palette, chosen by its cloth. */
export function ColourPicker({ among, ...rest }: ColourPickerProps) {
  const { catalogue } = useWorkspace();
  const options = useMemo(
    () =>
      [...catalogue.data.colours]
        .filter((colour) => among?.(colour) ?? true)
        .sort(paletteOrder)
        .map((colour): ColourPick => ({
          value: colour.id,
          text: colour.name,
          hex: colour.hex,
          ...(colour.finish === 'solid' ? {} : { more: colour.finish }),
        })),
    [catalogue, among],
  );
  return <Picker {...rest} options={options} picture={(option) => <Cloth hex={option.hex} />} />;
}

const Cloth = ({ hex }: { readonly hex: string }) => (
  <svg width={20} height={23} viewBox="-0.5 -0.5 21 24" aria-hidden="true" className="shrink-0">
    <path d={PINKED} fill={hex} className="stroke-ink" strokeOpacity="0.35" strokeWidth="0.8" />
  </svg>
);
