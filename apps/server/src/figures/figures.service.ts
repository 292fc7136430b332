import { Injectable } from '@nestjs/common';
import {
  applyEdit,
  type Brief,
  type Catalogue,
  briefFaults,
  briefFromOfficial,
  completeBrief,
  emptyBrief,
  type Look,
  type LookPart,
} from '@outfit/core';
import { afterUniformChange, completePlan, type LineUpPlan, startedFrom, uniformOf } from '@outfit/core/lineup';
import { randomUUID } from 'node:crypto';
import { CatalogueService } from '../catalogue/index.js';
import { Database } from '../platform/db/index.js';
import { HistoryService } from '../platform/history/index.js';
import { notFound, Problem, refuseStale } from '../platform/http/index.js';
import { LiveService } from '../platform/live/index.js';
import { SettingsService } from '../settings/index.js';
import {
  type BeginningDto,
  type FigureDto,
  type FigureNameDto,
  FiguresStore,
  type FigureState,
  sliceOfFigure,
  stateBetween,
  touchedOfFigure,
  FigureViews,
  type LineUpDto,
  type LineUpNamesDto,
  type NewFigureDto,
} from './record/index.js';
import { ReferencesStore } from './references/index.js';
import { ArrangingService } from './arranging/index.js';

/** What a figure begins with: its brief, and the first look. */
interface Beginning {
  readonly brief: Brief;
  readonly look: string;
  readonly parts: readonly LookPart[];
}

/** An idea that becomes a brief, or a line-up. */
interface Promotion {
  readonly name: string;
  readonly story: string;
  readonly credit: string;
  readonly parts: readonly string[];
  /** Where the figure goes; the first line-up where nothing is said. */
  readonly lineUp: string | null;
  readonly isLineUp: boolean;
}

/** Figures: begun and briefed. */
@Injectable()
export class FiguresService {
  constructor(
    private readonly database: Database,
    private readonly store: FiguresStore,
    private readonly references: ReferencesStore,
    private readonly views: FigureViews,
    private readonly catalogue: CatalogueService,
    private readonly history: HistoryService,
    private readonly live: LiveService,
    private readonly arranging: ArrangingService,
    settings: SettingsService,
  ) {
    settings.registerAmounts({ name: 'budgets', areKept: () => store.hasBudgets() });
    history.register('figure', {
      restore: (things) => {
        for (const { item, to, from } of things) if (to && from) this.restore(item, stateBetween(from, to));
      },
      touched: ({ before, after }) => (before && after ? touchedOfFigure(before, after) : 'all'),
    });
  }

  lineUps(): LineUpDto[] {
    return this.views.lineUps();
  }

  lineUp(id: string): LineUpDto {
    return this.views.lineUp(id);
  }

  names(): LineUpNamesDto[] {
    return this.views.names();
  }

  wearersOf(variant: string): FigureNameDto[] {
    return this.views.wearersOf(variant);
  }

  figure(id: string): FigureDto {
    return this.views.figure(id);
  }

  /** Saves a brief over the version the person saw. */
  saveBrief(id: string, brief: Brief, seen?: number): Promise<FigureDto> {
    return this.database.write<FigureDto>(() => {
      const figure = this.store.figure(id);
      refuseStale(`The brief of ${figure.brief.name}`, seen, figure.version, () => this.views.figure(id));
      const faults = briefFaults(brief, this.catalogue.now());
      if (faults[0]) throw new Problem(422, faults[0].sentence, faults);
      const before = completeBrief(figure.brief);
      if (JSON.stringify(before) === JSON.stringify(completeBrief(brief))) return this.views.figure(id);
      this.store.updateFigure(id, { brief });
      this.history.record({
        ...{ line: 'figure', item: id, label: changeLabel(before, brief) },
        slices: [sliceOfFigure(id, { brief: before }, { brief })],
      });
      this.live.tellAfterwards('figures', id);
      return this.views.figure(id);
    });
  }

  /** Gives a figure its place in the line-up, in words; without any it has none. */
  setRole(id: string, role: string): Promise<FigureDto> {
    return this.database.write<FigureDto>(() => {
      const { role: before, brief } = this.store.figure(id);
      if (before === role) return this.views.figure(id);
      this.store.updateFigure(id, { role });
      const label = role === '' ? `Took the role of ${brief.name} away` : `${brief.name} is ${role}`;
      const slices = [{ subject: 'stance' as const, item: id, before: { role: before }, after: { role } }];
      this.history.record({ line: 'figure', item: id, label, slices });
      this.live.tellAfterwards('figures', id);
      return this.views.figure(id);
    });
  }

  create({ name, lineUp, from }: NewFigureDto): Promise<FigureDto> {
    return this.database.write<FigureDto>(() => {
      const plan = completePlan(this.store.lineUp(lineUp).plan);
      const { look, parts, ...begun } = this.begin(name, from ?? { kind: 'nothing' }, this.catalogue.now());
      const [id, lookId] = [randomUUID(), randomUUID()];
      const brief = startedFrom(begun.brief, plan.house);
      this.store.insertFigure({ id, lineUp, place: this.store.figuresOf(lineUp).length, role: '', brief, chosenLook: lookId });
      this.store.insertLook({ id: lookId, figure: id, place: 0, name: look }, firstLookOf(parts, plan, id, this.catalogue.now()));
      this.arranging.recordAdded(lineUp, id, name);
      return this.views.figure(id);
    });
  }

