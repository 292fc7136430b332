import { type Adjustments, type BasketProblem, CONDITIONS } from '@outfit/core';
import {
  entryOf,
  type Fields,
  listOf,
  number,
  oneOf,
  optional,
  orNull,
  partOf,
  readAdjustments,
  readerOf,
  readKeptProblem,
  readTexts,
  text,
  truth,
  whole,
} from '@outfit/formats/kept';
import { Column, Entity, JsonColumn, PrimaryColumn } from '../../platform/sqlite/index.js';
import type { ErrandSettingsDto } from '../errands.dto.js';

/** A look an errand shops for. Looks of one group are never shown together. */
export interface StoredLine {
  readonly figure: string;
  readonly look: string;
  readonly copies: number;
  readonly group: string | null;
}

const line: Fields<StoredLine> = { figure: text, look: text, copies: whole, group: orNull(text) };
const readPartOfLines = readerOf(listOf(partOf<StoredLine, 'figure' | 'look' | 'copies'>(line, 'figure', 'look', 'copies')));
/** Lines as they were kept; of old none was in a group. */
const readLines = (json: unknown): readonly StoredLine[] => readPartOfLines(json).map((own) => ({ group: null, ...own }));

const settings: Fields<ErrandSettingsDto> = {
  maxParcels: optional(orNull(whole)),
  budgetMinor: optional(orNull(whole)),
  withinDays: optional(orNull(whole)),
  condition: optional(oneOf(CONDITIONS)),
  trustedOnly: optional(truth),
  allowThirdParty: optional(truth),
  useDonors: optional(truth),
  matchArms: optional(truth),
  resaleShare: optional(number),
  standFirst: optional(truth),
  fillFirst: optional(truth),
  pointMinor: optional(whole),
};

/** One shopping trip planned for some looks; its plan is the result of its job. `scope` is the figure or line-up it was begun from. */
@Entity('errand')
export class ErrandEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') scope: string;
  @Column('text') title: string;
  /** What the person calls it; null while it goes by its title. */
  @Column('text', { nullable: true }) name: string | null;
  /** When it was put in the bin; null while it stands. */
  @Column('text', { nullable: true }) removedAt: string | null;
  @JsonColumn(readLines) lines: readonly StoredLine[];
  @JsonColumn(readerOf(entryOf<ErrandSettingsDto>(settings))) settings: ErrandSettingsDto;
  @JsonColumn(readAdjustments) adjustments: Adjustments;
  @Column('text') createdAt: string;
  @Column('text') job: string;
  @JsonColumn(readKeptProblem) problem: BasketProblem;
  /** Errands in the order they were planned; a clock may go back, this does not. */
  @Column('integer') ordinal: number;
  /** Offers ticked off while shopping. */
  @JsonColumn(readTexts) ticked: readonly string[];
}
