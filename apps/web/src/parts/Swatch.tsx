import type { Colour } from '@outfit/core';

export const PINKED = 'M0,0 H20 V19 L17.5,22.5 L15,19 L12.5,22.5 L10,19 L7.5,22.5 L5,19 L2.5,22.5 L0,19 Z';

interface SwatchProps {
  readonly colour: Colour;
  readonly reading?: string;
  readonly size?: 'small' | 'large';
}

/** A colour as a cloth swatch with a pinked lower edge and its name, never a bare dot. */
export function Swatch({ colour, reading, size = 'small' }: SwatchProps) {
  const px = size === 'large' ? 24 : 14;
  return (
    <span className="inline-flex items-center gap-1.5">
      <svg width={px} height={px * 1.15} viewBox="-0.5 -0.5 21 24" aria-hidden="true" className="shrink-0">
        <path
          d={PINKED}
          fill={colour.hex}
          stroke="#1B2742"
          strokeOpacity="0.35"
          strokeWidth="0.8"
          opacity={colour.finish === 'clear' ? 0.75 : 1}
        />
      </svg>
      <span>{colour.name}</span>
      {reading !== undefined && <span className="text-pencil text-[0.87rem]">{reading}</span>}
    </span>
  );
}
