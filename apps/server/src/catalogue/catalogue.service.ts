import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { Catalogue, type CatalogueData } from '@outfit/core';
import { DataSource, type EntityManager } from 'typeorm';
import {
  ColourEntity,
  MotifEntity,
  MouldEntity,
  OfficialFigureEntity,
  PrintEntity,
  SourceEntity,
  VariantEntity,
} from './catalogue.entities.js';

/** Leaves out keys that a row holds as NULL, so that absent means absent. */
function present<T extends object>(row: T): { [K in keyof T]: Exclude<T[K], null> } {
  return Object.fromEntries(Object.entries(row).filter(([, value]) => value !== null)) as { [K in keyof T]: Exclude<T[K], null> };
}

@Injectable()
export class CatalogueService {
  private loaded: Promise<Catalogue> | null = null;

  constructor(@InjectDataSource() private readonly database: DataSource) {}

  /** The catalogue, read once and kept: nothing in this slice changes it while the server runs. */
  catalogue(): Promise<Catalogue> {
    return (this.loaded ??= this.read().then((data) => new Catalogue(data)));
  }

  private async read(): Promise<CatalogueData> {
    const { manager } = this.database;
    const [colours, motifs, moulds, prints, variants, sources, figures] = await Promise.all([
      manager.find(ColourEntity),
      manager.find(MotifEntity),
      manager.find(MouldEntity, { order: { number: 'ASC' } }),
      manager.find(PrintEntity),
      manager.find(VariantEntity, { order: { id: 'ASC' } }),
      manager.find(SourceEntity, { order: { id: 'ASC' } }),
      manager.find(OfficialFigureEntity, { order: { id: 'ASC' } }),
    ]);
    return {
      colours: colours.map(present),
      motifs: motifs.map(present),
      moulds: moulds.map(({ detail, ...mould }) => ({ ...mould, ...detail })),
      prints: prints.map(({ detail, ...print }) => ({ ...print, ...detail })),
      variants: variants.map(({ madeFrom, madeUntil, ...variant }) => ({
        ...present(variant),
        ...(madeFrom !== null && madeUntil !== null ? { made: { from: madeFrom, until: madeUntil } } : {}),
      })),
      sources,
      officialFigures: figures.map(present),
    };
  }

  /** Writes a whole catalogue into an empty database, within the caller's transaction. */
  async write(manager: EntityManager, data: CatalogueData): Promise<void> {
    const all = <T>(rows: readonly T[]): T[] => [...rows];
    await manager.insert(ColourEntity, all(data.colours));
    await manager.insert(
      MotifEntity,
      data.motifs.map((motif) => ({ ...motif, parent: motif.parent ?? null })),
    );
    await manager.insert(
      MouldEntity,
      data.moulds.map(({ number, name, family, revision, ...detail }) => ({ number, name, family, revision, detail })),
    );
    await manager.insert(
      PrintEntity,
      data.prints.map(({ id, name, era, ...detail }) => ({ id, name, era, detail })),
    );
    await manager.insert(
      VariantEntity,
      data.variants.map(({ id, mould, colours, print, made }) => ({
        id,
        mould,
        colours: all(colours),
        print: print ?? null,
        madeFrom: made?.from ?? null,
        madeUntil: made?.until ?? null,
      })),
    );
    await manager.insert(SourceEntity, all(data.sources));
    await manager.insert(
      OfficialFigureEntity,
      data.officialFigures.map((figure) => ({ ...figure, person: figure.person ?? null, parts: all(figure.parts) })),
    );
    this.loaded = null;
  }
}
