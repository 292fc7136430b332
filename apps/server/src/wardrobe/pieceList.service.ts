import { Injectable } from '@nestjs/common';
import { writeTable } from '@outfit/formats';
import { CatalogueService } from '../catalogue/index.js';
import { pieceDto } from './pieceView.js';
import { PromisesService } from './promises/index.js';
import { WardrobeStore } from './wardrobe.store.js';

/** Everything that is owned as a table, with what each run serves. */
@Injectable()
export class PieceListService {
  constructor(
    private readonly store: WardrobeStore,
    private readonly catalogue: CatalogueService,
    private readonly promises: PromisesService,
  ) {}

  async csv(): Promise<string> {
    const rows = this.store.owned().map((piece) => pieceDto(piece, this.catalogue.now()));
    const doing = await this.promises.ofRuns(rows);
    return writeTable(
      ['variant', 'quantity', 'condition', 'place', 'note', 'owner', 'serves'],
      rows.map((row) => {
        const serves = (doing.get(row.id)?.given ?? []).map((given) => given.name).join(', ');
        return [row.variant, row.quantity, row.condition, row.place, row.note, row.owner, serves];
      }),
    );
  }
}
