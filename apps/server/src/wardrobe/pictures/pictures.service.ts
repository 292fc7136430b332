import { Injectable } from '@nestjs/common';
import { randomUUID } from 'node:crypto';
import { Database } from '../../platform/db/index.js';
import { FileStore, Rasters } from '../../platform/files/index.js';
import { HistoryService } from '../../platform/history/index.js';
import { notFound, Problem } from '../../platform/http/index.js';
import { LiveService } from '../../platform/live/index.js';
import type { Slice } from '../../platform/log/index.js';
import { Ledger } from '../ledger/index.js';
import type { WardrobePictureDto } from './pictures.dto.js';
import { PicturesStore } from './pictures.store.js';

const LONGEST_SIDE = 1600;
const MOST_OF_ONE = 12;

/** Photographs of places and of pieces: a drawer as it is, a crack as it looks. Each deed can be undone. */
@Injectable()
export class WardrobePicturesService {
  private readonly pictures: PicturesStore;
  private readonly subjects = new Map<string, (id: string) => string>();

  constructor(
    database: Database,
    private readonly ledger: Ledger,
    private readonly files: FileStore,
    private readonly rasters: Rasters,
    history: HistoryService,
    live: LiveService,
  ) {
    this.pictures = new PicturesStore(database);
    history.register('photograph', {
      restore: (things) => {
        for (const { item, to } of things) this.pictures.remove(item, (to?.['removedAt'] ?? null) as string | null);
        live.tellAfterwards('wardrobe');
      },
    });
  }

  /** Registers things of another area that are photographed: `nameOf` tells what one is called, or refuses. */
  addSubjects(prefix: string, nameOf: (id: string) => string): void {
    this.subjects.set(prefix, nameOf);
  }

  /** Puts a picture in that the program drew itself, within a unit of work; its file is on the disk already. */
  put(subject: string, picture: Pick<WardrobePictureDto, 'file' | 'width' | 'height'>, addedAt: string): void {
    this.pictures.add({ id: randomUUID(), subject: this.key(subject).key, ...picture, addedAt, removedAt: null });
  }

  /** Was anything of another area ever photographed? */
  knows(prefix: string): boolean {
    return this.pictures.hasAny(`${prefix} `);
  }

  of(subject: string): WardrobePictureDto[] {
    return this.pictures.of(this.key(subject).key).map(({ id, file, width, height }) => ({ id, file, width, height }));
  }

  async add(subject: string, body: unknown): Promise<WardrobePictureDto[]> {
    this.refuseMore(subject);
    const { data, width, height } = await this.rasters.redraw(body, LONGEST_SIDE);
    // The file is on the disk before any row names it.
    const file = await this.files.put(data);
    return this.ledger.change<WardrobePictureDto[]>(() => {
      const { key, name } = this.refuseMore(subject);
      const [id, addedAt] = [randomUUID(), this.ledger.now()];
      this.pictures.add({ id, subject: key, file, width, height, addedAt, removedAt: null });
      this.ledger.keep(`Photographed ${name}`, [photographSlice(id, addedAt, null)]);
      return this.of(subject);
    });
  }

  remove(id: string): Promise<WardrobePictureDto[]> {
    return this.ledger.change<WardrobePictureDto[]>(() => {
      const picture = this.pictures.picture(id);
      if (!picture) throw notFound('photograph', id);
      const removedAt = picture.removedAt ?? this.ledger.now();
      this.pictures.remove(id, removedAt);
      this.ledger.keep(`Took a photograph of ${this.nameOf(picture.subject)} away`, [photographSlice(id, null, removedAt)]);
      return this.pictures.of(picture.subject).map(({ id: own, file, width, height }) => ({ id: own, file, width, height }));
    });
  }

  /** What a kept photograph shows: "place x", "lot 12", or something of another area. */
  private nameOf(key: string): string {
    const [prefix = '', id = ''] = key.split(' ');
    if (prefix === 'lot') return this.ledger.nameOf(Number(id));
    return this.subjects.get(prefix)?.(id) ?? this.ledger.place(id).name;
  }

  private refuseMore(subject: string): { readonly key: string; readonly name: string } {
    const found = this.key(subject);
    if (this.pictures.of(found.key).length >= MOST_OF_ONE)
      throw new Problem(409, `${found.name} has ${MOST_OF_ONE} photographs. Take one away first.`);
    return found;
  }

  /** "place-3", "run-12" or something of another area: what is photographed, as its place or its lot, with its name. */
  private key(subject: string): { readonly key: string; readonly name: string } {
    const [prefix = '', ...rest] = subject.split(':');
    const nameOf = this.subjects.get(prefix);
    if (nameOf) return { key: `${prefix} ${rest.join(' ')}`, name: nameOf(rest[0] ?? '') };
    const run = /^run-(\d+)$/.exec(subject)?.[1];
    if (run === undefined) {
      const place = this.ledger.place(subject);
      return { key: `place ${place.id}`, name: place.name };
    }
    const { lot } = this.ledger.balanceOf(Number(run));
    return { key: `lot ${lot}`, name: this.ledger.nameOf(lot) };
  }
}

const photographSlice = (id: string, before: string | null, after: string | null): Slice => ({
  subject: 'photograph',
  item: id,
  before: { removedAt: before },
  after: { removedAt: after },
});
