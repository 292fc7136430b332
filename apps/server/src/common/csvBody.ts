import { TABLE_LIMITS } from '@outfit/formats';
import { raw } from 'express';
import { Problem } from './problem.js';

/** Reads text/csv bodies as bytes: the encoding is part of what an import checks. */
export const csvBody = raw({ type: 'text/csv', limit: TABLE_LIMITS.maxBytes + 1000 });

/** The bytes of a CSV body, or a refusal that says how to send one. */
export function bytesOf(body: unknown): Uint8Array {
  if (!Buffer.isBuffer(body) || body.length === 0) throw new Problem(400, 'Send the CSV file as the body, with the content type text/csv.');
  return body;
}
