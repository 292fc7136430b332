import { Injectable } from '@nestjs/common';
import { randomUUID } from 'node:crypto';
import { Clock } from '../../platform/clock/index.js';
import { Database } from '../../platform/db/index.js';
import { FileStore, Rasters } from '../../platform/files/index.js';
import { HistoryService } from '../../platform/history/index.js';
import { Problem, refuseStale } from '../../platform/http/index.js';
import { LiveService } from '../../platform/live/index.js';
import { FiguresStore, type FigureState, type Pin, sliceOfFigure } from '../record/index.js';
import { ReferencePictureDto } from './references.dto.js';
import { ReferencesStore } from './references.store.js';

const LONGEST_SIDE = 2400;
const MOST_PICTURES = 24;

/** Reference pictures of a brief: drawn anew, pinned with notes, put in a bin and taken out of it. Every deed can be undone. */
@Injectable()
export class ReferencesService {
  constructor(
    private readonly database: Database,
    private readonly store: ReferencesStore,
    private readonly figures: FiguresStore,
    private readonly files: FileStore,
    private readonly rasters: Rasters,
    private readonly history: HistoryService,
    private readonly live: LiveService,
    private readonly clock: Clock,
  ) {}

  of(figure: string): ReferencePictureDto[] {
    this.figures.figure(figure);
    return this.view(figure);
  }

  async add(figure: string, name: string, body: unknown): Promise<ReferencePictureDto[]> {
    this.refuseMore(figure);
    const { data, width, height } = await this.rasters.redraw(body, LONGEST_SIDE);
    // The file is on the disk before any row names it.
    const file = await this.files.put(data);
    return this.database.write<ReferencePictureDto[]>(() => {
      this.refuseMore(figure);
      const [id, addedAt] = [randomUUID(), this.clock.now().toISOString()];
      this.store.insert({ id, figure, place: this.store.countOf(figure), name, file, width, height, pins: [], addedAt, removedAt: null });
      this.record(
        figure,
        `Added the picture ${name}`,
        { pictures: { [id]: { removedAt: addedAt } } },
        { pictures: { [id]: { removedAt: null } } },
      );
      return this.view(figure);
    });
  }

  pin(id: string, pins: readonly Pin[], seen?: number): Promise<ReferencePictureDto[]> {
    return this.database.write<ReferencePictureDto[]>(() => {
      const picture = this.store.picture(id);
      refuseStale(`The picture ${picture.name}`, seen, picture.version, () => this.view(picture.figure));
      this.store.update(id, { pins });
      const state = (notes: readonly Pin[]): FigureState => ({ pictures: { [id]: { pins: notes } } });
      this.record(picture.figure, `Noted on the picture ${picture.name}`, state(picture.pins), state(pins));
      return this.view(picture.figure);
    });
  }

  bin(id: string, isAway: boolean): Promise<ReferencePictureDto[]> {
    return this.database.write<ReferencePictureDto[]>(() => this.view(this.binNow(id, isAway)));
  }

  /** The same within a unit of work that is under way; whose picture it is. */
  binNow(id: string, isAway: boolean): string {
    const picture = this.store.picture(id);
    if (!isAway && picture.removedAt !== null) this.refuseMore(picture.figure);
    const removedAt = isAway ? this.clock.now().toISOString() : null;
    if ((picture.removedAt === null) === isAway) {
      this.store.update(id, { removedAt });
      const label = isAway ? `Put the picture ${picture.name} in the bin` : `Took the picture ${picture.name} out of the bin`;
      this.record(picture.figure, label, { pictures: { [id]: { removedAt: picture.removedAt } } }, { pictures: { [id]: { removedAt } } });
    }
    return picture.figure;
  }

  private refuseMore(figure: string): void {
    this.figures.figure(figure);
    if (this.store.of(figure).length >= MOST_PICTURES)
      throw new Problem(409, `A brief has at most ${MOST_PICTURES} pictures. Put one in the bin first.`);
  }

  private view(figure: string): ReferencePictureDto[] {
    return this.store
      .of(figure)
      .map(({ id, name, file, width, height, pins, version }) => ({ id, name, file, width, height, pins, version }));
  }

  private record(figure: string, label: string, before: FigureState, after: FigureState): void {
    this.history.record({ line: 'figure', item: figure, label, slices: [sliceOfFigure(figure, before, after)] });
    this.live.tellAfterwards('figures', figure);
  }
}
