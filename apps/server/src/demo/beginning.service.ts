import { Injectable } from '@nestjs/common';
import { starterKit } from '@outfit/demo';
import { CatalogueService } from '../catalogue/index.js';
import { Database } from '../platform/db/index.js';
import { Problem } from '../platform/http/index.js';

/** What an empty workspace begins with. */
@Injectable()
export class BeginningService {
  constructor(
    private readonly database: Database,
    private readonly catalogue: CatalogueService,
  ) {}

  /** The starter kit, into a catalogue that has nothing yet: what is there is never written over. */
  withBasics(): Promise<{ moulds: number; colours: number }> {
    return this.database.write<{ moulds: number; colours: number }>(() => {
      if (!this.catalogue.store.isEmpty())
        throw new Problem(409, 'This workspace has a catalogue already, and the basics are for an empty one. Nothing was changed.');
      const kit = starterKit();
      this.catalogue.fill(kit);
      return { moulds: kit.moulds.length, colours: kit.colours.length };
    });
  }
}
