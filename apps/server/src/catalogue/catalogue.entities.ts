import type { Colour, ColourKind, Era, Finish, LookPart, Mould, Print, SkinSchool, Source } from '@outfit/core';
import { Column, Entity, PrimaryColumn } from 'typeorm';

@Entity('colour')
export class ColourEntity implements Colour {
  @PrimaryColumn('text') id: string;
  @Column('text') name: string;
  @Column('text') hex: string;
  @Column('text') finish: Finish;
  @Column('text') kind: ColourKind;
  @Column('text', { nullable: true }) skinSchool: SkinSchool | undefined;
}

@Entity('motif')
export class MotifEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') name: string;
  @Column('text', { nullable: true }) parent: string | null;
}

/** What is searched stands in columns; the rest of a mould is one document. */
@Entity('mould')
export class MouldEntity {
  @PrimaryColumn('text') number: string;
  @Column('text') name: string;
  @Column('text') family: string;
  @Column('integer') revision: number;
  @Column('simple-json') detail: Omit<Mould, 'number' | 'name' | 'family' | 'revision'>;
}

@Entity('print')
export class PrintEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') name: string;
  @Column('text') era: Era;
  @Column('simple-json') detail: Omit<Print, 'id' | 'name' | 'era'>;
}

@Entity('variant')
export class VariantEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') mould: string;
  @Column('text', { nullable: true }) print: string | null;
  @Column('simple-json') colours: string[];
  @Column('integer', { nullable: true }) madeFrom: number | null;
  @Column('integer', { nullable: true }) madeUntil: number | null;
}

@Entity('source')
export class SourceEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') name: string;
  @Column('text') kind: Source['kind'];
  @Column('text') range: string;
  @Column('integer') year: number;
}

@Entity('official_figure')
export class OfficialFigureEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') name: string;
  @Column('text') source: string;
  @Column('text', { nullable: true }) person: string | null;
  @Column('simple-json') parts: LookPart[];
}

export const CATALOGUE_ENTITIES = [ColourEntity, MotifEntity, MouldEntity, PrintEntity, VariantEntity, SourceEntity, OfficialFigureEntity];
