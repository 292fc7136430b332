import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { briefFaults, type Brief } from '@outfit/core';
import { randomUUID } from 'node:crypto';
import { DataSource, In, type EntityManager } from 'typeorm';
import { CatalogueService } from '../catalogue/index.js';
import { notFound, Problem } from '../common/problem.js';
import type { FigureDto, LineUpDto, LookDto, NewFigureDto, NewLookDto } from './figures.dto.js';
import { FigureEntity, LineUpEntity, LookEntity } from './figures.entities.js';
import { LooksService } from './looks.service.js';

const emptyBrief = (name: string): Brief => ({
  name,
  story: '',
  features: [],
  colours: [],
  ageBand: 'adult',
  skinSchool: 'natural',
  alterationSchool: 'as moulded',
  notSeen: [],
});

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
    const faults = briefFaults(brief, (await this.catalogue.catalogue()).data);
    if (faults[0]) throw new Problem(422, faults[0].sentence, faults);
    return this.database.transaction(async (manager) => {
      const { affected } = await manager.update(FigureEntity, { id }, { brief });
      if (affected === 0) throw notFound('figure', id);
      return this.read(manager, id);
    });
  }

  async create({ name, lineUp }: NewFigureDto): Promise<FigureDto> {
    return this.database.transaction(async (manager) => {
      if (!(await manager.existsBy(LineUpEntity, { id: lineUp }))) throw notFound('line-up', lineUp);
      const place = await manager.countBy(FigureEntity, { lineUp });
      const [id, look] = [randomUUID(), randomUUID()];
      await manager.insert(FigureEntity, { id, lineUp, place, role: '', brief: emptyBrief(name), chosenLook: look });
      await manager.insert(LookEntity, { id: look, figure: id, place: 0, name: 'First look', parts: [], overrules: [] });
      return this.read(manager, id);
    });
  }

  async addLook(id: string, { name, copyOf }: NewLookDto): Promise<FigureDto> {
    return this.database.transaction(async (manager) => {
      const looks = await manager.findBy(LookEntity, { figure: id });
      if (looks.length === 0) throw notFound('figure', id);
      const model = looks.find((look) => look.id === copyOf);
      if (copyOf !== undefined && !model) throw notFound('look', copyOf);
      await manager.insert(LookEntity, {
        id: randomUUID(),
        figure: id,
        place: looks.length,
        name,
        parts: [...(model?.parts ?? [])],
        overrules: [...(model?.overrules ?? [])],
      });
      return this.read(manager, id);
    });
  }

  async choose(id: string, look: string): Promise<FigureDto> {
    return this.database.transaction(async (manager) => {
      if (!(await manager.existsBy(LookEntity, { id: look, figure: id }))) throw notFound('look', look);
      await manager.update(FigureEntity, { id }, { chosenLook: look });
      return this.read(manager, id);
    });
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

  private async read(manager: EntityManager, id: string): Promise<FigureDto> {
    const figure = await manager.findOneBy(FigureEntity, { id });
    if (!figure) throw notFound('figure', id);
    const [dto] = await this.toDtos(manager, [figure]);
    if (!dto) throw notFound('figure', id);
    return dto;
  }

  private async toDtos(manager: EntityManager, figures: readonly FigureEntity[]): Promise<FigureDto[]> {
    const rows = await manager.find(LookEntity, { where: { figure: In(figures.map((figure) => figure.id)) }, order: { place: 'ASC' } });
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
      brief: brief as FigureDto['brief'],
      chosenLook,
      looks: looks.get(id) ?? [],
    }));
  }
}
