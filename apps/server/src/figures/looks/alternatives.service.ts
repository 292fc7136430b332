import { Injectable } from '@nestjs/common';
import { editionIn, type Look } from '@outfit/core';
import { randomUUID } from 'node:crypto';
import { CatalogueService, CatalogueEditor } from '../../catalogue/index.js';
import { Clock } from '../../platform/clock/index.js';
import { Database } from '../../platform/db/index.js';
import { HistoryService } from '../../platform/history/index.js';
import { notFound, Problem, refuseStale } from '../../platform/http/index.js';
import { LiveService } from '../../platform/live/index.js';
import {
  type FigureDto,
  FiguresStore,
  type FigureState,
  FigureViews,
  type LookEntity,
  lookOf,
  type NewLookDto,
  sliceOfFigure,
} from '../record/index.js';

const MOST_LOOKS = 60;

/** The alternatives of a figure: looks beside each other, one of them chosen. Every deed can be undone. */
@Injectable()
export class AlternativesService {
  constructor(
    private readonly database: Database,
    private readonly store: FiguresStore,
    private readonly views: FigureViews,
    private readonly catalogue: CatalogueService,
    private readonly editor: CatalogueEditor,
    private readonly history: HistoryService,
    private readonly live: LiveService,
    private readonly clock: Clock,
  ) {}

  add(figure: string, { name, copyOf }: NewLookDto): Promise<FigureDto> {
    return this.database.write<FigureDto>(() => {
      this.store.figure(figure);
      const model = copyOf === undefined ? undefined : this.looksOf(figure).find((look) => look.id === copyOf);
      if (copyOf !== undefined && !model) throw notFound('look', copyOf);
      this.insert(figure, name, model ? lookOf(model) : { parts: [], overrules: [] });
      return this.views.figure(figure);
    });
  }

  /** The same look in another skin, as a look of its own. What was never made in it is imagined, and told. */
  edition(id: string, name: string, skin: string): Promise<FigureDto> {
    return this.database.write<FigureDto>(() => {
      const catalogue = this.catalogue.now();
      if (!catalogue.hasColour(skin) || catalogue.colour(skin).kind !== 'skin') throw notFound('skin', skin);
      const look = this.store.look(id);
      if (look.removedAt !== null) throw notFound('look', id);
      const { parts, imagined } = editionIn(lookOf(look), catalogue.colour(skin), catalogue);
      this.editor.imagineNow(imagined, (variant) => `Imagined ${variant} for “${name}”`);
      this.insert(look.figure, name, {
        ...lookOf(look),
        parts,
        overrules: [],
        variation: { ...look.variation, skinSchool: catalogue.colour(skin).skinSchool },
      });
      return this.views.figure(look.figure);
    });
  }

  choose(figure: string, id: string, seen?: number): Promise<FigureDto> {
    return this.database.write<FigureDto>(() => {
      const { chosenLook, version, brief } = this.store.figure(figure);
      refuseStale(brief.name, seen, version, () => this.views.figure(figure));
      const look = this.looksOf(figure).find((row) => row.id === id);
      if (!look) throw notFound('look', id);
      if (chosenLook !== id) {
        this.store.updateFigure(figure, { chosenLook: id });
        this.record(figure, `Chose “${look.name}”`, { chosenLook }, { chosenLook: id });
      }
      return this.views.figure(figure);
    });
  }

  rename(id: string, name: string): Promise<FigureDto> {
    return this.database.write<FigureDto>(() => {
      const look = this.store.look(id);
      if (look.name !== name) {
        this.store.updateLook(id, { name });
        this.record(look.figure, `Renamed “${look.name}”`, { looks: { [id]: { name: look.name } } }, { looks: { [id]: { name } } });
      }
      return this.views.figure(look.figure);
    });
  }

  /** Puts a look in the bin, or takes it out again. The chosen look stays. */
  bin(id: string, isAway: boolean): Promise<FigureDto> {
    return this.database.write<FigureDto>(() => this.views.figure(this.binNow(id, isAway)));
  }

  /** The same within a unit of work that is under way; whose look it is. */
  binNow(id: string, isAway: boolean): string {
    const look = this.store.look(id);
    if (isAway && this.store.figure(look.figure).chosenLook === id)
      throw new Problem(409, `“${look.name}” is the chosen look. Choose another first.`);
    const removedAt = isAway ? this.clock.now().toISOString() : null;
    if ((look.removedAt === null) === isAway) {
      this.store.updateLook(id, { removedAt });
      const label = isAway ? `Put “${look.name}” in the bin` : `Took “${look.name}” out of the bin`;
      this.record(look.figure, label, { looks: { [id]: { removedAt: look.removedAt } } }, { looks: { [id]: { removedAt } } });
    }
    return look.figure;
  }

  /** The looks of a figure that are not in the bin. */
  private looksOf(figure: string): LookEntity[] {
    return this.store.looksOf([figure]);
  }

  private insert(figure: string, name: string, look: Look): void {
    if (this.looksOf(figure).length >= MOST_LOOKS)
      throw new Problem(409, `A figure has at most ${MOST_LOOKS} looks. Put one in the bin first.`);
    const id = randomUUID();
    this.store.insertLook({ id, figure, place: this.store.countOfLooks(figure), name }, look);
    const removedAt = this.clock.now().toISOString();
    this.record(figure, `Added “${name}”`, { looks: { [id]: { removedAt } } }, { looks: { [id]: { removedAt: null } } });
  }

  private record(figure: string, label: string, before: FigureState, after: FigureState): void {
    this.history.record({ line: 'figure', item: figure, label, slices: [sliceOfFigure(figure, before, after)] });
    this.live.tellAfterwards('figures', figure);
  }
}
