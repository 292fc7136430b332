import type { OwnOutline, Shaping } from '@outfit/core';
import type { View } from '@outfit/drawing';
import { PartPicture } from '@/parts';
import { useShapeAlone } from './useShapeAlone';

interface ShapePictureProps {
  readonly shaping: Shaping;
  readonly outline?: OwnOutline | null;
  readonly size: number;
  readonly view?: View;
}

/** A shape that is no mould yet, drawn by itself. */
export function ShapePicture({ shaping, outline = null, size, view }: ShapePictureProps) {
  const { mould, variant, alone } = useShapeAlone(shaping, outline);
  return (
    <PartPicture
      variant={variant}
      position={mould.fills[0]?.[0] ?? 'beside'}
      catalogue={alone}
      size={size}
      tacked={false}
      {...(view && { view })}
    />
  );
}
