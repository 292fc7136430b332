import { ALTERATION_SCHOOLS, type AlterationSchool, POSITIONS, type Position, SKIN_SCHOOLS, type SkinSchool } from '@outfit/core';
import {
  type BuildElement,
  type CopyVariation,
  type Faction,
  type HouseRules,
  LINE_UP_KINDS,
  type LineUpKind,
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
import { Day, Flag, Id, OneOf, Row, Rows, Text, Texts, Whole } from '../../platform/http/index.js';
import { FIRST_YEAR, LAST_YEAR, MOST_MINOR } from './brief.dto.js';
import { PartDto } from './looks.dto.js';

const SEED_MOST = 4_294_967_295;
const NAME = { most: 80 };
const NOBODY = { least: 0, most: 200, name: false };

export class HouseRulesDto implements HouseRules {
  @OneOf('Skin school', SKIN_SCHOOLS, { nullable: true }) skinSchool: SkinSchool | null;
  @OneOf('Alteration school', ALTERATION_SCHOOLS, { nullable: true }) alterationSchool: AlterationSchool | null;
  @Whole('Main colours', 1, 8, { nullable: true }) mainColours: number | null;
  @Texts('Colours', { most: 8, each: 100 }) colours: string[];
  @Whole('Year of the story', FIRST_YEAR, LAST_YEAR, { nullable: true }) year: number | null;
  @Whole('Budget of a figure', 0, MOST_MINOR, { nullable: true }) budgetMinor: number | null;
  @Texts('Banned sources', { most: 100, each: 200 }) bannedSources: string[];
}

export class RoleOfDto implements Role {
  @Text('Role', { most: 60 }) name: string;
  @Whole('At least', 0, 500) least: number;
  @Whole('At most', 0, 500, { nullable: true }) most: number | null;
}

export class FactionDto implements Faction {
  @Id('Faction') id: string;
  @Text('Name', NAME) name: string;
  @Texts('Colours', { most: 8, each: 100 }) colours: string[];
  @Text('Recipe', { least: 0, most: 1000, lines: true }) recipe: string;
  @Text('Leader', NOBODY) leader: string;
  @Flag('Rank and file share faces') sharesFaces: boolean;
}

export class ScopeDto implements Scope {
  @OneOf('Kind', SCOPES) kind: Scope['kind'];
  @Text('Of', NOBODY) of: string;
}

export class UniformPartDto implements UniformPart {
  @Row('Scope', () => ScopeDto) scope: ScopeDto;
  @Row('Part', () => PartDto) part: PartDto;
}

export class CopyVariationDto implements CopyVariation {
  @Id('Variation') id: string;
  @Id('Figure') figure: string;
  @Text('Name', NAME) name: string;
  @OneOf('Position', POSITIONS) position: Position;
  @Texts('Parts', { least: 1, most: 40, each: 200 }) variants: string[];
  @Whole('Copies', 1, 500, { nullable: true }) copies: number | null;
  @Flag('No two alike side by side') isApart: boolean;
  @Whole('Seed', 0, SEED_MOST) seed: number;
}

export class TokensDto implements Tokens {
  @Id('Tokens') id: string;
  @Text('Name', NAME) name: string;
  @Whole('How many', 0, 5000) count: number;
  @Whole('Most in one pack', 1, 100) mostInOne: number;
  @Flag('Every leader gets one') leadersGetOne: boolean;
  @Flag('Apart from builds') isApartFromBuilds: boolean;
  @Whole('Seed', 0, SEED_MOST) seed: number;
}

export class BuildElementDto implements BuildElement {
  @Text('Element', NAME) name: string;
  @Text('Part', NOBODY) variant: string;
  @Whole('How many', 1, 500) count: number;
}

export class SharedBuildDto implements SharedBuild {
  @Id('Build') id: string;
  @Text('Name', NAME) name: string;
  @Rows('Elements', () => BuildElementDto, { least: 1, most: 60 }) elements: BuildElementDto[];
  @Whole('Packs', 1, 500) packs: number;
  @Whole('Seed', 0, SEED_MOST) seed: number;
}

export class PlaceOfDto {
  @Text('Place', NAME) name: string;
  @Text('Figure', NOBODY) figure: string;
}

export class SeatingDto implements Seating {
  @Id('Seats') id: string;
  @Text('Name', NAME) name: string;
  @OneOf('Kind', SEATING_KINDS) kind: Seating['kind'];
  @Rows('Places', () => PlaceOfDto, { least: 1, most: 60 }) places: PlaceOfDto[];
}

export class PropDto implements Prop {
  @Id('Prop') id: string;
  @Text('Name', NAME) name: string;
  @Text('Part', NOBODY) variant: string;
  @Text('Carried by', NOBODY) carriedBy: string;
}

export class SpareDto implements Spare {
  @Id('Part', { most: 200 }) variant: string;
  @Whole('How many', 1, 500) count: number;
  @Flag('For each figure') each: boolean;
  @Row('Scope', () => ScopeDto) scope: ScopeDto;
}

export class RelationDto implements Relation {
  @OneOf('Relation', RELATION_KINDS) kind: Relation['kind'];
  @Id('From') from: string;
  @Id('To') to: string;
}

/** What a line-up keeps beside who stands in it. */
export class LineUpPlanDto implements LineUpPlan {
  @OneOf('Kind', LINE_UP_KINDS) kind: LineUpKind;
  @Whole('Promised', 1, 2000, { nullable: true }) promised: number | null;
  @Text('Edition', { least: 0, most: 80, name: false }) edition: string;
  @Day('Due', { nullable: true }) dueOn: string | null;
  @Text('Notes', { least: 0, most: 4000, lines: true }) notes: string;
  @Row('House rules', () => HouseRulesDto) house: HouseRulesDto;
  @Whole('Budget for all', 0, MOST_MINOR, { nullable: true }) budgetAllMinor: number | null;
  @Text('Colour of the pack', NOBODY) packColour: string;
  @Rows('Roles', () => RoleOfDto, { most: 40 }) roles: RoleOfDto[];
  @Rows('Factions', () => FactionDto, { most: 40 }) factions: FactionDto[];
  @Rows('Uniform', () => UniformPartDto, { most: 100 }) uniform: UniformPartDto[];
  @Rows('Variations', () => CopyVariationDto, { most: 100 }) variations: CopyVariationDto[];
  @Rows('Tokens', () => TokensDto, { most: 20 }) tokens: TokensDto[];
  @Rows('Builds', () => SharedBuildDto, { most: 20 }) builds: SharedBuildDto[];
  @Rows('Seats', () => SeatingDto, { most: 20 }) seatings: SeatingDto[];
  @Rows('Props', () => PropDto, { most: 60 }) props: PropDto[];
  @Rows('Spares', () => SpareDto, { most: 60 }) spares: SpareDto[];
  @Rows('Relations', () => RelationDto, { most: 200 }) relations: RelationDto[];
}
