/** A box in tenths of a millimetre, as an SVG viewBox. */
export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

export const boxText = (box: Box): string => `${box.x} ${box.y} ${box.width} ${box.height}`;
