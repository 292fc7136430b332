import { ALTERATION_SCHOOLS, POSITIONS, SKIN_SCHOOLS } from '@outfit/core';
import {
  type BuildElement,
  completePlan,
  type CopyVariation,
  type Faction,
  type HouseRules,
  LINE_UP_KINDS,
  type LineUpPlan,
  SEATING_KINDS,
  type Prop,
  type Relation,
  RELATION_KINDS,
  type Role,
  type Scope,
  SCOPES,
  type Seating,
  type SharedBuild,
  type Spare,
  type Tokens,
  type UniformPart,
} from '@outfit/core/lineup';
import { entryOf, type Fields, listOf, number, oneOf, orNull, partOf, readerOf, text, truth, whole } from '../shape/index.js';
import { lookPart } from './figures.js';

const scope = entryOf<Scope>({ kind: oneOf(SCOPES), of: text });
const house: Fields<HouseRules> = {
  skinSchool: orNull(oneOf(SKIN_SCHOOLS)),
  alterationSchool: orNull(oneOf(ALTERATION_SCHOOLS)),
  mainColours: orNull(whole),
  colours: listOf(text),
  year: orNull(number),
  budgetMinor: orNull(whole),
  bannedSources: listOf(text),
};
const spares = listOf(entryOf<Spare>({ variant: text, count: whole, each: truth, scope }));

const plan: Fields<LineUpPlan> = {
  kind: oneOf(LINE_UP_KINDS),
  promised: orNull(whole),
  edition: text,
  dueOn: orNull(text),
  notes: text,
  house: entryOf(house),
  budgetAllMinor: orNull(whole),
  packColour: text,
  roles: listOf(entryOf<Role>({ name: text, least: whole, most: orNull(whole) })),
  factions: listOf(entryOf<Faction>({ id: text, name: text, colours: listOf(text), recipe: text, leader: text, sharesFaces: truth })),
  uniform: listOf(entryOf<UniformPart>({ scope, part: lookPart })),
  variations: listOf(
    entryOf<CopyVariation>({
      id: text,
      figure: text,
      name: text,
      position: oneOf(POSITIONS),
      variants: listOf(text),
      copies: orNull(whole),
      isApart: truth,
      seed: number,
    }),
  ),
  tokens: listOf(
    entryOf<Tokens>({
      id: text,
      name: text,
      count: whole,
      mostInOne: whole,
      leadersGetOne: truth,
      isApartFromBuilds: truth,
      seed: number,
    }),
  ),
  builds: listOf(
    entryOf<SharedBuild>({
      id: text,
      name: text,
      elements: listOf(entryOf<BuildElement>({ name: text, variant: text, count: whole })),
      packs: whole,
      seed: number,
    }),
  ),
  seatings: listOf(
    entryOf<Seating>({ id: text, name: text, kind: oneOf(SEATING_KINDS), places: listOf(entryOf({ name: text, figure: text })) }),
  ),
  props: listOf(entryOf<Prop>({ id: text, name: text, variant: text, carriedBy: text })),
  spares,
  relations: listOf(entryOf<Relation>({ kind: oneOf(RELATION_KINDS), from: text, to: text })),
};
// What the house says has grown too.
const readPartOfPlan = readerOf(
  partOf<LineUpPlan, never>({ ...plan, house: partOf<HouseRules, never>(house) as Fields<LineUpPlan>['house'] }),
);

/** What a line-up keeps, as it was kept, with what has been added to plans since. */
export const readLineUpPlan = (json: unknown): LineUpPlan => completePlan(readPartOfPlan(json));
export const readSpares = readerOf(spares);
