import type { Catalogue, Look, Position, Variant } from '@outfit/core';
import { boxText, drawLook, drawVariant, figureBox, tellingView, type View } from '@outfit/drawing';
import { useId, useMemo } from 'react';

interface FigurePictureProps {
  readonly look: Look;
  readonly catalogue: Catalogue;
  /** Pixels per millimetre: figures side by side share it, so that heights compare. */
  readonly pxPerMm: number;
  /** Empty when its name stands beside. */
  readonly label: string;
  readonly view?: View;
  /** Spots whose part is not there: drawn as a tacking line. */
  readonly holes?: ReadonlySet<string> | undefined;
}

/** A figure drawn at a given scale, standing on its lower edge. */
export function FigurePicture({ look, catalogue, pxPerMm, label, view = 'front', holes }: FigurePictureProps) {
  const id = useId();
  const drawn = useMemo(
    () => ({
      ...drawLook(look, catalogue, { view, idPrefix: id, tacked: imaginedPositions(look, catalogue), ...(holes ? { holes } : {}) }),
      box: figureBox(look, catalogue),
    }),
    [look, catalogue, view, id, holes],
  );
  const { box } = drawn;
  return (
    <svg
      {...(label === '' ? { 'aria-hidden': true } : { role: 'img', 'aria-label': label })}
      viewBox={boxText(box)}
      width={(box.width / 10) * pxPerMm}
      height={(box.height / 10) * pxPerMm}
      className="isolate"
      dangerouslySetInnerHTML={{ __html: drawn.markup }}
    />
  );
}

/** Positions of parts nobody has made: they are drawn with a tacking line. */
export function imaginedPositions(look: Look, catalogue: Catalogue): ReadonlySet<Position> {
  return new Set(look.parts.filter((part) => catalogue.variant(part.variant).made === undefined).map((part) => part.position));
}

interface PartPictureProps {
  readonly variant: Variant;
  readonly position: Position;
  readonly catalogue: Catalogue;
  readonly size: number;
  /** Dashed when it is not owned or has never been made, solid when it lies in the wardrobe. */
  readonly tacked: boolean;
  /** The side that tells most when not given. */
  readonly view?: View;
  /** The index of a colour to be seen. */
  readonly lit?: number | null;
}

/** One part by itself on a card. Decorative: its name always stands beside. */
export function PartPicture({
  variant,
  position,
  catalogue,
  size,
  tacked,
  view = tellingView(catalogue.mouldOf(variant)),
  lit = null,
}: PartPictureProps) {
  const id = useId();
  const { markup, viewBox } = useMemo(
    () => drawVariant(variant, position, catalogue, id, view, lit),
    [variant, position, catalogue, id, view, lit],
  );
  return (
    <svg
      aria-hidden="true"
      viewBox={viewBox}
      width={size}
      height={size}
      className={`bg-paper rounded-cut isolate shrink-0 border ${tacked ? 'border-pencil border-dashed' : 'border-rule'}`}
      dangerouslySetInnerHTML={{ __html: markup }}
    />
  );
}
