import { Injectable } from '@nestjs/common';
import {
  type Brief,
  type Catalogue,
  completeBrief,
  emptyBrief,
  fillingAt,
  isPosition,
  type Look,
  type LookPart,
  positionName,
  spotOf,
} from '@outfit/core';
import {
  afterHouseChange,
  afterUniformChange,
  completePlan,
  type Enrolled,
  HOUSE_KEYS,
  houseFor,
  type LineUpPlan,
  namedIn,
  planFaults,
  type Reaches,
  renamedPlan,
  startedFrom,
  type UniformPart,
  uniformOf,
} from '@outfit/core/lineup';
import { CatalogueService } from '../catalogue/index.js';
import { FiguresStore, FigureViews, LineUpDeeds, type LineUpDto, lookOf, type Spots, type Stance } from '../figures/index.js';
import { Database } from '../platform/db/index.js';
import { Problem, refuseStale } from '../platform/http/index.js';
import type { EnrolDto, FreeDto } from './lineups.dto.js';

type FigureRow = ReturnType<FiguresStore['figure']>;

/** What line-ups keep, and what a change of it does to briefs and looks. Every deed is one step of Undo. */
@Injectable()
export class LineUpsService {
  constructor(
    private readonly database: Database,
    private readonly store: FiguresStore,
    private readonly views: FigureViews,
    private readonly deeds: LineUpDeeds,
    private readonly catalogue: CatalogueService,
  ) {}

  /** Keeps a plan over the one that was seen. Briefs that followed its house rules follow; the uniform stays as it is. */
  savePlan(id: string, given: LineUpPlan, label: string | undefined, seen?: number): Promise<LineUpDto> {
    return this.database.write<LineUpDto>(() => {
      const row = this.store.lineUp(id);
      refuseStale(`What ${row.name} keeps`, seen, row.version, () => this.views.lineUp(id));
      const before = completePlan(row.plan);
      const members = this.store.figuresOf(id);
      const plan: LineUpPlan = {
        ...withoutAbsent(given, before, members),
        uniform: before.uniform.filter(({ scope }) => isThere(scope, given)),
      };
      this.refuseUnsound(plan, members);
      if (JSON.stringify(before) === JSON.stringify(plan)) return this.views.lineUp(id);
      const factions = new Set(plan.factions.map((faction) => faction.id));
      const figures: Record<string, Stance> = {};
      for (const member of members) {
        const faction = factions.has(member.faction) ? member.faction : '';
        const brief = changedBrief(member, houseFor(before, member), houseFor(plan, { faction }));
        if (brief || faction !== member.faction)
          figures[member.id] = { ...(brief ? { brief } : {}), ...(faction === member.faction ? {} : { faction }) };
      }
      this.deeds.do(id, label ?? 'Changed what the line-up keeps', { lineUps: { [id]: { plan } }, figures });
      return this.views.lineUp(id);
    });
  }

  /** Changes the uniform, and with it the looks of all who follow it. Who was set free stays. */
  changeUniform(id: string, uniform: readonly UniformPart[], reaches: Reaches): Promise<LineUpDto> {
    return this.database.write<LineUpDto>(() => {
      const before = completePlan(this.store.lineUp(id).plan);
      const members = this.store.figuresOf(id);
      const plan: LineUpPlan = { ...withoutAbsent(before, before, members), uniform };
      this.refuseUnsound(plan, members);
      const looks = this.dress(members, (member) => [uniformOf(before, member), uniformOf(plan, member)], reaches);
      this.deeds.do(id, 'Changed the uniform', { lineUps: { [id]: { plan } }, looks });
      return this.views.lineUp(id);
    });
  }

