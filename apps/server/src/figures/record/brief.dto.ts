import {
  AGE_BANDS,
  type AgeBand,
  ALTERATION_SCHOOLS,
  type AlterationSchool,
  type Area,
  AREAS,
  type Brief,
  type Feature,
  FEATURE_KINDS,
  type FeatureKind,
  PRACTICAL_RULES,
  type PracticalRule,
  SKIN_SCHOOLS,
  type SkinSchool,
  type Weight,
  WEIGHTS,
} from '@outfit/core';
import { Day, Flag, Id, OneOf, Rows, SomeOf, Text, Texts, Whole } from '../../platform/http/index.js';

export const MOST_MINOR = 100_000_000;
/** Years of stories, which need not be ours. */
export const FIRST_YEAR = -9999;
export const LAST_YEAR = 9999;

export class FeatureDto implements Feature {
  @Id('Wish') id: string;
  @Text('Wish', { most: 120, name: false }) label: string;
  @OneOf('Area', AREAS) area: Area;
  @OneOf('Kind', FEATURE_KINDS) kind: FeatureKind;
  @Text('Target', {
    most: 200,
    name: false,
    description: 'Read by kind: a motif, a colour, shape words, a mood, an age, a person, conditions, free words',
  })
  target: string;
  @OneOf('Weight', WEIGHTS) weight: Weight;
}

export class BriefDto implements Brief {
  @Text('Name', { most: 80 }) name: string;
  @Text('Story', { least: 0, most: 2000, lines: true }) story: string;
  @Id('System', { optional: true }) system?: string;
  @Rows('Wishes', () => FeatureDto, { most: 60 }) features: FeatureDto[];
  @Texts('Colours', { most: 8, each: 100 }) colours: string[];
  @OneOf('Age', AGE_BANDS) ageBand: AgeBand;
  @Whole('Year of birth', FIRST_YEAR, LAST_YEAR, { nullable: true }) born: number | null;
  @Whole('Year of the story', FIRST_YEAR, LAST_YEAR, { nullable: true }) year: number | null;
  @OneOf('Skin school', SKIN_SCHOOLS) skinSchool: SkinSchool;
  @OneOf('Alteration school', ALTERATION_SCHOOLS) alterationSchool: AlterationSchool;
  @SomeOf('Not seen', AREAS) notSeen: Area[];
  @Whole('Main colours', 1, 8) mainColours: number;
  @Texts('Banned sources', { most: 100, each: 200 }) bannedSources: string[];
  @Texts('Banned figures', { most: 100, each: 200 }) bannedFigures: string[];
  @SomeOf('Rules', PRACTICAL_RULES) rules: PracticalRule[];
  @Whole('Budget', 0, MOST_MINOR, { nullable: true }) budgetMinor: number | null;
  @Whole('Copies', 1, 500) copies: number;
  @Day('Due', { nullable: true }) dueOn: string | null;
  @Text('Never shown together', {
    least: 0,
    most: 80,
    optional: true,
    description: 'A name; figures that name the same are never shown together and share their pieces',
  })
  neverWith?: string;
  @Flag('New pieces only', { optional: true }) newOnly?: boolean;
  @Text('Who asked', { least: 0, most: 120 }) requester: string;
  @Text('Whose idea it was', { least: 0, most: 120 }) credit: string;
}
