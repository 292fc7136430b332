import { Injectable } from '@nestjs/common';
import { ParcelsService } from '../parcels/index.js';
import { SortingService } from '../wardrobe/index.js';
import type { ToDoDto } from './bench.dto.js';
import { BenchViews } from './views.service.js';

/** What waits for somebody's hands, from every area: asked for as one, so that a page shows all of it or nothing. */
@Injectable()
export class ToDoService {
  constructor(
    private readonly views: BenchViews,
    private readonly parcels: ParcelsService,
    private readonly sorting: SortingService,
  ) {}

  async toDo(): Promise<ToDoDto> {
    const parcels = this.parcels.list();
    const about = ({ id, sellerName }: (typeof parcels)[number]) => ({ id, name: sellerName });
    return {
      ready: (await this.views.overview()).ready,
      onBench: this.views.open(),
      late: parcels.filter((parcel) => parcel.isLate).map(about),
      toPutAway: parcels.filter((parcel) => parcel.state === 'arrived' && parcel.lines.some((line) => line.open > 0)).map(about),
      toConfirm: this.sorting.toConfirm(),
    };
  }
}
