import { Catalogue, type Shaping } from '@outfit/core';
import type { View } from '@outfit/drawing';
import { useMemo } from 'react';
import { PartPicture } from '@/parts';
import { useWorkspace } from '@/workspace';
import { coloursFor, emptyDraft, mouldOfDraft, sampleIn } from './draft';

interface ShapePictureProps {
  readonly shaping: Shaping;
  readonly size: number;
  readonly view?: View;
}

/** A shape that is no mould yet, drawn by itself. */
export function ShapePicture({ shaping, size, view }: ShapePictureProps) {
  const { catalogue } = useWorkspace();
  const drawn = useMemo(() => {
    const mould = mouldOfDraft({ ...emptyDraft(shaping.family), shaping, number: 'shape' });
    const variant = sampleIn(mould, catalogue);
    const little = new Catalogue({
      ...catalogue.data,
      colours: coloursFor(catalogue),
      moulds: [mould],
      prints: [],
      variants: [variant],
      systems: [],
      bundles: [],
      sources: [],
      officialFigures: [],
    });
    return { mould, variant, little };
  }, [shaping, catalogue]);
  return (
    <PartPicture
      variant={drawn.variant}
      position={drawn.mould.fills[0]?.[0] ?? 'beside'}
      catalogue={drawn.little}
      size={size}
      tacked={false}
      {...(view && { view })}
    />
  );
}
