import type { NextFunction, Request, Response } from 'express';
import type { ProblemBody } from './problem.js';

const LOOPBACK = new Set(['localhost', '127.0.0.1', '[::1]']);

const hostnameOf = (host: string): string => host.replace(/:\d+$/, '');

function originHost(origin: string): string | null {
  try {
    return new URL(origin).host;
  } catch {
    return null;
  }
}

/**
 * Answers only requests addressed to this machine by a page of this server: a foreign `Host` is a rebound name,
 * a foreign `Origin` another site's page.
 */
export function sameMachine(request: Request, response: Response, next: NextFunction): void {
  const host = request.headers.host ?? '';
  const origin = request.headers.origin;
  const foreign = !LOOPBACK.has(hostnameOf(host)) || (origin !== undefined && originHost(origin) !== host);
  if (!foreign) return next();
  const body: ProblemBody = { status: 403, message: 'Outfit answers only pages it served itself, on this machine.', faults: [] };
  response.status(403).json(body);
}