  /** Gives figures a role or a faction; the uniform and the house rules that go with it are followed by who followed before. */
  enrol(id: string, { figures: ids, role, faction }: EnrolDto): Promise<LineUpDto> {
    return this.database.write<LineUpDto>(() => {
      const plan = completePlan(this.store.lineUp(id).plan);
      const members = this.membersOf(id, ids);
      if (faction !== undefined && faction !== '' && !plan.factions.some((row) => row.id === faction))
        throw new Problem(422, 'There is no such faction in this line-up. Look again and retry.');
      const then = (member: FigureRow): Enrolled => ({ ...member, role: role ?? member.role, faction: faction ?? member.faction });
      const changing = members.filter((member) => then(member).role !== member.role || then(member).faction !== member.faction);
      if (changing.length === 0) return this.views.lineUp(id);
      const figures = Object.fromEntries(
        changing.map((member): [string, Stance] => {
          const brief = changedBrief(member, houseFor(plan, member), houseFor(plan, then(member)));
          return [member.id, { role: then(member).role, faction: then(member).faction, ...(brief ? { brief } : {}) }];
        }),
      );
      const looks = this.dress(changing, (member) => [uniformOf(plan, member), uniformOf(plan, then(member))], 'followers');
      const what = role !== undefined ? role || 'no role' : (plan.factions.find((row) => row.id === faction)?.name ?? 'no faction');
      this.deeds.do(id, `${nameOf(changing)}: ${what}`, { figures, looks });
      return this.views.lineUp(id);
    });
  }

  /** Sets figures free of house rules or at spots of the uniform, or brings them back: then they follow again, and wear it. */
  setFree(id: string, { figures: ids, what, isFree }: FreeDto): Promise<LineUpDto> {
    return this.database.write<LineUpDto>(() => {
      const plan = completePlan(this.store.lineUp(id).plan);
      const members = this.membersOf(id, ids);
      const stranger = what.find((key) => !(HOUSE_KEYS as readonly string[]).includes(key) && !isPosition(key.split('~')[0] ?? ''));
      if (stranger !== undefined) throw new Problem(422, `“${stranger}” is neither a house rule nor a place of a figure.`);
      const figures: Record<string, Stance> = {};
      for (const member of members) {
        const free = isFree ? [...new Set([...member.free, ...what])] : member.free.filter((key) => !what.includes(key));
        const kept = HOUSE_KEYS.filter((key) => !what.includes(key));
        const was = completeBrief(member.brief);
        const brief = isFree ? null : fieldsThatDiffer(was, startedFrom(was, houseFor(plan, member), kept));
        if (free.join() !== member.free.join() || brief) figures[member.id] = { free, ...(brief ? { brief } : {}) };
      }
      const wanted = (member: FigureRow): readonly LookPart[] => uniformOf(plan, member).filter((part) => what.includes(spotOf(part)));
      const freed = members.map((member) => ({ ...member, free: [] }));
      const looks = isFree ? {} : this.dress(freed, (member) => [[], wanted(member)], 'everybody');
      if (Object.keys(figures).length === 0 && Object.keys(looks).length === 0) return this.views.lineUp(id);
      this.deeds.do(id, `${isFree ? 'Set' : 'Brought'} ${nameOf(members)} ${isFree ? 'free' : 'back'}`, { figures, looks });
      return this.views.lineUp(id);
    });
  }

  /** The looks of figures after their uniform goes from one to another, by the spots that change. All their looks follow, not the chosen alone. */
  private dress(
    members: readonly FigureRow[],
    uniforms: (member: FigureRow) => readonly [before: readonly LookPart[], after: readonly LookPart[]],
    reaches: Reaches,
  ): Readonly<Record<string, Spots>> {
    const catalogue = this.catalogue.now();
    const rows = this.store.looksOf(members.map((member) => member.id));
    const looks: Record<string, Spots> = {};
    for (const member of members) {
      const [before, after] = uniforms(member);
      for (const row of rows.filter((look) => look.figure === member.id)) {
        // A look that is not chosen is somebody's other idea: it follows, and is never made to.
        const own = row.id === member.chosenLook ? reaches : 'followers';
        const look = lookOf(row);
        if (row.id !== member.chosenLook && look.parts.length === 0) continue;
        const change = afterUniformChange(look, before, after, member.free, own, catalogue);
        if (change) looks[row.id] = spotsBetween(look, change.look);
      }
    }
    return looks;
  }

  private membersOf(lineUp: string, ids: readonly string[]): readonly FigureRow[] {
    const rows = ids.map((id) => this.store.figure(id));
    const stranger = rows.find((row) => row.lineUp !== lineUp);
    if (stranger) throw new Problem(422, `${stranger.brief.name} stands in another line-up. Choose figures of this one.`);
    return rows;
  }

