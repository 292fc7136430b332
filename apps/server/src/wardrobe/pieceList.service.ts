import { Injectable } from '@nestjs/common';
import { writeTable } from '@outfit/formats';
import { setImmediate as nextTurn } from 'node:timers/promises';
import { CatalogueService } from '../catalogue/index.js';
import { pieceDto } from './pieceView.js';
import { PromisesService } from './promises/index.js';
import { WardrobeStore } from './wardrobe.store.js';

const COLUMNS = ['variant', 'quantity', 'condition', 'place', 'note', 'owner', 'serves'];
/** Rows written at a turn of the event loop. */
const ROWS_A_TURN = 1000;

/** Everything that is owned as a table, with what each run serves. */
@Injectable()
export class PieceListService {
  constructor(
    private readonly store: WardrobeStore,
    private readonly catalogue: CatalogueService,
    private readonly promises: PromisesService,
  ) {}

  async csv(): Promise<string> {
    const chunks = [writeTable(COLUMNS, [])];
    for (let last = 0; ;) {
      const some = this.store.ownedAfter(last, ROWS_A_TURN);
      const rows = some.map((piece) => pieceDto(piece, this.catalogue.now()));
      const doing = await this.promises.ofRuns(rows);
      const cells = rows.map((row) => {
        const serves = (doing.get(row.id)?.given ?? []).map((given) => given.name).join(', ');
        return [row.variant, row.quantity, row.condition, row.place, row.note, row.owner, serves];
      });
      // Each turn's rows without the first line, which names the columns.
      const text = writeTable(COLUMNS, cells);
      chunks.push(text.slice(text.indexOf('\n') + 1));
      if (some.length < ROWS_A_TURN) return chunks.join('');
      last = some.at(-1)?.id ?? 0;
      await nextTurn();
    }
  }
}
