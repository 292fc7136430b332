import { LINE_UP_KINDS, type LineUpKind } from '@outfit/core/lineup';
import { Flag, Id, OneOf, Text, Texts } from '../../platform/http/index.js';

/** The page a deed is done on: Undo of that page takes it back. */
const PAGES = ['workroom', 'line-up'] as const;
export type ArrangingPage = (typeof PAGES)[number];

const NAME = { most: 80 };

export class NewLineUpDto {
  @Text('Name', NAME) name: string;
  @OneOf('Kind', LINE_UP_KINDS, { optional: true }) kind?: LineUpKind;
  @Id('Copy of', { optional: true, description: 'A line-up whose figures are copied along' }) copyOf?: string;
  @Flag('Briefs alone', { optional: true, description: 'Copies figures without their looks' }) isBriefsAlone?: boolean;
}

export class LineUpNameDto {
  @Text('Name', NAME) name: string;
  @OneOf('Page', PAGES, { optional: true }) on?: ArrangingPage;
}

export class LineUpOrderDto {
  @Texts('Line-ups', { most: 1000, each: 100, description: 'Every line-up, in the wanted order' }) lineUps: string[];
}

export class BinnedFlagDto {
  @Flag('In the bin') isAway: boolean;
}

const FIGURES = { most: 2000, each: 100, description: 'All of one line-up' };

/** Figures that go to another line-up, or get copies there. */
export class FiguresToDto {
  @Texts('Figures', FIGURES) figures: string[];
  @Id('Line-up') lineUp: string;
}

export class FigureCopiesDto extends FiguresToDto {
  @Flag('Briefs alone', { optional: true, description: 'Copies them without their looks' }) isBriefsAlone?: boolean;
}

export class FiguresBinDto extends BinnedFlagDto {
  @Texts('Figures', FIGURES) figures: string[];
}
