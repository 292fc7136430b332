import type { Prepare } from '../../platform/sqlite/index.js';

/** A photograph of a place, or of the pieces of a lot; `file` is the SHA-256 it lies under. */
export interface WardrobePictureRow {
  readonly id: string;
  readonly subject: string;
  readonly file: string;
  readonly width: number;
  readonly height: number;
  readonly addedAt: string;
  readonly removedAt: string | null;
}

/** Photographs of the wardrobe in their table. */
export class PicturesRecord {
  constructor(private readonly prepare: Prepare) {}

  /** Those of a subject that were not taken away, the first first. */
  of(subject: string): WardrobePictureRow[] {
    return this.prepare('SELECT * FROM wardrobe_picture WHERE subject = ? AND removedAt IS NULL ORDER BY addedAt, id').all(
      subject,
    ) as WardrobePictureRow[];
  }

  /** Is there any whose subject begins so, taken away or not? */
  hasAny(beginning: string): boolean {
    return (
      this.prepare('SELECT 1 FROM wardrobe_picture WHERE SUBSTR(subject, 1, ?) = ? LIMIT 1').get(beginning.length, beginning) !== undefined
    );
  }

  /** A photograph, also one that was taken away. */
  picture(id: string): WardrobePictureRow | null {
    return (this.prepare('SELECT * FROM wardrobe_picture WHERE id = ?').get(id) as WardrobePictureRow | undefined) ?? null;
  }

  add(row: WardrobePictureRow): void {
    this.prepare(
      `INSERT INTO wardrobe_picture (id, subject, file, width, height, addedAt, removedAt)
         VALUES (:id, :subject, :file, :width, :height, :addedAt, :removedAt)`,
    ).run(row);
  }

  remove(id: string, removedAt: string | null): void {
    this.prepare('UPDATE wardrobe_picture SET removedAt = ? WHERE id = ?').run(removedAt, id);
  }
}
