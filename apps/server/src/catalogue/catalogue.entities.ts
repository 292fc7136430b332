import type { Bundle, CatalogueKind, Certainty, Colour, MotifTrait, OfficialFigure, Print, SourceKind, YieldKind } from '@outfit/core';
import { MOTIF_TRAITS, POSITIONS } from '@outfit/core';
import { entryOf, listOf, oneOf, optional, readerOf, readTexts, text, truth, whole } from '@outfit/formats/kept';
import { Column, Entity, JsonColumn, PrimaryColumn, PrimaryGeneratedColumn } from '../platform/sqlite/index.js';

/** What of an entry is neither searched for nor joined; its own kind knows what is in it. */
export type Detail = Readonly<Record<string, unknown>>;
const readDetail = readerOf<Detail>({ type: 'object' });

@Entity('toy_system')
export class SystemEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') name: string;
  @JsonColumn(readDetail) detail: Detail;
}

@Entity('colour')
export class ColourEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') name: string;
  @Column('text') hex: string;
  @Column('text') finish: Colour['finish'];
  @Column('text') kind: Colour['kind'];
  @Column('text', { nullable: true }) skinSchool: NonNullable<Colour['skinSchool']> | null;
}

@Entity('motif')
export class MotifEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') name: string;
  @Column('text', { nullable: true }) parent: string | null;
  @Column('text', { nullable: true }) continues: string | null;
  @JsonColumn(readerOf(listOf(oneOf(MOTIF_TRAITS))), { nullable: true }) traits: readonly MotifTrait[] | null;
}

@Entity('mould')
export class MouldEntity {
  @PrimaryColumn('text') number: string;
  @Column('text') name: string;
  @Column('text') family: string;
  @Column('integer') revision: number;
  @JsonColumn(readDetail) detail: Detail;
}

@Entity('print')
export class PrintEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') name: string;
  @Column('text') era: Print['era'];
  @JsonColumn(readDetail) detail: Detail;
}

@Entity('variant')
export class VariantEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') mould: string;
  @Column('text', { nullable: true }) print: string | null;
  @JsonColumn(readTexts) colours: readonly string[];
  @Column('integer', { nullable: true }) madeFrom: number | null;
  @Column('integer', { nullable: true }) madeUntil: number | null;
  @Column('text', { nullable: true }) mergedInto: string | null;
}

@Entity('bundle')
export class BundleEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') name: string;
  @JsonColumn(readerOf<Bundle['parts']>(listOf(entryOf({ variant: text, quantity: whole })))) parts: Bundle['parts'];
}

const officialPart = entryOf<OfficialFigure['parts'][number]>({
  position: oneOf(POSITIONS),
  variant: text,
  turned: truth,
  place: optional(whole),
});

@Entity('official_figure')
export class OfficialFigureEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') name: string;
  @Column('text', { nullable: true }) person: string | null;
  @JsonColumn(readerOf(listOf(officialPart))) parts: OfficialFigure['parts'];
}

@Entity('source')
export class SourceEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') name: string;
  @Column('text') kind: SourceKind;
  @Column('text') range: string;
  @Column('integer') year: number;
  @Column('integer', { nullable: true }) printRunCopies: number | null;
  @Column('text', { nullable: true }) printRunCertainty: Certainty | null;
}

/** One thing a source yields; `place` is which of its list. */
@Entity('source_yield')
export class SourceYieldEntity {
  @PrimaryColumn('text') source: string;
  @PrimaryColumn('integer') place: number;
  @Column('text') kind: YieldKind;
  @Column('text') item: string;
  @Column('integer') quantity: number;
  @Column('text') certainty: Certainty;
}

/** An entry in the bin, whole. */
@Entity('binned_entry')
export class BinnedEntryEntity {
  @PrimaryColumn('text') kind: CatalogueKind;
  @PrimaryColumn('text') item: string;
  @JsonColumn(readDetail) entry: Detail;
  @Column('text') removedAt: string;
}

/** News that an imagined variant came to be made, until everybody has been told. */
@Entity('made_news')
export class MadeNewsEntity {
  @PrimaryGeneratedColumn() id: number;
  @Column('text') at: string;
  @Column('text') variant: string;
  @Column('text') text: string;
  @Column('text', { nullable: true }) toldAt: string | null;
}

/** A photograph of one face of an entry; `id` names its file. */
@Entity('photograph')
export class PhotographEntity {
  @PrimaryColumn('text') kind: 'print' | 'variant' | 'mould';
  @PrimaryColumn('text') item: string;
  @PrimaryColumn('text') face: 'front' | 'back' | 'left' | 'right' | 'second face';
  @Column('text') id: string;
  @Column('integer') width: number;
  @Column('integer') height: number;
  @Column('text') addedAt: string;
}

/** A photograph on the stack, of what nobody has said yet; `file` is the SHA-256 it lies under. */
@Entity('photo_stack')
export class StackedPhotographEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') file: string;
  @Column('text') name: string;
  @Column('integer') width: number;
  @Column('integer') height: number;
  @Column('text') addedAt: string;
}

export const CATALOGUE_ENTITIES = [
  SystemEntity,
  ColourEntity,
  MotifEntity,
  MouldEntity,
  PrintEntity,
  VariantEntity,
  BundleEntity,
  OfficialFigureEntity,
  SourceEntity,
  SourceYieldEntity,
  BinnedEntryEntity,
  MadeNewsEntity,
  PhotographEntity,
  StackedPhotographEntity,
];
