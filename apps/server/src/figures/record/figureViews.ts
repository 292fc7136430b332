import { Injectable } from '@nestjs/common';
import { completeBrief } from '@outfit/core';
import { completePlan } from '@outfit/core/lineup';
import { CatalogueService } from '../../catalogue/index.js';
import { HistoryService } from '../../platform/history/index.js';
import type { FigureDto, FigureNameDto, LineUpDto, LineUpNamesDto } from './figures.dto.js';
import { type FigureEntity, type LineUpEntity, type LookEntity, lookOf } from './figures.entities.js';
import { FiguresStore } from './figures.store.js';
import type { LookDto } from './looks.dto.js';

const NOTHING = { undo: null, redo: null };

/** Line-ups, figures and looks as they are sent: parts under the numbers they are known by now, with what Undo and Redo would say. */
@Injectable()
export class FigureViews {
  constructor(
    private readonly store: FiguresStore,
    private readonly catalogue: CatalogueService,
    private readonly history: HistoryService,
  ) {}

  lineUps(): LineUpDto[] {
    const lineUps = this.store.lineUps();
    const figures = this.ofFigures(lineUps.flatMap(({ id }) => this.store.figuresOf(id)));
    const labels = this.history.labels(
      'line-up',
      lineUps.map((row) => row.id),
    );
    return lineUps.map((row) =>
      this.lineUpDto(
        row,
        figures.filter((figure) => figure.lineUp === row.id),
        labels.get(row.id) ?? NOTHING,
      ),
    );
  }

  names(): LineUpNamesDto[] {
    const lineUps = new Map(
      this.store.lineUps().map(({ id, name, plan }) => {
        const { kind, promised, dueOn } = completePlan(plan);
        return [id, { id, name, kind, promised, dueOn, figures: [] as FigureNameDto[] }];
      }),
    );
    for (const figure of this.store.names()) lineUps.get(figure.lineUp)?.figures.push(nameDto(figure));
    return [...lineUps.values()];
  }

  /** The figures with a look that wears a variant, under whichever of its ids. */
  wearersOf(variant: string): FigureNameDto[] {
    const catalogue = this.catalogue.now();
    return this.store.wearersOf(catalogue.namesOf(catalogue.resolve(variant))).map(nameDto);
  }

  lineUp(id: string): LineUpDto {
    return this.lineUpDto(
      this.store.lineUp(id),
      this.ofFigures(this.store.figuresOf(id)),
      this.history.next({ line: 'line-up', item: id }),
    );
  }

  figure(id: string): FigureDto {
    const [dto] = this.ofFigures([this.store.figure(id)]);
    if (!dto) throw new RangeError('one figure gives one view');
    return dto;
  }

  look(id: string): LookDto {
    return this.lookDto(this.store.look(id), this.history.next({ line: 'look', item: id }));
  }

  private ofFigures(figures: readonly FigureEntity[]): FigureDto[] {
    const ids = figures.map((figure) => figure.id);
    const rows = this.store.looksOf(ids);
    const lookLabels = this.history.labels(
      'look',
      rows.map((row) => row.id),
    );
    const figureLabels = this.history.labels('figure', ids);
    const looks = new Map<string, LookDto[]>();
    for (const row of rows) {
      const own = looks.get(row.figure) ?? [];
      looks.set(row.figure, own);
      own.push(this.lookDto(row, lookLabels.get(row.id) ?? NOTHING));
    }
    return figures.map(({ id, lineUp, role, faction, free, recipe, brief, chosenLook, version }) => ({
      id,
      lineUp,
      role,
      faction,
      free,
      recipe,
      brief: completeBrief(brief) as FigureDto['brief'],
      chosenLook,
      looks: looks.get(id) ?? [],
      version,
      ...(figureLabels.get(id) ?? NOTHING),
    }));
  }

  private lookDto(row: LookEntity, { undo, redo }: Pick<LookDto, 'undo' | 'redo'>): LookDto {
    const catalogue = this.catalogue.now();
    return {
      id: row.id,
      name: row.name,
      ...lookOf(row),
      parts: row.parts.map((part) => ({ ...part, variant: catalogue.resolve(part.variant) })),
      substitutes: row.substitutes.map((noted) => ({ ...noted, variant: catalogue.resolve(noted.variant) })),
      version: row.version,
      undo,
      redo,
    };
  }

  private lineUpDto(
    { id, name, version, plan }: LineUpEntity,
    figures: readonly FigureDto[],
    labels: Pick<LineUpDto, 'undo' | 'redo'>,
  ): LineUpDto {
    return { id, name, plan: completePlan(plan) as LineUpDto['plan'], figures, version, ...labels };
  }
}

const nameDto = ({ id, name, role, copies }: FigureNameDto): FigureNameDto => ({ id, name, role, copies });
