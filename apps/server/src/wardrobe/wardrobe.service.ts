import { Injectable, Logger, type OnApplicationBootstrap } from '@nestjs/common';
import { type OwnedRun, stockOf } from '@outfit/core';
import { CatalogueHooks, CatalogueService } from '../catalogue/index.js';
import { Clock } from '../platform/clock/index.js';
import { Database } from '../platform/db/index.js';
import { HistoryService } from '../platform/history/index.js';
import { notFound } from '../platform/http/index.js';
import { FileTurns, ImportsService } from '../platform/importing/index.js';
import type { PieceChanges } from './import.worker.js';
import { workerBeside } from '../platform/jobs/index.js';
import { LiveService } from '../platform/live/index.js';
import { SettingsService } from '../settings/index.js';
import type { Agreement } from '../platform/tables/index.js';
import { pieceDto } from './pieceView.js';
import type { NewPiecesDto, PieceDto, PieceReportDto, StockDto } from './wardrobe.dto.js';
import { WardrobeStore } from './wardrobe.store.js';

const WORKER = workerBeside(import.meta.url, 'import.worker');

/** The stock of one state of the wardrobe and of the catalogue. */
interface KeptStock {
  readonly revision: number;
  readonly version: string;
  /** As it is written down, under the ids parts were entered by. */
  readonly runs: readonly OwnedRun[];
  readonly stock: ReadonlyMap<string, number>;
  readonly columns: StockDto;
}

/** What is owned: loose pieces and whole figures. */
@Injectable()
export class WardrobeService implements OnApplicationBootstrap {
  /** Grows with every change of what is owned. */
  private revision = 0;
  private kept: KeptStock | null = null;

  constructor(
    private readonly store: WardrobeStore,
    private readonly catalogue: CatalogueService,
    private readonly imports: ImportsService,
    private readonly live: LiveService,
    private readonly database: Database,
    private readonly clock: Clock,
    private readonly history: HistoryService,
    hooks: CatalogueHooks,
    turns: FileTurns,
    settings: SettingsService,
  ) {
    settings.registerAmounts({ name: 'prices of pieces', areKept: () => store.hasAmounts() });
    turns.register('wardrobe', {
      worker: workerBeside(import.meta.url, 'turn.worker'),
      after: () => {
        this.changedElsewhere();
        this.live.changedElsewhere('wardrobe');
      },
    });
    hooks.setOwned({ revision: () => this.revision, variants: () => new Set(this.stockNow().stock.keys()) });
  }

  /** What places hold is compared with the movements at every start, and written anew from them where it is not the same. */
  async onApplicationBootstrap(): Promise<void> {
    const faults = this.store.faults();
    if (faults === 0) return;
    await this.database.write(() => this.store.rebuild());
    new Logger('Wardrobe').warn(`What ${faults} places held was not what the ledger says; it was written anew from the ledger.`);
  }

  /** Owned pieces, or those of one variant and of the doubles that were merged into it. */
  pieces(variant?: string): PieceDto[] {
    const catalogue = this.catalogue.now();
    const pieces = variant === undefined ? this.store.pieces() : this.store.piecesOf(catalogue.namesOf(catalogue.resolve(variant)));
    return pieces.map((piece) => pieceDto(piece, catalogue));
  }

  /** How many loose pieces of each variant are owned. */
  quantities(): ReadonlyMap<string, number> {
    return this.stockNow().stock;
  }

  /** How many of every variant are owned, in columns: what every page of a workspace begins with is small. */
  stock(): StockDto {
    return this.stockNow().columns;
  }

  /** What is written down changes with the wardrobe alone; a changed catalogue only gives it other names and rows. */
  private stockNow(): KeptStock {
    const version = this.catalogue.versionName;
    if (this.kept?.revision === this.revision && this.kept.version === version) return this.kept;
    const runs = this.kept?.revision === this.revision ? this.kept.runs : this.store.stock();
    const catalogue = this.catalogue.now();
    const stock = stockOf(runs.map(({ variant, quantity }) => ({ variant: catalogue.resolve(variant), quantity })));
    const rows = Array.from(stock.keys(), (variant) => catalogue.rowOf(variant) ?? -1);
    const donated = new Map<string, { quantity: number; donor: string }>();
    for (const { variant, quantity, donor } of this.store.onDonors()) {
      const id = catalogue.resolve(variant);
      donated.set(id, { quantity: quantity + (donated.get(id)?.quantity ?? 0), donor: donated.get(id)?.donor ?? donor });
    }
    const columns = {
      ...{ catalogue: version, rows, quantities: [...stock.values()] },
      donorRows: Array.from(donated.keys(), (variant) => catalogue.rowOf(variant) ?? -1),
      donorQuantities: Array.from(donated.values(), ({ quantity }) => quantity),
      donorNames: Array.from(donated.values(), ({ donor }) => donor),
    };
    this.kept = { revision: this.revision, version, runs, stock, columns };
    return this.kept;
  }

  /** Notes within a unit of work that what is owned changed. */
  noteChange(): void {
    this.database.afterCommit(() => (this.revision += 1));
  }

  /** Notes that a worker changed what is owned. */
  changedElsewhere(): void {
    this.revision += 1;
  }

  /** Puts pieces of a part into the wardrobe; those of the part that are there now. */
  async add({ variant, quantity, condition, place, note, owner, dueOn, paidMinor }: NewPiecesDto): Promise<PieceDto[]> {
    const catalogue = this.catalogue.now();
    if (!catalogue.has(variant)) throw notFound('part', variant);
    const piece = {
      variant: catalogue.resolve(variant),
      quantity,
      condition,
      place: place ?? '',
      note: note ?? '',
      owner,
      dueOn,
      paidMinor,
    };
    await this.database.write(() => {
      const at = this.clock.now().toISOString();
      const whose = owner ? `Borrowed from ${owner}:` : 'Added';
      const sentence = `${whose} ${quantity} × ${catalogue.nameOf(catalogue.variant(piece.variant))}`;
      const slices = this.store.add([{ ...piece, addedAt: at }], sentence, at);
      this.history.record({ line: 'wardrobe', item: 'all', label: sentence, slices });
      this.noteChange();
      this.live.tellAfterwards('wardrobe');
    });
    return this.pieces(piece.variant);
  }

  /** Reads a file of owned pieces and takes what the person agreed to, all of it or nothing. */
  async import(bytes: Uint8Array, agree: Agreement): Promise<PieceReportDto> {
    const { report, more } = await this.imports.run<PieceChanges>(WORKER, bytes, agree);
    if (report.importedCount > 0) {
      this.changedElsewhere();
      this.live.changedElsewhere('wardrobe');
    }
    return { ...report, changes: { ...kindsOf(more), rows: more.rows } };
  }
}

/** Kinds as fields of an answer: names without blanks. */
const kindsOf = ({ kinds }: PieceChanges) => ({
  fresh: kinds.new,
  same: kinds.same,
  addsTo: kinds['adds to'],
  replaces: kinds.replaces,
});
