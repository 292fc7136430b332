import sharp from 'sharp';

const MOST_PIXELS = 60_000_000;
const QUALITY = 86;

export interface RedrawTask {
  readonly bytes: Uint8Array;
  readonly longestSide: number;
}

export type RedrawOutcome =
  | { readonly state: 'drawn'; readonly data: Uint8Array; readonly width: number; readonly height: number }
  | { readonly state: 'too large' }
  | { readonly state: 'unreadable' };

/** Draws one picture anew. */
export default async function redraw({ bytes, longestSide }: RedrawTask): Promise<RedrawOutcome> {
  try {
    const { data, info } = await sharp(bytes, { limitInputPixels: MOST_PIXELS, failOn: 'error' })
      .rotate()
      .resize({ width: longestSide, height: longestSide, fit: 'inside', withoutEnlargement: true })
      .webp({ quality: QUALITY })
      .toBuffer({ resolveWithObject: true });
    return { state: 'drawn', data: new Uint8Array(data), width: info.width, height: info.height };
  } catch (error) {
    return { state: error instanceof Error && error.message.includes('pixel limit') ? 'too large' : 'unreadable' };
  }
}
