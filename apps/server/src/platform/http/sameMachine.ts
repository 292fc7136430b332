import type { NextFunction, Request, Response } from 'express';
import type { ProblemBody } from './problem.js';

const LOOPBACK = new Set(['localhost', '127.0.0.1', '[::1]']);
/** What a browser says of a request that this server's own pages make, or that a person types. */
const OWN_SITES = new Set(['same-origin', 'none']);

const hostnameOf = (host: string): string => host.replace(/:\d+$/, '');

function originHost(origin: string): string | null {
  try {
    return new URL(origin).host;
  } catch {
    return null;
  }
}

/**
 * Answers only requests addressed to this machine by a page of this server: a foreign `Host` is a rebound name, a foreign
 * `Origin` another site's page, and `Sec-Fetch-Site` says so even where no origin is sent, as with a picture or a form.
 */
export function sameMachine(request: Request, response: Response, next: NextFunction): void {
  const host = request.headers.host ?? '';
  const { origin } = request.headers;
  const site = request.headers['sec-fetch-site'];
  // Following a link from elsewhere to a page is no harm: it changes nothing, and what it shows is shown to the person alone.
  const isLink = request.method === 'GET' && request.headers['sec-fetch-mode'] === 'navigate' && !request.path.startsWith('/api/');
  const isForeign =
    !LOOPBACK.has(hostnameOf(host)) ||
    (origin !== undefined && originHost(origin) !== host) ||
    (typeof site === 'string' && !OWN_SITES.has(site) && !isLink);
  if (!isForeign) return next();
  const body: ProblemBody = { status: 403, message: 'Outfit answers only pages it served itself, on this machine.', faults: [] };
  response.status(403).json(body);
}
