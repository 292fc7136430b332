import { Injectable } from '@nestjs/common';
import { completeBrief, type Look, shareToCent, spotOf } from '@outfit/core';
import { completePlan, type CopyVariation, copiesOf, type LineUpPlan } from '@outfit/core/lineup';
import { randomUUID } from 'node:crypto';
import { CatalogueService } from '../catalogue/index.js';
import { type Arrangement, FiguresStore, FigureViews, LineUpDeeds, type LineUpDto, lookOf, type Stance } from '../figures/index.js';
import { Clock } from '../platform/clock/index.js';
import { Database } from '../platform/db/index.js';
import { Problem } from '../platform/http/index.js';
import { spotsBetween } from './lineups.service.js';

const MOST_NAME = 80;
const MOST_COPIES = 500;

interface Group {
  readonly parts: string;
  readonly look: ReturnType<typeof copiesOf>[number]['look'];
  readonly by: readonly string[];
  copies: number;
}

/**
 * The variations of an army as figures of their own, each planned as often as it is to stand there: so everything that counts pieces, money
 * and steps counts them as they are. The rules are kept and can be drawn again; one deed, one step of Undo.
 */
@Injectable()
export class VariationsService {
  constructor(
    private readonly database: Database,
    private readonly store: FiguresStore,
    private readonly views: FigureViews,
    private readonly deeds: LineUpDeeds,
    private readonly catalogue: CatalogueService,
    private readonly clock: Clock,
  ) {}

  /** Sets the variations of a recipe, and shares its copies among them. All copies together stay as many as they were. */
  vary(id: string, figure: string, variations: readonly CopyVariation[]): Promise<LineUpDto> {
    return this.database.write<LineUpDto>(() => {
      const { label, after } = this.arrangementOf(id, figure, variations);
      this.deeds.do(id, label, after);
      return this.views.lineUp(id);
    });
  }

  /** The variations a workspace opens with, drawn once. Within the unit of work that fills it. */
  open(plans: Readonly<Record<string, LineUpPlan>>): void {
    for (const [id, { variations }] of Object.entries(plans))
      for (const figure of new Set(variations.map((row) => row.figure)))
        this.deeds.put(
          this.arrangementOf(
            id,
            figure,
            variations.filter((row) => row.figure === figure),
          ).after,
        );
  }

  /** What sharing the copies out anew changes. Figures that it takes are made here, and lie in the bin until it is done. */
  private arrangementOf(
    id: string,
    figure: string,
    variations: readonly CopyVariation[],
  ): { readonly label: string; readonly after: Arrangement } {
    const plan = completePlan(this.store.lineUp(id).plan);
    const members = this.store.figuresOf(id);
    const recipe = members.find((row) => row.id === figure);
    if (!recipe) throw new Problem(422, 'The recipe does not stand in this line-up. Choose one that does.');
    if (recipe.recipe !== '') throw new Problem(422, `${recipe.brief.name} is a variation itself. Vary its recipe instead.`);
    const varied = members.filter((row) => row.recipe === figure);
    const own = completeBrief(recipe.brief);
    const total = varied.reduce((all, row) => all + completeBrief(row.brief).copies, own.copies);
    if (total > MOST_COPIES) throw new Problem(422, `${total} copies are more than the ${MOST_COPIES} that one recipe can have.`);
    const stranger = variations.find((row) => row.figure !== figure || row.variants.some((variant) => !this.catalogue.now().has(variant)));
    if (stranger) throw new Problem(422, `“${stranger.name}” is of another figure, or names a part that is not in the catalogue.`);
    const next: LineUpPlan = { ...plan, variations: [...plan.variations.filter((row) => row.figure !== figure), ...variations] };
    const look = lookOf(this.store.look(recipe.chosenLook));
    const groups = groupsOf(copiesOf(look, total, variations, this.catalogue.now()));
    const figures: Record<string, Stance> = {};
    // The recipe stands for the copies that are like it; where there are none, for the first group.
    const base = groups.find((group) => group.parts === partsOf(look)) ?? groups[0];
    const others = groups.filter((group) => group !== base);
    // A budget is for all copies: each group has its share of it.
    const budget = [own, ...varied.map((row) => completeBrief(row.brief))].reduce((all, { budgetMinor }) => all + (budgetMinor ?? 0), 0);
    const inOrder = [...(base ? [base] : []), ...others];
    const shares = shareToCent(
      budget,
      inOrder.map(({ copies }) => copies),
    );
    const budgetOf = (group: Group | undefined): number | null =>
      own.budgetMinor === null ? null : (shares[inOrder.findIndex((row) => row === group)] ?? 0);
    figures[figure] = { brief: { copies: base?.copies ?? total, budgetMinor: budgetOf(base) } };
    for (const [i, row] of varied.entries()) if (!others[i]) figures[row.id] = { removedAt: this.now() };
    const looks: Record<string, ReturnType<typeof spotsBetween>> = {};
    if (base && base.parts !== partsOf(look)) looks[recipe.chosenLook] = spotsBetween(look, base.look);
    for (const [i, group] of others.entries()) {
      const known = varied[i];
      const name = `${own.name}, ${group.by.join(', ')}`.slice(0, MOST_NAME);
      if (known) {
        figures[known.id] = { brief: { name, copies: group.copies, budgetMinor: budgetOf(group) } };
        looks[known.chosenLook] = spotsBetween(lookOf(this.store.look(known.chosenLook)), group.look);
      } else {
        const [fresh, lookId] = [randomUUID(), randomUUID()];
        const { role, faction, free } = recipe;
        const place = members.length + i;
        // It comes into being with the deed: taken back, it lies in the bin.
        this.store.insertFigure({
          id: fresh,
          lineUp: id,
          place,
          role,
          faction,
          free,
          recipe: figure,
          brief: { ...own, name, copies: group.copies, budgetMinor: budgetOf(group) },
          chosenLook: lookId,
        });
        this.store.insertLook({ id: lookId, figure: fresh, place: 0, name: 'Variation' }, group.look);
        this.store.updateFigure(fresh, { removedAt: this.now() });
        figures[fresh] = { removedAt: null };
      }
    }
    return { label: `Varied the copies of ${own.name}`, after: { lineUps: { [id]: { plan: next } }, figures, looks } };
  }

  private now(): string {
    return this.clock.now().toISOString();
  }
}

/** The parts of a look as one text, whatever order they were put on in. */
const partsOf = ({ parts }: Look): string => JSON.stringify([...parts].sort((a, b) => (spotOf(a) < spotOf(b) ? -1 : 1)));

/** The different looks among copies, in the order they first stand in. */
function groupsOf(copies: ReturnType<typeof copiesOf>): readonly Group[] {
  const groups = new Map<string, Group>();
  for (const { look, by } of copies) {
    const parts = partsOf(look);
    const known = groups.get(parts);
    if (known) known.copies += 1;
    else groups.set(parts, { parts, look, by, copies: 1 });
  }
  return [...groups.values()];
}
