import type { NextFunction, Request, RequestHandler, Response } from 'express';
import { AsyncLocalStorage } from 'node:async_hooks';
import type { Clock } from '../clock/index.js';
import type { Database } from '../db/index.js';
import { Problem } from '../http/index.js';
import type { DeedKeyEntity } from './deedKey.entity.js';
import { DeedKeysStore } from './deedKeys.store.js';

/** A deed that is being worked on: noted with the first thing it writes. */
interface Deed {
  readonly key: string;
  readonly asked: string;
  isNoted: boolean;
}

const KEY = /^[0-9a-zA-Z-]{8,64}$/;
const READING = new Set(['GET', 'HEAD', 'OPTIONS']);
/** Who asks again does so within minutes; a tab that slept does it the next day. */
const KEPT_MS = 2 * 24 * 3_600_000;
const MOST_KEPT = 500_000;

/**
 * Sees to it that a deed which carries a key (`x-outfit-deed`) is done once: the key is written in the same unit of work as the deed, and who
 * asks again under it is given the same answer. A deed that failed before it wrote anything may be asked again.
 */
export function onlyOnce(database: Database, clock: Clock): RequestHandler {
  const deeds = new AsyncLocalStorage<Deed>();
  const store = new DeedKeysStore(database);
  database.beforeCommit(() => {
    const deed = deeds.getStore();
    if (!deed || deed.isNoted) return;
    const now = clock.now();
    if (store.of(deed.key)) throw new Problem(409, 'This is being done already. Wait a moment and look at it again.');
    const letGoBefore = new Date(now.getTime() - KEPT_MS).toISOString();
    store.note({ key: deed.key, asked: deed.asked, at: now.toISOString() }, letGoBefore);
    deed.isNoted = true;
  });
  return (request: Request, response: Response, next: NextFunction): void => {
    const key = request.headers['x-outfit-deed'];
    if (typeof key !== 'string' || !KEY.test(key) || READING.has(request.method)) return next();
    const asked = `${request.method} ${request.originalUrl}`;
    const known = store.of(key);
    if (known) return answerAgain(known, asked, response, next);
    const deed: Deed = { key, asked, isNoted: false };
    const send = response.send.bind(response);
    response.send = (body: unknown) => {
      const answer = typeof body === 'string' && body.length <= MOST_KEPT ? body : null;
      // Who asks again before this is on the disk is told that it was done.
      if (deed.isNoted) void keep(key, response.statusCode, answer);
      response.send = send;
      return send(body);
    };
    const keep = (of: string, status: number, answer: string | null): Promise<void> =>
      deeds.exit(() => database.write(() => store.keepAnswer(of, status, answer))).catch(() => undefined);
    deeds.run(deed, next);
  };
}

function answerAgain({ asked: before, status, answer }: DeedKeyEntity, asked: string, response: Response, next: NextFunction): void {
  if (before !== asked) return next(new Problem(422, 'Something else was asked for under this key. Ask under a new one.'));
  if (status === null || answer === null) return next(new Problem(409, 'This was done already. Load the page again to see it.'));
  response.status(status).type('application/json').send(answer);
}
