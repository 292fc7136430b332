import { raw } from 'express';
import sharp from 'sharp';
import { Problem } from './problem.js';

const MOST_BYTES = 20_000_000;
const MOST_PIXELS = 60_000_000;

export const PICTURE_TYPES = ['image/png', 'image/jpeg', 'image/webp'];

/** Reads picture bodies as bytes, up to 20 MB. */
export const pictureBody = raw({ type: PICTURE_TYPES, limit: MOST_BYTES });

export interface Redrawn {
  readonly data: Buffer;
  readonly width: number;
  readonly height: number;
}

/** A picture turned upright and drawn anew as WebP, at most `longestSide` pixels long: nothing the camera noted is kept. */
export async function redraw(body: unknown, longestSide: number): Promise<Redrawn> {
  if (!Buffer.isBuffer(body) || body.length === 0) throw new Problem(400, 'Send the picture as the body: PNG, JPEG or WebP, up to 20 MB.');
  try {
    const { data, info } = await sharp(body, { limitInputPixels: MOST_PIXELS, failOn: 'error' })
      .rotate()
      .resize({ width: longestSide, height: longestSide, fit: 'inside', withoutEnlargement: true })
      .webp({ quality: 86 })
      .toBuffer({ resolveWithObject: true });
    return { data, width: info.width, height: info.height };
  } catch (error) {
    const tooLarge = error instanceof Error && error.message.includes('pixel limit');
    throw new Problem(
      422,
      tooLarge
        ? 'The picture has over 60 million pixels. Make it smaller and try again.'
        : 'This is no picture that can be read. Send a PNG, JPEG or WebP file.',
    );
  }
}