  /** Refuses a plan that contradicts itself, or names who or what is not there. */
  private refuseUnsound(plan: LineUpPlan, members: readonly FigureRow[]): void {
    const catalogue: Catalogue = this.catalogue.now();
    const ids = new Set(members.map(({ id }) => id));
    const faults = planFaults(plan).map(({ at, sentence }) => ({ path: `/plan/${at}`, sentence }));
    if ([...namedIn(plan)].some((figure) => !ids.has(figure)))
      faults.push({ path: '/plan', sentence: 'A figure that is named here does not stand in this line-up. Choose one that does.' });
    const parts = [
      ...plan.uniform.map(({ part }) => part.variant),
      ...plan.spares.map(({ variant }) => variant),
      ...plan.variations.flatMap(({ variants }) => variants),
      ...[...plan.props, ...plan.builds.flatMap(({ elements }) => elements)].map(({ variant }) => variant).filter(Boolean),
    ];
    const unknown = parts.find((variant) => !catalogue.has(variant));
    if (unknown !== undefined) faults.push({ path: '/plan', sentence: `There is no part “${unknown}” in the catalogue.` });
    const misplaced = plan.uniform.find(({ part }) => {
      if (!catalogue.has(part.variant)) return false;
      return fillingAt(catalogue.mouldOf(catalogue.variant(part.variant)), part.position) === null;
    });
    if (misplaced) {
      const { position, variant } = misplaced.part;
      const name = catalogue.nameOf(catalogue.variant(variant));
      faults.push({ path: '/plan/uniform', sentence: `${name} does not go there: choose another place than ${positionName(position)}.` });
    }
    const colours = [...plan.house.colours, ...plan.factions.flatMap((faction) => faction.colours), plan.packColour].filter(Boolean);
    const pale = colours.find((colour) => !catalogue.hasColour(colour));
    if (pale !== undefined) faults.push({ path: '/plan', sentence: `There is no colour “${pale}” in the catalogue.` });
    if (faults[0]) throw new Problem(422, faults[0].sentence, faults);
  }
}

/** Who was named and has left meanwhile, into the bin or another line-up, is named no more: nobody has to look for them first. */
function withoutAbsent(given: LineUpPlan, before: LineUpPlan, members: readonly FigureRow[]): LineUpPlan {
  const ids = new Set(members.map(({ id }) => id));
  const gone = new Set([...namedIn(before)].filter((figure) => !ids.has(figure)));
  return gone.size === 0 ? given : renamedPlan(given, (figure) => (gone.has(figure) ? '' : figure));
}

const isThere = ({ kind, of }: UniformPart['scope'], { factions }: LineUpPlan): boolean =>
  kind !== 'faction' || factions.some(({ id }) => id === of);

const EMPTY = emptyBrief('');

/** The fields of a brief that a change of house rules changes; null for none. */
function changedBrief(
  { brief, free }: Pick<FigureRow, 'brief' | 'free'>,
  before: LineUpPlan['house'],
  after: LineUpPlan['house'],
): Partial<Brief> | null {
  const was = completeBrief(brief);
  return fieldsThatDiffer(was, afterHouseChange(was, before, after, free, EMPTY));
}

function fieldsThatDiffer(was: Brief, is: Brief): Partial<Brief> | null {
  const keys = (Object.keys(is) as (keyof Brief)[]).filter((key) => JSON.stringify(was[key]) !== JSON.stringify(is[key]));
  return keys.length === 0 ? null : Object.fromEntries(keys.map((key) => [key, is[key]]));
}

/** What one look has at every spot where another differs; null where it has nothing. */
export function spotsBetween(before: Look, after: Look): Spots {
  const [was, is] = [before, after].map(({ parts }) => new Map(parts.map((part) => [spotOf(part), part])));
  const spots = [...new Set([...(was?.keys() ?? []), ...(is?.keys() ?? [])])];
  return Object.fromEntries(
    spots.filter((spot) => JSON.stringify(was?.get(spot)) !== JSON.stringify(is?.get(spot))).map((spot) => [spot, is?.get(spot) ?? null]),
  );
}

/** "Ibbe Lantry", "Ibbe Lantry and 3 more". */
function nameOf(rows: readonly { readonly brief: { readonly name: string } }[]): string {
  const [first, ...more] = rows;
  return more.length === 0 ? (first?.brief.name ?? '') : `${first?.brief.name ?? ''} and ${more.length} more`;
}
