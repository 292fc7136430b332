import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { undoState, type Look, type LookEdit } from '@outfit/core';
import { DataSource, In, type EntityManager } from 'typeorm';
import { CatalogueService } from '../catalogue/index.js';
import { Clock } from '../common/clock.js';
import { notFound, Problem } from '../common/problem.js';
import { applyAll } from './edits.js';
import { ChangeEntity, LookEntity, lookColumns, lookOf } from './figures.entities.js';
import type { ChangeDto, LookDto } from './looks.dto.js';

const MOST_HISTORY = 500;

/** A look with its names. */
export interface StoredLook extends Look {
  readonly id: string;
  readonly figure: string;
  readonly name: string;
}

/** Edits of looks, each one a row of the change log, so that undo survives a reload and history tells when. */
@Injectable()
export class LooksService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly catalogue: CatalogueService,
    private readonly clock: Clock,
  ) {}

  /** A look with its parts under the numbers they are known by now: a double that was merged is the other. */
  async look(id: string): Promise<StoredLook> {
    const look = await this.require(this.database.manager, id);
    const catalogue = await this.catalogue.catalogue();
    const parts = look.parts.map((part) => ({ ...part, variant: catalogue.resolve(part.variant) }));
    return { id, figure: look.figure, name: look.name, ...lookOf(look), parts };
  }

  async edit(id: string, edits: readonly LookEdit[], label: string): Promise<LookDto> {
    const catalogue = await this.catalogue.catalogue();
    return this.changing(id, (look) => ({ kind: 'edit', label, refersTo: null, after: applyAll(lookOf(look), edits, catalogue) }));
  }

  /** Takes back the last edit that stands, or brings back the last one taken back. */
  async step(id: string, kind: 'undo' | 'redo'): Promise<LookDto> {
    return this.changing(id, async (_, manager) => {
      const log = await manager.find(ChangeEntity, { where: { look: id }, order: { id: 'ASC' } });
      const target = undoState(log)[kind];
      const edit = log.find((change) => change.id === target);
      if (!edit) throw new Problem(409, kind === 'undo' ? 'There is nothing to undo.' : 'There is nothing to redo.');
      return { kind, label: edit.label, refersTo: edit.id, after: kind === 'undo' ? edit.before : edit.after };
    });
  }

  /** Names the look as it stands, to come back to. */
  async snapshot(id: string, name: string): Promise<ChangeDto[]> {
    await this.changing(id, (look) => ({ kind: 'snapshot', label: name, refersTo: null, after: lookOf(look) }));
    return this.history(id);
  }

  /** Goes back to how the look was after a change; that is an edit, and can be undone. */
  async returnTo(id: string, change: number): Promise<LookDto> {
    return this.changing(id, async (_, manager) => {
      const past = await manager.findOneBy(ChangeEntity, { id: change, look: id });
      if (!past) throw notFound('change', String(change));
      return { kind: 'edit', label: `Back to “${past.label}”`, refersTo: null, after: past.after };
    });
  }

  async history(id: string): Promise<ChangeDto[]> {
    await this.require(this.database.manager, id);
    const log = await this.database.manager.find(ChangeEntity, { where: { look: id }, order: { id: 'DESC' }, take: MOST_HISTORY });
    return log.map(({ id: change, at, kind, label }) => ({ id: change, at, kind, label }));
  }

  async toDtos(manager: EntityManager, looks: readonly LookEntity[]): Promise<LookDto[]> {
    const log = await manager.find(ChangeEntity, {
      select: { id: true, look: true, kind: true, label: true, refersTo: true },
      where: { look: In(looks.map((look) => look.id)) },
      order: { id: 'ASC' },
    });
    const byLook = new Map<string, ChangeEntity[]>();
    for (const change of log) byLook.set(change.look, [...(byLook.get(change.look) ?? []), change]);
    const catalogue = await this.catalogue.catalogue();
    return looks.map((look) => {
      const own = byLook.get(look.id) ?? [];
      const { undo, redo } = undoState(own);
      const labelOf = (change: number | null): string | null => own.find((row) => row.id === change)?.label ?? null;
      return {
        id: look.id,
        name: look.name,
        ...lookOf(look),
        parts: look.parts.map((part) => ({ ...part, variant: catalogue.resolve(part.variant) })),
        acceptable: look.acceptable.map((row) => ({ ...row, variant: catalogue.resolve(row.variant) })),
        undo: labelOf(undo),
        redo: labelOf(redo),
      };
    });
  }

  /** One change of a look and its row in the log, in one transaction. */
  private async changing(id: string, work: (look: LookEntity, manager: EntityManager) => Change | Promise<Change>): Promise<LookDto> {
    return this.database.transaction(async (manager) => {
      const look = await this.require(manager, id);
      const { after, ...change } = await work(look, manager);
      await manager.insert(ChangeEntity, { ...change, at: this.clock.now().toISOString(), look: id, before: lookOf(look), after });
      await manager.update(LookEntity, { id }, lookColumns(after));
      const [dto] = await this.toDtos(manager, [await this.require(manager, id)]);
      if (!dto) throw notFound('look', id);
      return dto;
    });
  }

  private async require(manager: EntityManager, id: string): Promise<LookEntity> {
    const look = await manager.findOneBy(LookEntity, { id });
    if (!look) throw notFound('look', id);
    return look;
  }
}

type Change = Pick<ChangeEntity, 'kind' | 'label' | 'refersTo'> & { readonly after: Look };
