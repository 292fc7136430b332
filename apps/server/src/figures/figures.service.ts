import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { briefFaults, briefFromOfficial, completeBrief, emptyBrief, type Brief, type Catalogue, type LookPart } from '@outfit/core';
import { randomUUID } from 'node:crypto';
import { DataSource, In, IsNull, type EntityManager } from 'typeorm';
import { CatalogueService } from '../catalogue/index.js';
import { notFound, Problem } from '../common/problem.js';
import type { BeginningDto, FigureDto, LineUpDto, NewFigureDto } from './figures.dto.js';
import { FigureEntity, LineUpEntity, LookEntity, lookColumns } from './figures.entities.js';
import type { LookDto } from './looks.dto.js';
import { LooksService } from './looks.service.js';

/** What a figure begins with: its brief, and the first look. */
interface Beginning {
  readonly brief: Brief;
  readonly look: string;
  readonly parts: readonly LookPart[];
}

@Injectable()
export class FiguresService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly catalogue: CatalogueService,
    private readonly looks: LooksService,
  ) {}

  async lineUps(): Promise<LineUpDto[]> {
    const { manager } = this.database;
    const lineUps = await manager.find(LineUpEntity, { order: { place: 'ASC' } });
    const figures = await manager.find(FigureEntity, { order: { place: 'ASC' } });
    const dtos = await this.toDtos(manager, figures);
    return lineUps.map(({ id, name }) => ({ id, name, figures: dtos.filter((figure) => figure.lineUp === id) }));
  }

  async figure(id: string): Promise<FigureDto> {
    return this.read(this.database.manager, id);
  }

  async saveBrief(id: string, brief: Brief): Promise<FigureDto> {
    const faults = briefFaults(brief, await this.catalogue.catalogue());
    if (faults[0]) throw new Problem(422, faults[0].sentence, faults);
    return this.database.transaction(async (manager) => {
      const { affected } = await manager.update(FigureEntity, { id }, { brief });
      if (affected === 0) throw notFound('figure', id);
      return this.read(manager, id);
    });
  }

  async create({ name, lineUp, from }: NewFigureDto): Promise<FigureDto> {
    const catalogue = await this.catalogue.catalogue();
    return this.database.transaction(async (manager) => {
      if (!(await manager.existsBy(LineUpEntity, { id: lineUp }))) throw notFound('line-up', lineUp);
      const { brief, look, parts } = await this.begin(manager, name, from ?? { kind: 'nothing' }, catalogue);
      const place = await manager.countBy(FigureEntity, { lineUp });
      const [id, lookId] = [randomUUID(), randomUUID()];
      await manager.insert(FigureEntity, { id, lineUp, place, role: '', brief, chosenLook: lookId });
      await manager.insert(LookEntity, {
        id: lookId,
        figure: id,
        place: 0,
        name: look,
        removedAt: null,
        ...lookColumns({ parts, overrules: [] }),
      });
      return this.read(manager, id);
    });
  }

  private async begin(manager: EntityManager, name: string, { kind, id = '' }: BeginningDto, catalogue: Catalogue): Promise<Beginning> {
    switch (kind) {
      case 'nothing':
        return { brief: emptyBrief(name), look: 'First look', parts: [] };
      case 'figure': {
        const model = await manager.findOneBy(FigureEntity, { id });
        const look = model && (await manager.findOneBy(LookEntity, { id: model.chosenLook }));
        if (!model || !look) throw notFound('figure', id);
        return { brief: { ...completeBrief(model.brief), name }, look: look.name, parts: look.parts };
      }
      case 'official': {
        const official = catalogue.data.officialFigures.find((figure) => figure.id === id);
        if (!official) throw notFound('official figure', id);
        return { brief: { ...briefFromOfficial(official, catalogue), name }, look: 'As made', parts: official.parts };
      }
      case 'part': {
        if (!catalogue.has(id)) throw notFound('part', id);
        const variant = catalogue.variant(id);
        const position = catalogue.mouldOf(variant).fills[0]?.[0];
        if (!position) throw new Problem(422, `${catalogue.nameOf(variant)} goes nowhere on a figure.`);
        return { brief: emptyBrief(name), look: 'From what was left', parts: [{ position, variant: variant.id, turned: false }] };
      }
    }
  }

  async reorder(lineUp: string, order: readonly string[]): Promise<LineUpDto> {
    return this.database.transaction(async (manager) => {
      const row = await manager.findOneBy(LineUpEntity, { id: lineUp });
      if (!row) throw notFound('line-up', lineUp);
      const figures = await manager.findBy(FigureEntity, { lineUp });
      const same =
        figures.length === order.length && new Set(order).size === order.length && figures.every((figure) => order.includes(figure.id));
      if (!same) throw new Problem(409, 'The line-up has changed meanwhile. Nothing was moved; look again and retry.');
      for (const [place, id] of order.entries()) await manager.update(FigureEntity, { id }, { place });
      const sorted = [...figures].sort((a, b) => order.indexOf(a.id) - order.indexOf(b.id));
      return { id: row.id, name: row.name, figures: await this.toDtos(manager, sorted) };
    });
  }

  async read(manager: EntityManager, id: string): Promise<FigureDto> {
    const figure = await manager.findOneBy(FigureEntity, { id });
    if (!figure) throw notFound('figure', id);
    const [dto] = await this.toDtos(manager, [figure]);
    if (!dto) throw notFound('figure', id);
    return dto;
  }

  private async toDtos(manager: EntityManager, figures: readonly FigureEntity[]): Promise<FigureDto[]> {
    const rows = await manager.find(LookEntity, {
      where: { figure: In(figures.map((figure) => figure.id)), removedAt: IsNull() },
      order: { place: 'ASC' },
    });
    const looks = new Map<string, LookDto[]>();
    const dtos = await this.looks.toDtos(manager, rows);
    rows.forEach((row, i) => {
      const dto = dtos[i];
      if (dto) looks.set(row.figure, [...(looks.get(row.figure) ?? []), dto]);
    });
    return figures.map(({ id, lineUp, role, brief, chosenLook }) => ({
      id,
      lineUp,
      role,
      brief: completeBrief(brief) as FigureDto['brief'],
      chosenLook,
      looks: looks.get(id) ?? [],
    }));
  }
}
