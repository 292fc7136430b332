import { type Catalogue, type Mould, paletteOrder, type Variant } from '@outfit/core';
import { useMemo } from 'react';
import { useWorkspace } from '@/workspace';
import { PartPicture } from '../FigurePicture';

const PICTURE_PX = 38;

/** A mould as one of its parts, or in the first colour of the palette while it has none; null in a catalogue without colours. */
function sampleOf(mould: Mould, catalogue: Catalogue): Variant | null {
  const [known] = catalogue.variantsOf(mould.number);
  if (known) return known;
  const [colour] = [...catalogue.data.colours].sort(paletteOrder);
  return colour ? { id: `${mould.number}·${colour.id}`, mould: mould.number, colours: [colour.id] } : null;
}

/** One part by its id, as small as lists have it. */
export function SmallPart({ variant }: { readonly variant: Variant }) {
  const { catalogue } = useWorkspace();
  const wider = useMemo(() => catalogue.withVariant(variant), [catalogue, variant]);
  const position = catalogue.mouldOf(variant).fills[0]?.[0] ?? 'beside';
  return <PartPicture variant={variant} position={position} catalogue={wider} size={PICTURE_PX} tacked={false} />;
}

/** A mould as small as lists have it, without any print. */
export function SmallMould({ mould }: { readonly mould: Mould }) {
  const { catalogue } = useWorkspace();
  const sample = useMemo(() => sampleOf(mould, catalogue), [mould, catalogue]);
  return sample && <SmallPart variant={sample} />;
}
