import type { SessionSummaryDto } from '@/api';

/** Where a session is: under the first figure it builds, so that the thread tells of that one. */
export const sessionPath = ({ id, figures }: Pick<SessionSummaryDto, 'id' | 'figures'>): string =>
  `/figures/${figures[0]?.figure ?? ''}/bench/${id}`;
