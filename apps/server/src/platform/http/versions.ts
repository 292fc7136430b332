import { createParamDecorator, type ExecutionContext } from '@nestjs/common';
import { ApiQuery } from '@nestjs/swagger';
import { quote } from '@outfit/core';
import { Conflict, Problem } from './problem.js';

/** Refuses a write that saw another version than the one that stands, with what stands. A write that names none is let through. */
export function refuseStale(what: string, seen: number | undefined, stands: number, current: () => unknown): void {
  if (seen !== undefined && seen !== stands) throw new Conflict(what, current());
}

const MOST_VERSION = Number.MAX_SAFE_INTEGER;

/** Reads the version a write was made over. Without one it is refused: nobody writes over what they did not see. */
export const Seen = createParamDecorator((_: unknown, context: ExecutionContext): number => {
  const { version } = context.switchToHttp().getRequest<{ readonly query: Readonly<Record<string, unknown>> }>().query;
  if (version === undefined) throw new Problem(428, 'Say which version of it you saw: read it once more, and send its version along.');
  const seen = typeof version === 'string' && /^\d{1,16}$/.test(version) ? Number(version) : Number.NaN;
  if (!Number.isSafeInteger(seen))
    throw new Problem(400, `Version is ${quote(version)}: a whole number from 0 to ${MOST_VERSION} belongs there.`);
  return seen;
});

/** What a write over a version needs: said once, for the route and for the document of all routes. */
export const OverVersion = (): MethodDecorator => ApiQuery({ name: 'version', type: Number, description: 'The version that was seen' });
