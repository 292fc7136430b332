import { list } from '@outfit/core';
import type { ClashDto } from '@/api';
import { longDay } from '@/ui';

type Contender = ClashDto['contenders'][number];
type Aside = ClashDto['aside'][number];

const MOST_NAMED = 4;

const listNames = (rows: readonly Contender[], of: (row: Contender) => string): string => {
  const shown = rows.slice(0, MOST_NAMED).map(of);
  return list(rows.length > MOST_NAMED ? [...shown, `${rows.length - MOST_NAMED} more`] : shown);
};

const FLAWED: Readonly<Record<NonNullable<Aside['defect']>, string>> = {
  misprint: 'misprinted',
  crack: 'cracked',
  yellowing: 'yellowed',
  'faded print': 'faded',
  loose: 'loose in its joint',
  scratched: 'scratched',
  cut: 'cut',
};

/**
 * How many there are of a part, how many of these cannot serve and why, and how many are wanted and short.
 *
 * @example "26 owned, 1 of them misprinted, 40 wanted, 15 short"
 */
export function shortWords({ owned, aside, wanted, short }: Pick<ClashDto, 'owned' | 'aside' | 'wanted' | 'short'>): string {
  const whys = aside
    .filter(({ why }) => why !== 'kept whole')
    .map(({ quantity, why, who, dueOn, defect }) =>
      why === 'lent'
        ? `${quantity} of them lent to ${who ?? 'somebody'}${dueOn === null ? '' : `, due back ${longDay(dueOn)}`}`
        : `${quantity} of them ${why === 'altered' || defect === null ? 'altered' : FLAWED[defect]}`,
    );
  const kept = aside.reduce((all, { why, quantity }) => all + (why === 'kept whole' ? quantity : 0), 0);
  const beside = kept > 0 ? [`${kept} more on whole figures that stay whole`] : [];
  return [`${owned} owned`, ...whys, ...beside, `${wanted} wanted`, `${short} short`].join(', ');
}

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
  if (first.because === 'whole') return 'a whole figure you have is it as it stands';
  if (first.because === 'pinned') return 'it was kept for it';
  const before = next ? `, before ${next.name}` : '';
  return first.dueOn === null ? `earlier in line${before}` : `due ${longDay(first.dueOn)}${before}`;
}
