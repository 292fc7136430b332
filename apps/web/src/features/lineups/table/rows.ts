import { graveCount, money } from '@outfit/core';
import { seenOf } from '@outfit/core/lineup';
import type { LineUpDto } from '@/api';
import type { Judged, Promised, ToBuy } from '@/workspace';

/** One figure as the table and its file tell it: every column as text, and what it is sorted by. */
export interface FigureRow {
  readonly judged: Judged;
  readonly cells: Readonly<Record<Column, { readonly text: string; readonly sort: string | number }>>;
}

export const COLUMNS = {
  number: 'No.',
  name: 'Name',
  role: 'Role',
  faction: 'Faction',
  likeness: 'Likeness',
  marks: 'Marks',
  toBuy: 'To buy',
  cost: 'Cost',
  standing: 'Standing',
  face: 'Face',
  hair: 'Hair',
  height: 'Stands (mm)',
  due: 'Due',
  copies: 'Copies',
  credit: 'Credit',
} as const;
export type Column = keyof typeof COLUMNS;
export const FIRST_COLUMNS: readonly Column[] = [
  'number',
  'name',
  'role',
  'faction',
  'likeness',
  'marks',
  'toBuy',
  'cost',
  'standing',
  'height',
  'due',
];
/** Columns of figures, which stand to the right. */
export const RIGHT: readonly Column[] = ['number', 'likeness', 'marks', 'toBuy', 'cost', 'height', 'copies'];

const LAST = '￿';

/** The rows of the table, in the order figures stand in. */
export function rowsOf(
  { plan }: LineUpDto,
  judged: readonly Judged[],
  promised: Pick<Promised, 'standingOf' | 'dueOf'> | null,
  toBuy: (row: Judged) => ToBuy | null,
): readonly FigureRow[] {
  return judged.map((row, i) => {
    const { figure, look, judgement, workspace } = row;
    const { catalogue, currency } = workspace;
    const seen = seenOf({ ...figure, name: figure.brief.name, look }, catalogue);
    const hair = seen.worn.find(({ part }) => part.position === 'headgear');
    const faction = plan.factions.find(({ id }) => id === figure.faction)?.name ?? '';
    const { face } = seen;
    const plain = (text: string): { text: string; sort: string } => ({ text, sort: text.toLowerCase() || LAST });
    const number = (value: number | null, text = value === null ? '' : String(value)): { text: string; sort: number } => ({
      text,
      sort: value ?? -1,
    });
    const likeness = judgement?.likeness.shown ?? null;
    const buys = toBuy(row);
    const about = buys && (buys.isPlanned ? 'planned ' : 'about ');
    return {
      judged: row,
      cells: {
        number: number(i + 1),
        name: plain(figure.brief.name),
        role: plain(figure.role),
        faction: plain(faction),
        likeness: number(likeness),
        marks: number(judgement ? graveCount(judgement.marks) : null),
        toBuy: number(buys?.pieces ?? null),
        cost: number(buys?.minor ?? null, buys ? `${buys.minor > 0 ? about : ''}${money(buys.minor, currency)}` : ''),
        standing: plain(promised?.standingOf(figure.id) ?? ''),
        face: plain(face ? `${face.head.print?.name ?? 'blank'}${face.mood ? `, ${face.mood}` : ''}` : ''),
        hair: plain(hair ? catalogue.nameOf(catalogue.variant(hair.variant.id)) : ''),
        height: number(judgement?.standing.total ?? null, judgement ? judgement.standing.total.toFixed(1) : ''),
        due: plain(promised?.dueOf(figure.id) ?? ''),
        copies: number(figure.brief.copies),
        credit: plain(figure.brief.credit),
      },
    };
  });
}

/** Rows whose cells hold every word, in the order of a column. */
export function shownRows(rows: readonly FigureRow[], words: string, by: Column, isDown: boolean): readonly FigureRow[] {
  const wanted = words.toLowerCase().split(/\s+/).filter(Boolean);
  const found = rows.filter(({ cells }) => {
    const all = Object.values(cells)
      .map(({ text }) => text.toLowerCase())
      .join(' ');
    return wanted.every((word) => all.includes(word));
  });
  const sign = isDown ? -1 : 1;
  return [...found].sort((a, b) => {
    const [x, y] = [a.cells[by].sort, b.cells[by].sort];
    return x === y ? 0 : x < y ? -sign : sign;
  });
}
