import { type Look, spotOf } from '@outfit/core';
import { useMemo } from 'react';
import type { DonorDto } from '@/api';
import { FigurePicture } from '@/parts';
import { useWorkspace } from '@/workspace';

/** A whole figure as it stands there: what is left of it, and its holes in tacking line. */
export function DonorPicture({ donor, pxPerMm }: { readonly donor: DonorDto; readonly pxPerMm: number }) {
  const { catalogue } = useWorkspace();
  const look = useMemo((): Look => {
    const official = catalogue.data.officialFigures.find((figure) => figure.id === donor.officialFigure);
    return { parts: official?.parts ?? [], overrules: [] };
  }, [catalogue, donor.officialFigure]);
  const holes = useMemo(() => new Set(donor.holes.map(spotOf)), [donor.holes]);
  return <FigurePicture look={look} catalogue={catalogue} pxPerMm={pxPerMm} label="" holes={holes} />;
}
