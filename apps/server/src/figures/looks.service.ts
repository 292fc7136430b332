import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { undoState, type LookEdit, type LookPart } from '@outfit/core';
import { DataSource, In, type EntityManager } from 'typeorm';
import { CatalogueService } from '../catalogue/index.js';
import { Clock } from '../common/clock.js';
import { notFound, Problem } from '../common/problem.js';
import { applyAll } from './edits.js';
import type { ChangeDto, LookDto } from './figures.dto.js';
import { ChangeEntity, LookEntity, type LookState } from './figures.entities.js';

/** Edits of looks, each one a row of the change log, so that undo survives a reload and history tells when. */
@Injectable()
export class LooksService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly catalogue: CatalogueService,
    private readonly clock: Clock,
  ) {}

  async look(id: string): Promise<LookEntity> {
    const look = await this.require(this.database.manager, id);
    return { ...look, parts: await this.resolved(look.parts) };
  }

  /** Parts under the numbers they are known by now: a double that was merged is the other. */
  private async resolved(parts: readonly LookPart[]): Promise<LookPart[]> {
    const catalogue = await this.catalogue.catalogue();
    return parts.map((part) => ({ ...part, variant: catalogue.resolve(part.variant) }));
  }

  async edit(id: string, edits: readonly LookEdit[], label: string): Promise<LookDto> {
    const catalogue = await this.catalogue.catalogue();
    return this.database.transaction(async (manager) => {
      const look = await this.require(manager, id);
      const before: LookState = { parts: look.parts, overrules: look.overrules };
      const after = applyAll(before, edits, catalogue);
      await this.record(manager, look, { kind: 'edit', label, refersTo: null, before, after });
      return this.read(manager, id);
    });
  }

  /** Takes back the last edit that stands, or brings back the last one taken back. */
  async step(id: string, kind: 'undo' | 'redo'): Promise<LookDto> {
    return this.database.transaction(async (manager) => {
      const look = await this.require(manager, id);
      const log = await manager.find(ChangeEntity, { where: { look: id }, order: { id: 'ASC' } });
      const target = undoState(log)[kind];
      const edit = log.find((change) => change.id === target);
      if (!edit) throw new Problem(409, kind === 'undo' ? 'There is nothing to undo.' : 'There is nothing to redo.');
      const before: LookState = { parts: look.parts, overrules: look.overrules };
      await this.record(manager, look, {
        kind,
        label: edit.label,
        refersTo: edit.id,
        before,
        after: kind === 'undo' ? edit.before : edit.after,
      });
      return this.read(manager, id);
    });
  }

  async history(id: string): Promise<ChangeDto[]> {
    await this.require(this.database.manager, id);
    const log = await this.database.manager.find(ChangeEntity, { where: { look: id }, order: { id: 'DESC' }, take: 500 });
    return log.map(({ id: change, at, kind, label }) => ({ id: change, at, kind, label }));
  }

  async toDtos(manager: EntityManager, looks: readonly LookEntity[]): Promise<LookDto[]> {
    const log = await manager.find(ChangeEntity, {
      select: { id: true, look: true, kind: true, label: true, refersTo: true },
      where: { look: In(looks.map((look) => look.id)) },
      order: { id: 'ASC' },
    });
    const catalogue = await this.catalogue.catalogue();
    return looks.map(({ id, name, parts: named, overrules }) => {
      const parts = named.map((part) => ({ ...part, variant: catalogue.resolve(part.variant) }));
      const own = log.filter((change) => change.look === id);
      const { undo, redo } = undoState(own);
      const labelOf = (change: number | null): string | null => own.find((row) => row.id === change)?.label ?? null;
      return { id, name, parts, overrules, undo: labelOf(undo), redo: labelOf(redo) };
    });
  }

  private async record(
    manager: EntityManager,
    look: LookEntity,
    change: Pick<ChangeEntity, 'kind' | 'label' | 'refersTo' | 'before' | 'after'>,
  ): Promise<void> {
    await manager.insert(ChangeEntity, { ...change, at: this.clock.now().toISOString(), look: look.id });
    await manager.update(LookEntity, { id: look.id }, { parts: change.after.parts, overrules: change.after.overrules });
  }

  private async require(manager: EntityManager, id: string): Promise<LookEntity> {
    const look = await manager.findOneBy(LookEntity, { id });
    if (!look) throw notFound('look', id);
    return look;
  }

  private async read(manager: EntityManager, id: string): Promise<LookDto> {
    const [dto] = await this.toDtos(manager, [await this.require(manager, id)]);
    if (!dto) throw notFound('look', id);
    return dto;
  }
}
