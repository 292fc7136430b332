import { Injectable, type OnApplicationShutdown } from '@nestjs/common';
import { raw } from 'express';
import { Piscina } from 'piscina';
import { Problem } from '../http/index.js';
import { workerBeside } from '../jobs/index.js';
import type { RedrawOutcome, RedrawTask } from './redraw.worker.js';

const MOST_BYTES = 20_000_000;
/** No picture that a camera takes needs longer. */
const MOST_MS = 15_000;

export const PICTURE_TYPES = ['image/png', 'image/jpeg', 'image/webp'];

/** Reads picture bodies as bytes, up to 20 MB. */
export const pictureBody = raw({ type: PICTURE_TYPES, limit: MOST_BYTES });

export interface Redrawn {
  readonly data: Uint8Array;
  readonly width: number;
  readonly height: number;
}

const NO_PICTURE = 'This is no picture that can be read. Send a PNG, JPEG or WebP file.';

/** Is it a PNG, JPEG or WebP by its first bytes, whatever its name or type say? */
export function isRaster(bytes: Uint8Array): boolean {
  const begins = (at: number, ...what: readonly number[]): boolean => what.every((byte, i) => bytes[at + i] === byte);
  return (
    begins(0, 0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a) ||
    begins(0, 0xff, 0xd8, 0xff) ||
    (begins(0, 0x52, 0x49, 0x46, 0x46) && begins(8, 0x57, 0x45, 0x42, 0x50))
  );
}

/** Draws pictures anew in a worker that is ended when one takes too long: a few bytes can ask for minutes of work. */
@Injectable()
export class Rasters implements OnApplicationShutdown {
  private readonly pool = new Piscina<RedrawTask, RedrawOutcome>({
    filename: workerBeside(import.meta.url, 'redraw.worker'),
    minThreads: 0,
    maxThreads: 1,
    idleTimeout: 20_000,
    maxQueue: 60,
  });

  /** A picture turned upright and drawn anew as WebP, at most `longestSide` pixels long: nothing the camera noted is kept. */
  async redraw(body: unknown, longestSide: number): Promise<Redrawn> {
    if (!Buffer.isBuffer(body) || body.length === 0)
      throw new Problem(400, 'Send the picture as the body: PNG, JPEG or WebP, up to 20 MB.');
    if (!isRaster(body)) throw new Problem(422, NO_PICTURE);
    const signal = AbortSignal.timeout(MOST_MS);
    let outcome: RedrawOutcome;
    try {
      outcome = await this.pool.run({ bytes: new Uint8Array(body), longestSide }, { signal });
    } catch (error) {
      if (signal.aborted)
        throw new Problem(422, 'This picture takes too long to read. Save it anew with a picture program, smaller, and try again.');
      if (error instanceof Error && error.message.includes('queue'))
        throw new Problem(429, 'Many pictures are being read already. Wait a moment and send this one again.');
      throw error;
    }
    if (outcome.state === 'drawn') return outcome;
    throw new Problem(
      422,
      outcome.state === 'too large' ? 'The picture has over 60 million pixels. Make it smaller and try again.' : NO_PICTURE,
    );
  }

  async onApplicationShutdown(): Promise<void> {
    await this.pool.destroy();
  }
}
