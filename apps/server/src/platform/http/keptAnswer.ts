import type { Request, Response } from 'express';
import { createHash } from 'node:crypto';
import { promisify } from 'node:util';
import { gzip } from 'node:zlib';

const squeeze = promisify(gzip);

interface Kept {
  readonly etag: string;
  readonly squeezed: Buffer;
}

const kept = new WeakMap<object, Promise<Kept>>();

async function make(source: object): Promise<Kept> {
  const text = Buffer.from(JSON.stringify(source));
  const etag = `"${createHash('sha256').update(text).digest('base64url').slice(0, 22)}"`;
  return { etag, squeezed: await squeeze(text, { level: 6 }) };
}

/**
 * Answers with something large that seldom changes. It is written out and compressed once for as long as `source` is the same
 * object; a browser that has it already is told so and gets nothing.
 */
export async function sendKept(request: Request, response: Response, source: object): Promise<void> {
  let answer = kept.get(source);
  if (!answer) kept.set(source, (answer = make(source)));
  const { etag, squeezed } = await answer;
  response.set({ ETag: etag, 'Cache-Control': 'no-cache', Vary: 'Accept-Encoding' });
  if (request.headers['if-none-match'] === etag) {
    response.status(304).end();
    return;
  }
  response.type('application/json');
  if (request.acceptsEncodings('gzip') === false) {
    response.json(source);
    return;
  }
  response.set('Content-Encoding', 'gzip').end(squeezed);
}
