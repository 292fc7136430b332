import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { editionIn, type Look } from '@outfit/core';
import { randomUUID } from 'node:crypto';
import { DataSource, IsNull, type EntityManager } from 'typeorm';
import { CatalogueService } from '../catalogue/index.js';
import { Clock } from '../common/clock.js';
import { notFound, Problem } from '../common/problem.js';
import type { FigureDto } from './figures.dto.js';
import { FigureEntity, LookEntity, lookColumns, lookOf } from './figures.entities.js';
import { FiguresService } from './figures.service.js';
import type { NewLookDto } from './looks.dto.js';

const MOST_LOOKS = 60;

/** The alternatives of a figure: looks beside each other, one of them chosen. */
@Injectable()
export class AlternativesService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly catalogue: CatalogueService,
    private readonly figures: FiguresService,
    private readonly clock: Clock,
  ) {}

  async add(figure: string, { name, copyOf }: NewLookDto): Promise<FigureDto> {
    return this.database.transaction(async (manager) => {
      const looks = await this.standing(manager, figure);
      const model = looks.find((look) => look.id === copyOf);
      if (copyOf !== undefined && !model) throw notFound('look', copyOf);
      return this.insert(manager, figure, name, model ? lookOf(model) : { parts: [], overrules: [] });
    });
  }

  /** The same look in another skin, as a look of its own. What was never made in it is imagined, and told. */
  async edition(id: string, name: string, skin: string): Promise<FigureDto> {
    const catalogue = await this.catalogue.catalogue();
    if (!catalogue.hasColour(skin) || catalogue.colour(skin).kind !== 'skin') throw notFound('skin', skin);
    const figure = await this.database.transaction(async (manager) => {
      const look = await manager.findOneBy(LookEntity, { id, removedAt: IsNull() });
      if (!look) throw notFound('look', id);
      const { parts, imagined } = editionIn(lookOf(look), catalogue.colour(skin), catalogue);
      const { store } = this.catalogue;
      store.write({ variants: imagined });
      for (const variant of imagined)
        store.recordChange({
          at: this.clock.now().toISOString(),
          label: `Imagined ${variant.id} for “${name}”`,
          kind: 'variants',
          item: variant.id,
          before: null,
          after: { variants: [variant] },
        });
      await this.insert(manager, look.figure, name, {
        ...lookOf(look),
        parts,
        overrules: [],
        variation: { ...look.variation, skinSchool: catalogue.colour(skin).skinSchool },
      });
      return look.figure;
    });
    this.catalogue.changed();
    return this.figures.read(this.database.manager, figure);
  }

  async choose(figure: string, look: string): Promise<FigureDto> {
    return this.database.transaction(async (manager) => {
      if (!(await manager.existsBy(LookEntity, { id: look, figure, removedAt: IsNull() }))) throw notFound('look', look);
      await manager.update(FigureEntity, { id: figure }, { chosenLook: look });
      return this.figures.read(manager, figure);
    });
  }

  async rename(id: string, name: string): Promise<FigureDto> {
    return this.database.transaction(async (manager) => {
      const look = await manager.findOneBy(LookEntity, { id });
      if (!look) throw notFound('look', id);
      await manager.update(LookEntity, { id }, { name });
      return this.figures.read(manager, look.figure);
    });
  }

  /** Puts a look in the bin, or takes it out again. The chosen look and the last one stay. */
  async bin(id: string, away: boolean): Promise<FigureDto> {
    return this.database.transaction(async (manager) => {
      const look = await manager.findOneBy(LookEntity, { id });
      const figure = look && (await manager.findOneBy(FigureEntity, { id: look.figure }));
      if (!look || !figure) throw notFound('look', id);
      if (away && figure.chosenLook === id) throw new Problem(409, `“${look.name}” is the chosen look. Choose another first.`);
      await manager.update(LookEntity, { id }, { removedAt: away ? this.clock.now().toISOString() : null });
      return this.figures.read(manager, look.figure);
    });
  }

  private async standing(manager: EntityManager, figure: string): Promise<LookEntity[]> {
    const looks = await manager.findBy(LookEntity, { figure, removedAt: IsNull() });
    if (looks.length === 0) throw notFound('figure', figure);
    if (looks.length >= MOST_LOOKS) throw new Problem(409, `A figure has at most ${MOST_LOOKS} looks. Put one in the bin first.`);
    return looks;
  }

  private async insert(manager: EntityManager, figure: string, name: string, look: Look): Promise<FigureDto> {
    const place = await manager.countBy(LookEntity, { figure });
    await manager.insert(LookEntity, { id: randomUUID(), figure, place, name, removedAt: null, ...lookColumns(look) });
    return this.figures.read(manager, figure);
  }
}
