import type { Catalogue, Look } from '@outfit/core';
import { figureSvg } from '@outfit/drawing';
import { useMemo } from 'react';
import { imaginedPositions } from './FigurePicture';

/**
 * A figure as a picture that nothing points at: one thing to the browser in place of the hundreds of shapes it is drawn with, which a row of
 * figures would have it go through whenever anything on the page moves. Its name stands beside.
 */
export function StillFigure({
  look,
  catalogue,
  pxPerMm,
}: {
  readonly look: Look;
  readonly catalogue: Catalogue;
  readonly pxPerMm: number;
}) {
  const picture = useMemo(
    () => figureSvg(look, catalogue, { view: 'front', idPrefix: 'f', tacked: imaginedPositions(look, catalogue), pxPerMm, title: '' }),
    [look, catalogue, pxPerMm],
  );
  return <img src={`data:image/svg+xml,${encodeURIComponent(picture)}`} alt="" draggable={false} decoding="sync" />;
}
