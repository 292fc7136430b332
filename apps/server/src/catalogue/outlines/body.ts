import { OUTLINE_LIMITS } from '@outfit/formats';
import { type NextFunction, raw, type Request, type RequestHandler, type Response } from 'express';
import type { ProblemBody } from '../../platform/http/index.js';

const read = raw({ type: 'image/svg+xml', limit: OUTLINE_LIMITS.maxCharacters * 2 }) as RequestHandler;
const TOO_LONG = 'The drawing is longer than 500,000 characters. Simplify its outlines, or trace it anew.';

/** Reads drawings as bytes. A longer one is refused before it is read to its end. */
export const drawingBody: RequestHandler = (request: Request, response: Response, next: NextFunction): void => {
  void read(request, response, (error?: unknown) => {
    if ((error as { type?: string } | undefined)?.type !== 'entity.too.large') return next(error);
    response.status(413).json({ status: 413, message: TOO_LONG, faults: [] } satisfies ProblemBody);
  });
};