  /**
   * Makes a brief, or a line-up, of an idea: whose idea it was goes with it. The parts it thinks of are put on as far as they go, one after
   * the other. Within a unit of work that is under way.
   */
  promoteNow({ name, story, credit, parts, ...idea }: Promotion): { readonly figure: string | null; readonly lineUp: string | null } {
    const notes = [story, credit === '' ? '' : `An idea of ${credit}.`].filter(Boolean).join('\n');
    if (idea.isLineUp) return { figure: null, lineUp: this.arranging.createNow(name, { notes }) };
    const lineUp = idea.lineUp ?? this.store.lineUps()[0]?.id;
    if (lineUp === undefined) throw new Problem(409, 'There is no line-up yet for it to stand in. Begin one first.');
    const plan = completePlan(this.store.lineUp(lineUp).plan);
    const brief = { ...startedFrom(emptyBrief(name), plan.house), story, credit };
    const [id, lookId] = [randomUUID(), randomUUID()];
    const catalogue = this.catalogue.now();
    this.store.insertFigure({ id, lineUp, place: this.store.figuresOf(lineUp).length, role: '', brief, chosenLook: lookId });
    const look = putOn(parts, firstLookOf([], plan, id, catalogue), catalogue);
    this.store.insertLook({ id: lookId, figure: id, place: 0, name: 'From the idea' }, look);
    this.arranging.recordAdded(lineUp, id, name);
    return { figure: id, lineUp: null };
  }

  /** Puts back what a deed changed of a figure. */
  private restore(id: string, { brief, chosenLook, looks = {}, pictures = {} }: FigureState): void {
    for (const [look, set] of Object.entries(looks)) this.store.updateLook(look, set);
    for (const [picture, set] of Object.entries(pictures)) this.references.update(picture, set);
    this.store.updateFigure(id, {
      ...(brief ? { brief: { ...completeBrief(this.store.figure(id, 'in the bin too').brief), ...brief } } : {}),
      ...(chosenLook === undefined ? {} : { chosenLook }),
    });
    const { chosenLook: chosen } = this.store.figure(id, 'in the bin too');
    const look = this.store.look(chosen);
    if (look.removedAt !== null)
      throw new Problem(409, `“${look.name}” is the chosen look and cannot go into the bin. Choose another first; nothing was changed.`);
    this.live.tellAfterwards('figures', id);
  }

  private begin(name: string, { kind, id = '' }: BeginningDto, catalogue: Catalogue): Beginning {
    switch (kind) {
      case 'nothing':
        return { brief: emptyBrief(name), look: 'First look', parts: [] };
      case 'figure': {
        const model = this.store.figure(id);
        const look = this.store.look(model.chosenLook);
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
}

/** A look with parts put on where each goes first; one that does not go there is left out. */
function putOn(parts: readonly string[], first: Look, catalogue: Catalogue): Look {
  let look = first;
  for (const variant of parts) {
    const position = catalogue
      .mouldOf(catalogue.variant(variant))
      .fills.map(([anchor]) => anchor)
      .find((at) => at && !look.parts.some((part) => part.position === at));
    if (position) look = applyEdit(look, { action: 'put on', position, variant }, catalogue);
  }
  return look;
}

/** A first look: one that starts from nothing starts in the uniform. */
function firstLookOf(parts: readonly LookPart[], plan: LineUpPlan, id: string, catalogue: Catalogue): Look {
  const look: Look = { parts, overrules: [] };
  if (parts.length > 0) return look;
  const uniform = uniformOf(plan, { id, role: '', faction: '', free: [] });
  return afterUniformChange(look, [], uniform, [], 'followers', catalogue)?.look ?? look;
}

const FIELD_WORDS: Readonly<Partial<Record<keyof Brief, string>>> = {
  name: 'the name',
  story: 'the story',
  system: 'the toy line',
  features: 'the wishes',
  colours: 'the colours',
  ageBand: 'the age',
  born: 'the year of birth',
  year: 'the year of the story',
  skinSchool: 'the skin school',
  alterationSchool: 'the alteration school',
  notSeen: 'what is not seen',
  mainColours: 'the number of main colours',
  bannedSources: 'the banned sources',
  bannedFigures: 'the banned figures',
  rules: 'the rules',
  budgetMinor: 'the budget',
  copies: 'the copies',
  dueOn: 'the due date',
  neverWith: 'figures it is never shown with',
  newOnly: 'the wish for new pieces',
  requester: 'who asked',
  credit: 'whose idea it was',
};

/** "Changed the story", for the history. */
function changeLabel(before: Brief, after: Brief): string {
  const fields = (Object.keys(FIELD_WORDS) as (keyof Brief)[]).filter((key) => JSON.stringify(before[key]) !== JSON.stringify(after[key]));
  const [only, ...more] = fields.map((key) => FIELD_WORDS[key] ?? `the ${key}`);
  return only === undefined ? 'Changed the brief' : more.length === 0 ? `Changed ${only}` : `Changed ${only} and more of the brief`;
}
