import type { Document, Slice } from '../platform/log/index.js';
import type { BenchPlan, SessionEntity, TickEntity } from './bench.entities.js';

/** A session as a deed finds or leaves it. */
export interface KeptSession {
  /** The plan is told only where it changes. */
  readonly session: Omit<SessionEntity, 'plan'> & { readonly plan?: BenchPlan };
  readonly ticks: readonly TickEntity[];
  readonly troubles: readonly number[];
}

/** A session as the history keeps it. Versions only ever rise, and are none of it. */
export function documentOf({ session: { version: _, ...session }, ticks, troubles }: KeptSession): Document {
  return { ...session, ticks, troubles };
}

/** What a deed changed of a session. */
export const sessionSlice = (before: KeptSession, after: KeptSession): Slice => ({
  subject: 'session',
  item: after.session.id,
  before: documentOf(before),
  after: documentOf(after),
});
