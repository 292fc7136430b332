import { sparesId } from '@outfit/core/lineup';
import type { ErrandLineDto, FigureDto, LineUpDto } from '@/api';

/** One row of the form: a figure in one of its looks, how many copies as typed, and its group. */
export interface DraftLine {
  readonly figure: string;
  readonly look: string;
  readonly copies: string;
  /** Looks with the same letter are never shown together; "" stands alone. */
  readonly group: string;
}

export const lineOf = (figure: FigureDto, look: string | null = null): DraftLine => ({
  figure: figure.id,
  look: figure.looks.find((row) => row.id === look)?.id ?? figure.chosenLook,
  copies: String(figure.brief.copies),
  group: '',
});

export const linesFrom = (figures: readonly FigureDto[], look: string | null): readonly DraftLine[] =>
  figures.filter((figure) => figure.looks.length > 0).map((figure) => lineOf(figure, look));

/** What a line-up wants beside its looks: a line of its own, served last. */
export const sparesLine = ({ id, plan }: LineUpDto): readonly DraftLine[] =>
  plan.spares.length === 0 ? [] : [{ figure: sparesId(id), look: sparesId(id), copies: '1', group: '' }];

/** A whole number of copies as typed, from 1 to 500; null when it is none. */
export function copiesOf(text: string): number | null {
  const value = Number(text);
  return text.trim() !== '' && Number.isInteger(value) && value >= 1 && value <= 500 ? value : null;
}

/** The lines as the server takes them; null while one of them is not sound. */
export function soundLines(lines: readonly DraftLine[]): ErrandLineDto[] | null {
  const sound = lines.flatMap(({ look, copies, group }) => {
    const count = copiesOf(copies);
    return count === null ? [] : [{ look, copies: count, group: group === '' ? null : group }];
  });
  return sound.length === lines.length && lines.length > 0 ? sound : null;
}
