import type { Alteration, Certainty, Condition } from '@outfit/core';
import type { Defect, EntryKind, PlaceKind } from '@outfit/core/wardrobe';
import { readAlterations, readDefects } from '@outfit/formats/kept';
import { Column, Entity, JsonColumn, PrimaryColumn, PrimaryGeneratedColumn } from '../platform/sqlite/index.js';

/** Where pieces lie, or are: a drawer, a box, somebody they are lent to, a parcel, a figure. */
@Entity('place')
export class PlaceEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') kind: PlaceKind;
  @Column('text') name: string;
  @Column('text', { nullable: true }) parent: string | null;
  /** The names from the outermost place in, as lists and files tell it. */
  @Column('text') path: string;
  @Column('text') note: string;
  /** The day something lent is due back, ISO 8601. */
  @Column('text', { nullable: true }) dueOn: string | null;
  /** The official figure that a donor is, the product that a sealed box is, the figure that is built there. */
  @Column('text', { nullable: true }) official: string | null;
  @Column('text', { nullable: true }) product: string | null;
  @Column('text', { nullable: true }) figure: string | null;
  /** A donor that gives nothing. */
  @Column('boolean') keepWhole: boolean;
  @Column('text', { nullable: true }) removedAt: string | null;
  /** It is there only for what lies in it: the deed that made it on its way was taken back. */
  @Column('boolean') isLeftOver: boolean;
}

/** A run of alike pieces as it came in. It never changes: what happens to some of it makes another lot. */
@Entity('lot')
export class LotEntity {
  @PrimaryGeneratedColumn() id: number;
  @Column('text') variant: string;
  @Column('text') condition: Condition;
  @JsonColumn(readDefects) defects: readonly Defect[];
  @JsonColumn(readAlterations) alterations: readonly Alteration[];
  @Column('text', { nullable: true }) source: string | null;
  @Column('text') certainty: Certainty;
  @Column('integer', { nullable: true }) paidMinor: number | null;
  /** Whose it is; empty for one's own. */
  @Column('text') owner: string;
  /** The day it has to go back to whom it was borrowed from. */
  @Column('text', { nullable: true }) dueOn: string | null;
  @Column('text') note: string;
  @Column('integer', { nullable: true }) splitFrom: number | null;
  @Column('text') addedAt: string;
}

/** A deed of the ledger; its movements say what it moved. */
@Entity('entry')
export class EntryEntity {
  @PrimaryGeneratedColumn() id: number;
  @Column('text') at: string;
  @Column('text') kind: EntryKind;
  @Column('text') sentence: string;
  @Column('text') because: string;
  @Column('integer', { nullable: true }) undoes: number | null;
  /** What it brought in all, in minor units; null for what brings nothing. */
  @Column('integer', { nullable: true }) broughtMinor: number | null;
}

@Entity('movement')
export class MovementEntity {
  @PrimaryGeneratedColumn() id: number;
  @Column('integer') entry: number;
  @Column('integer') lot: number;
  @Column('integer') quantity: number;
  @Column('text') origin: string;
  @Column('text') target: string;
}

/** So many pieces of a lot in a place: kept beside the movements, by the database itself. */
@Entity('balance')
export class BalanceEntity {
  @PrimaryGeneratedColumn() id: number;
  @Column('integer') lot: number;
  @Column('text') place: string;
  @Column('integer') quantity: number;
}

/** Pieces of a lot that are kept for a figure. */
@Entity('pin')
export class PinEntity {
  @PrimaryColumn('integer') lot: number;
  @PrimaryColumn('text') figure: string;
  @Column('integer') quantity: number;
  /** They were ordered for it: it has them kept until they are put away. */
  @Column('boolean') isOrdered: boolean;
}

/** A run of alike pieces in one place, wherever that is: a view over the ledger, which is written by its entries. */
@Entity('run')
export class RunEntity {
  @PrimaryColumn('integer') id: number;
  @Column('text') variant: string;
  @Column('integer') quantity: number;
  @Column('text') condition: Condition;
  @Column('text') place: string;
  @Column('text') note: string;
  @Column('text') addedAt: string;
  @Column('integer') lot: number;
  @Column('text') placeId: string;
  @JsonColumn(readDefects) defects: readonly Defect[];
  @JsonColumn(readAlterations) alterations: readonly Alteration[];
  @Column('text') certainty: Certainty;
  @Column('text', { nullable: true }) source: string | null;
  /** Whose it is; empty for one's own. */
  @Column('text') owner: string;
  /** The day it has to go back to whom it was borrowed from. */
  @Column('text', { nullable: true }) dueOn: string | null;
  /** Of the place: what it is, its name, and the day something lent there is due back. */
  @Column('text') placeKind: PlaceKind;
  @Column('text') placeName: string;
  @Column('text', { nullable: true }) placeDueOn: string | null;
}

/** Runs that are at hand: the same view, of places one reaches into. */
@Entity('piece')
export class PieceEntity extends RunEntity {}

/** A photograph of a place, or of the pieces of a lot; `file` is the SHA-256 it lies under. */
@Entity('wardrobe_picture')
export class WardrobePictureEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') subject: string;
  @Column('text') file: string;
  @Column('integer') width: number;
  @Column('integer') height: number;
  @Column('text') addedAt: string;
  @Column('text', { nullable: true }) removedAt: string | null;
}

export const UNITS = ['pieces', 'mm'] as const;
export type Unit = (typeof UNITS)[number];

/** Something that is used up: string, rubber bands, blank stickers, glue dots. */
@Entity('consumable')
export class ConsumableEntity {
  @PrimaryColumn('text') id: string;
  @Column('text') name: string;
  @Column('text') unit: Unit;
  /** As little of it is running low. */
  @Column('integer') lowAt: number;
  @Column('text') note: string;
  @Column('text', { nullable: true }) removedAt: string | null;
}

/** So much of a consumable that came in or, below nothing, was used up. */
@Entity('consumable_movement')
export class ConsumableMovementEntity {
  @PrimaryGeneratedColumn() id: number;
  @Column('text') consumable: string;
  @Column('text') at: string;
  @Column('integer') quantity: number;
  @Column('text') because: string;
  @Column('integer', { nullable: true }) undoes: number | null;
}

export const WARDROBE_ENTITIES = [
  PlaceEntity,
  LotEntity,
  EntryEntity,
  MovementEntity,
  BalanceEntity,
  PinEntity,
  RunEntity,
  PieceEntity,
  WardrobePictureEntity,
  ConsumableEntity,
  ConsumableMovementEntity,
];
