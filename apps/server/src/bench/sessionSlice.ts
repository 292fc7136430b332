import type { Document, Slice } from '../platform/log/index.js';
import type { SessionRow, TickRow } from './bench.record.js';

/** A session as a deed finds or leaves it. */
export interface KeptSession {
  /** The plan is told only where it changes. */
  readonly session: Omit<SessionRow, 'plan'> & { readonly plan?: string };
  readonly ticks: readonly TickRow[];
  readonly troubles: readonly number[];
}

/** A session as the history keeps it. Versions only ever rise, and are none of it. */
export function documentOf({ session: { version: _, ...session }, ticks, troubles }: KeptSession): Document {
  return { ...session, ticks, troubles };
}

/** The other way round. */
export function sessionOf({ ticks, troubles, ...session }: Document, id: string): KeptSession {
  return {
    session: { ...(session as unknown as SessionRow), id, version: 0 },
    ticks: ticks as readonly TickRow[],
    troubles: troubles as readonly number[],
  };
}

/** What a deed changed of a session. */
export const sessionSlice = (before: KeptSession, after: KeptSession): Slice => ({
  subject: 'session',
  item: after.session.id,
  before: documentOf(before),
  after: documentOf(after),
});
