import { list } from '@outfit/core';
import type { ClashDto } from '@/api';
import { longDay } from '@/ui';

type Contender = ClashDto['contenders'][number];

const MOST_NAMED = 4;

const listNames = (rows: readonly Contender[], of: (row: Contender) => string): string => {
  const shown = rows.slice(0, MOST_NAMED).map(of);
  return list(rows.length > MOST_NAMED ? [...shown, `${rows.length - MOST_NAMED} more`] : shown);
};

/**
 * Who gets the pieces of a part, why, and who goes short, in one or two sentences.
 *
 * @example "Toss Hallam gets it: due 12 June 2026, before Pim Otterby. Pim Otterby goes without."
 */
export function orderWords(contenders: readonly Contender[]): string {
  const served = contenders.filter((row) => row.gets > 0);
  const short = contenders.filter((row) => row.gets < row.wants);
  const [first] = served;
  if (!first) return `${listNames(short, (row) => row.name)} want it and get none.`;
  const gets = listNames(served, (row) => (row.wants > 1 ? `${row.name} (${row.gets} of ${row.wants})` : row.name));
  const why = reasonOf(first, short.find((row) => row !== first) ?? null);
  const without = short.filter((row) => row.gets === 0);
  return `${gets} ${served.length === 1 ? 'gets' : 'get'} it: ${why}.${without.length > 0 ? ` ${listNames(without, (row) => row.name)} ${without.length === 1 ? 'goes' : 'go'} without.` : ''}`;
}

function reasonOf(first: Contender, next: Contender | null): string {
  if (first.because === 'built') return 'it is built in';
  if (first.because === 'pinned') return 'it was kept for it';
  const before = next ? `, before ${next.name}` : '';
  return first.dueOn === null ? `earlier in line${before}` : `due ${longDay(first.dueOn)}${before}`;
}
