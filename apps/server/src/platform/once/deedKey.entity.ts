import { Column, Entity, PrimaryColumn } from '../sqlite/index.js';

/** A deed that was asked for under a key of its own, and what was answered. Kept for as long as somebody may ask again. */
@Entity('deed_key')
export class DeedKeyEntity {
  @PrimaryColumn('text') key: string;
  /** What was asked for: method and address. */
  @Column('text') asked: string;
  @Column('text') at: string;
  @Column('integer', { nullable: true }) status: number | null;
  /** Null until it was answered, and where the answer is too long to be kept. */
  @Column('text', { nullable: true }) answer: string | null;
}
