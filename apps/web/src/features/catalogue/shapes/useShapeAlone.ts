import { Catalogue, type Mould, type OwnOutline, type Shaping, type Variant } from '@outfit/core';
import { useMemo } from 'react';
import { useWorkspace } from '@/workspace';
import { coloursFor, emptyDraft, mouldOfDraft, sampleIn } from './draft';

interface ShapeAlone {
  readonly mould: Mould;
  readonly variant: Variant;
  /** A catalogue of this one part. */
  readonly alone: Catalogue;
}

/** A shape that is no mould yet, as a part of a little catalogue that can be drawn. */
export function useShapeAlone(shaping: Shaping, outline: OwnOutline | null = null): ShapeAlone {
  const { catalogue } = useWorkspace();
  return useMemo(() => {
    const mould = mouldOfDraft({ ...emptyDraft(shaping.family), shaping, outline, number: 'shape' });
    const variant = sampleIn(mould, catalogue);
    const alone = new Catalogue({
      ...catalogue.data,
      colours: coloursFor(catalogue),
      moulds: [mould],
      prints: [],
      variants: [variant],
      bundles: [],
      sources: [],
      officialFigures: [],
    });
    return { mould, variant, alone };
  }, [shaping, outline, catalogue]);
}
