import { Injectable } from '@nestjs/common';
import { entryOf, listOf, orNull, readerOf, text, whole } from '@outfit/formats/kept';
import { readChoice } from '@outfit/core/lineup';
import { FiguresStore } from '../figures/index.js';
import { Clock } from '../platform/clock/index.js';
import { Database } from '../platform/db/index.js';
import { HistoryService } from '../platform/history/index.js';
import { Problem } from '../platform/http/index.js';
import { LiveService } from '../platform/live/index.js';
import { type Agreement, type ImportReportDto, readSmallTable } from '../platform/importing/index.js';
import { choiceColumns } from '@outfit/formats';
import { ChoicesStore } from './choices.store.js';
import type { ChoiceDto, NewChoiceDto } from './lineups.dto.js';

const MOST_CHOICES = 20_000;
/** So many rows are read at once: it takes a few milliseconds. */
const MOST_ROWS = 5000;

/** Which choices a deed made or took back: they are never thrown away, only put aside. */
interface ChoicesState {
  readonly ids: readonly number[];
  readonly removedAt: string | null;
}

const readChoices = readerOf(entryOf<ChoicesState>({ ids: listOf(whole), removedAt: orNull(text) }));

/** What people said of two figures side by side. */
@Injectable()
export class ChoicesService {
  constructor(
    private readonly database: Database,
    private readonly store: ChoicesStore,
    private readonly figures: FiguresStore,
    private readonly history: HistoryService,
    private readonly live: LiveService,
    private readonly clock: Clock,
  ) {
    history.register('choice', {
      restore: (things) => {
        for (const { to } of things) if (to) this.restore(readChoices(to));
      },
    });
  }

  list(lineUp: string): ChoiceDto[] {
    this.figures.lineUp(lineUp);
    return this.store.of(lineUp).map((row) => ({ ...row }));
  }

  add(lineUp: string, { who, first, second, outcome }: NewChoiceDto): Promise<ChoiceDto[]> {
    return this.database.write<ChoiceDto[]>(() => {
      const figures = this.namesOf(lineUp);
      const [a, b] = [figures.get(first), figures.get(second)];
      if (a === undefined || b === undefined)
        throw new Problem(422, 'One of the two does not stand in this line-up any more. Look again and retry.');
      if (first === second) throw new Problem(422, 'A figure is not compared with itself.');
      const label =
        outcome === 'skip'
          ? `Skipped ${a} and ${b}`
          : outcome === 'tie'
            ? `${a} and ${b} are alike`
            : `${outcome === 'first' ? a : b} before ${outcome === 'first' ? b : a}`;
      this.keep(lineUp, [{ who, first, second, outcome }], label);
      return this.list(lineUp);
    });
  }

  /** A file of choices: looked at, or taken in as far as the person agreed. */
  take(lineUp: string, bytes: Uint8Array, agree: Agreement): Promise<ImportReportDto> {
    const idOf = idsByName(this.namesOf(lineUp));
    const read = readSmallTable(bytes, choiceColumns, MOST_ROWS);
    const problems = [...read.problems];
    const sound: NewChoiceDto[] = [];
    for (const { line, row } of read.sound) {
      const told = readChoice(row, idOf);
      if ('choice' in told) sound.push(told.choice);
      else problems.push({ line, column: told.field, value: row[told.field], reason: told.reason });
    }
    const isTaken = sound.length > 0 && (agree === 'sound' || (agree === 'all' && problems.length === 0));
    return this.database.write<ImportReportDto>(() => {
      if (isTaken) this.keep(lineUp, sound, sound.length === 1 ? 'Brought in a choice' : `Brought in ${sound.length} choices`);
      return {
        rowCount: read.rowCount,
        soundCount: sound.length,
        importedCount: isTaken ? sound.length : 0,
        problems: problems.sort((one, other) => one.line - other.line),
      };
    });
  }

  private keep(lineUp: string, choices: readonly NewChoiceDto[], label: string): void {
    const known = this.store.count(lineUp);
    if (known + choices.length > MOST_CHOICES)
      throw new Problem(409, `There are ${known} choices of this line-up already, and at most ${MOST_CHOICES} fit.`);
    const at = this.clock.now().toISOString();
    const ids = this.store.insert(lineUp, choices, at);
    // Choices that came in together go together, under the number of the first.
    const slice = { subject: 'choice' as const, item: String(ids[0]), before: { ids, removedAt: at }, after: { ids, removedAt: null } };
    this.history.record({ line: 'ranking', item: lineUp, label, slices: [slice] });
    this.live.tellAfterwards('figures');
  }

  private restore({ ids, removedAt }: ChoicesState): void {
    this.store.putAside(ids, removedAt);
    this.live.tellAfterwards('figures');
  }

  private namesOf(lineUp: string): ReadonlyMap<string, string> {
    this.figures.lineUp(lineUp);
    return new Map(this.figures.figuresOf(lineUp).map(({ id, brief }) => [id, brief.name]));
  }
}

/** A figure by its name or its id; a name that two bear is nobody's. */
function idsByName(names: ReadonlyMap<string, string>): (text: string) => string | null {
  const ids = new Map<string, string | null>();
  for (const [id, name] of names) {
    const key = name.trim().toLowerCase();
    ids.set(key, ids.has(key) ? null : id);
  }
  return (text) => (names.has(text.trim()) ? text.trim() : (ids.get(text.trim().toLowerCase()) ?? null));
}
