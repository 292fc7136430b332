import { Injectable } from '@nestjs/common';
import { Clock } from '../../platform/clock/index.js';
import { Database } from '../../platform/db/index.js';
import { FileStore, Rasters } from '../../platform/files/index.js';
import { notFound, Problem } from '../../platform/http/index.js';
import { LiveService } from '../../platform/live/index.js';
import { CatalogueService } from '../catalogue.service.js';
import type { PhotographDto, PhotographOf } from './photographs.dto.js';
import { PhotographsStore } from './photographs.store.js';

const LONGEST_SIDE = 1200;

/** Photographs of a person's own entries, one for each face. They are drawn anew: size limited, nothing hidden kept. */
@Injectable()
export class PhotographsService {
  constructor(
    private readonly database: Database,
    private readonly store: PhotographsStore,
    private readonly catalogue: CatalogueService,
    private readonly files: FileStore,
    private readonly rasters: Rasters,
    private readonly live: LiveService,
    private readonly clock: Clock,
  ) {}

  of({ kind, item }: Pick<PhotographOf, 'kind' | 'item'>): PhotographDto[] {
    return this.store.of(kind, item);
  }

  async add({ kind, item, face = 'front' }: PhotographOf, body: unknown): Promise<PhotographDto[]> {
    this.refuseUnknown({ kind, item });
    const { data, width, height } = await this.rasters.redraw(body, LONGEST_SIDE);
    const id = await this.files.put(data);
    await this.database.write(() => {
      this.refuseUnknown({ kind, item });
      this.store.put({ id, kind, item, face, width, height, addedAt: this.clock.now().toISOString() });
      this.live.tellAfterwards('catalogue', item);
    });
    return this.of({ kind, item });
  }

  /** The bytes of a stored picture. One that the data folder has lost, or that was changed there, is told as such. */
  file(id: string): Buffer {
    const found = this.files.read(id);
    switch (found.state) {
      case 'there':
        return found.bytes;
      case 'unknown':
        throw notFound('photograph', id);
      case 'missing':
        throw new Problem(404, 'The file of this picture is not in the data folder. Put it back from a backup, or add the picture again.');
      case 'altered':
        throw new Problem(
          404,
          'The file of this picture was changed in the data folder, so it is not shown. Put it back from a backup, or add the picture again.',
        );
    }
  }

  private refuseUnknown({ kind, item }: Pick<PhotographOf, 'kind' | 'item'>): void {
    const catalogue = this.catalogue.now();
    const isThere = { print: catalogue.hasPrint(item), variant: catalogue.has(item), mould: catalogue.hasMould(item) }[kind];
    if (!isThere) throw notFound(kind, item);
  }
}
