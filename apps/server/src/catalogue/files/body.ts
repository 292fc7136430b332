import { CATALOGUE_LIMITS } from '@outfit/formats';
import { type NextFunction, raw, type Request, type Response } from 'express';
import type { ProblemBody } from '../../platform/http/index.js';

const TOO_LARGE = `The file is over ${CATALOGUE_LIMITS.maxBytes / 1_000_000} MB. Import it in parts, one kind at a time.`;
const readBody = raw({ type: () => true, limit: CATALOGUE_LIMITS.maxBytes + 1000 });

/** Reads catalogue files of any type as bytes. A file that is too large is refused by its announced length, unread. */
export function catalogueBody(request: Request, response: Response, next: NextFunction): void {
  if (Number(request.headers['content-length'] ?? 0) <= CATALOGUE_LIMITS.maxBytes) return readBody(request, response, next);
  response.setHeader('Connection', 'close');
  response.status(413).json({ status: 413, message: TOO_LARGE, faults: [] } satisfies ProblemBody);
  // The rest is let run into the void, or the client would see a broken connection and not the answer.
  request.resume();
}
