import { TABLE_LIMITS } from '@outfit/formats';
import { raw, type NextFunction, type Request, type RequestHandler, type Response } from 'express';
import { Problem } from './problem.js';

/** No document that a person or this application writes is nested deeper. */
const MOST_DEPTH = 40;
/** A body that has not come whole by then is given up: a dripping one would hold its connection for ever. */
const MOST_BODY_MS = 60_000;

/**
 * How deep the brackets of a JSON text are nested, without parsing it; texts are skipped, whatever stands in them. Validation
 * walks a document by recursion, so that one nested a thousand deep would end it.
 */
export function depthOf(bytes: Uint8Array): number {
  let depth = 0;
  let deepest = 0;
  let isText = false;
  for (let i = 0; i < bytes.length; i += 1) {
    const byte = bytes[i];
    if (isText) {
      if (byte === BACKSLASH) i += 1;
      else if (byte === QUOTE) isText = false;
    } else if (byte === QUOTE) isText = true;
    else if (byte === BRACE || byte === BRACKET) deepest = Math.max(deepest, (depth += 1));
    else if (byte === BRACE_END || byte === BRACKET_END) depth -= 1;
  }
  return deepest;
}
const [QUOTE, BACKSLASH, BRACE, BRACE_END, BRACKET, BRACKET_END] = ['"', '\\', '{', '}', '[', ']'].map((c) => c.charCodeAt(0));

/** Names that set the inner workings of an object, not what somebody means. */
const OF_THE_MACHINE = new Set(['__proto__', 'constructor', 'prototype']);

function parseJson(bytes: Uint8Array): unknown {
  if (depthOf(bytes) > MOST_DEPTH) throw new Problem(400, `What was sent is nested over ${MOST_DEPTH} deep. Nothing here is.`);
  let text: string;
  try {
    text = new TextDecoder('utf-8', { fatal: true }).decode(bytes);
  } catch {
    throw new Problem(400, 'What was sent is not UTF-8 text. Send it in UTF-8.');
  }
  const stranger = (key: string): never => {
    throw new Problem(400, `What was sent names “${key}”. Leave it out.`);
  };
  try {
    return JSON.parse(text, (key: string, value: unknown) => (OF_THE_MACHINE.has(key) ? stranger(key) : value)) as unknown;
  } catch (error) {
    if (error instanceof Problem) throw error;
    throw new Problem(400, 'What was sent is no valid JSON. Look for a missing bracket, comma or quote.');
  }
}

/**
 * Reads JSON bodies up to a size. They are parsed here, so that what is nested too deep, or sets the inner workings of an
 * object, is refused before anything walks it, and in our words. A body that was read before as a file is left as it is.
 */
export function jsonBody(limit: string): RequestHandler {
  const read = raw({ type: ['application/json', 'application/*+json'], limit });
  return (request: Request, response: Response, next: NextFunction) => {
    if (Buffer.isBuffer(request.body)) return next();
    read(request, response, (error?: unknown) => {
      if (error !== undefined || !Buffer.isBuffer(request.body)) return next(error);
      try {
        request.body = request.body.length === 0 ? {} : parseJson(request.body);
        next();
      } catch (fault) {
        if (!(fault instanceof Problem)) return next(fault);
        response.status(fault.getStatus()).json(fault.getResponse());
      }
    });
  };
}

/** Reads text/csv bodies as bytes: the encoding is part of what an import checks. */
export const csvBody = raw({ type: 'text/csv', limit: TABLE_LIMITS.maxBytes + 1000 });

/** Reads a whole ledger as bytes: a worker parses it. */
export const ledgerBody = raw({ type: 'application/octet-stream', limit: '100mb' });

/** The bytes of a CSV body, or a refusal that says how to send one. */
export function bytesOf(body: unknown): Uint8Array {
  if (!Buffer.isBuffer(body) || body.length === 0) throw new Problem(400, 'Send the CSV file as the body, with the content type text/csv.');
  return body;
}

/** Closes connections whose body drips in without end. */
export function inGoodTime(request: Request, response: Response, next: NextFunction): void {
  if (request.method === 'GET' || request.method === 'HEAD') return next();
  const timer = setTimeout(() => {
    if (request.readableEnded || response.headersSent) return;
    response.setHeader('Connection', 'close');
    response.status(408).json({ status: 408, message: 'What was sent did not come whole within a minute. Send it again.', faults: [] });
    request.destroy();
  }, MOST_BODY_MS);
  request.once('end', () => clearTimeout(timer));
  request.once('close', () => clearTimeout(timer));
  next();
}
