import { Injectable } from '@nestjs/common';
import { type Look, type LookEdit } from '@outfit/core';
import { CatalogueHooks, CatalogueService } from '../../catalogue/index.js';
import { Database } from '../../platform/db/index.js';
import { ChangeDto, HistoryService } from '../../platform/history/index.js';
import { Problem, refuseStale } from '../../platform/http/index.js';
import { LiveService } from '../../platform/live/index.js';
import { lookBetween, sliceOf, touchedOfLook } from './between.js';
import { applyAll } from './edits.js';
import { type EditPage, FiguresStore, FigureViews, lookColumns, type LookDto, type LookEntity, lookOf } from '../record/index.js';

/** A look with its names. */
export interface StoredLook extends Look {
  readonly id: string;
  readonly figure: string;
  readonly name: string;
  /** It is in the bin. */
  readonly isBinned: boolean;
}

/** The version that was seen of a look, and the page it is changed on where that is not its own. */
interface EditedOn {
  readonly seen?: number | undefined;
  readonly on?: EditPage | undefined;
}

/** Edits of looks, each one a row of the log, so that undo survives a reload and history tells when. */
@Injectable()
export class LooksService {
  constructor(
    private readonly database: Database,
    private readonly store: FiguresStore,
    private readonly views: FigureViews,
    private readonly catalogue: CatalogueService,
    private readonly history: HistoryService,
    private readonly live: LiveService,
    hooks: CatalogueHooks,
  ) {
    history.register('look', {
      restore: (things) => {
        for (const { item, to, from } of things) if (to && from) this.put(item, lookBetween(lookOf(store.look(item)), from, to));
      },
      touched: ({ before, after }) => (before && after ? touchedOfLook(before, after) : 'all'),
    });
    hooks.addNamer('variants', (variant) => this.store.namersOf(variant).length > 0 || this.history.isPartOfALook(variant));
    hooks.addNamer('systems', (system) => this.store.hasBriefOf(system));
  }

  /** A look with its parts under the numbers they are known by now: a double that was merged is the other. */
  look(id: string): StoredLook {
    const look = this.store.look(id);
    const catalogue = this.catalogue.now();
    const parts = look.parts.map((part) => ({ ...part, variant: catalogue.resolve(part.variant) }));
    return { id, figure: look.figure, name: look.name, isBinned: look.removedAt !== null, ...lookOf(look), parts };
  }

  /** Applies edits to the version the person saw; several are one deed. */
  edit(id: string, edits: readonly LookEdit[], label: string, { seen, on }: EditedOn = {}): Promise<LookDto> {
    return this.change(id, seen, (look) => {
      const before = lookOf(look);
      const after = applyAll(before, edits, this.catalogue.now());
      this.put(id, after);
      const slices = [sliceOf(id, before, after)];
      if (on === undefined) return void this.history.record({ line: 'look', item: id, label, slices });
      // On the page of all of them it is said whose look it was.
      const { lineUp, brief } = this.store.figure(look.figure);
      this.history.record({ line: on, item: lineUp, label: `${brief.name}: ${label}`, slices });
    });
  }

  /** Takes back the last edit that stands, or brings back the last one taken back. */
  step(id: string, kind: 'undo' | 'redo'): Promise<LookDto> {
    return this.change(id, undefined, () => void this.history.step({ line: 'look', item: id }, kind));
  }

  /** Names the look as it stands, to come back to. */
  async snapshot(id: string, name: string): Promise<ChangeDto[]> {
    await this.change(id, undefined, (look) => this.history.snapshot({ line: 'look', item: id }, name, 'look', { ...lookOf(look) }));
    return this.changes(id);
  }

  /** Goes back to how the look was after a change; that is an edit, and can be undone. */
  returnTo(id: string, change: number): Promise<LookDto> {
    return this.change(id, undefined, (look) => {
      const past = this.history.past({ line: 'look', item: id }, change);
      const then = this.history.stateAfter(past, 'look');
      if (!then || !('parts' in then))
        throw new Problem(409, `“${past.label}” was done on the page of the line-up, which keeps only what it changed. Choose another.`);
      const after = this.store.lookOfDocument(then);
      const label = `Back to “${past.label}”`;
      this.put(id, after);
      this.history.record({ line: 'look', item: id, label, slices: [sliceOf(id, lookOf(look), after)] });
    });
  }

  changes(id: string): ChangeDto[] {
    this.store.look(id);
    return this.history.list({ line: 'look', item: id });
  }

  /** A unit of work on a look that stands. */
  private change(id: string, seen: number | undefined, work: (look: LookEntity) => void): Promise<LookDto> {
    return this.database.write<LookDto>(() => {
      const look = this.store.look(id);
      if (look.removedAt !== null) throw new Problem(409, `“${look.name}” is in the bin. Take it out first.`);
      refuseStale(`The look “${look.name}”`, seen, look.version, () => this.views.look(id));
      work(look);
      return this.views.look(id);
    });
  }

  private put(id: string, look: Look): void {
    this.store.updateLook(id, lookColumns(look));
    this.live.tellAfterwards('figures', this.store.look(id).figure);
  }
}
