import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { Catalogue, type CatalogueData } from '@outfit/core';
import type { Database } from 'better-sqlite3';
import { DataSource } from 'typeorm';
import { CatalogueStore } from './store.js';

@Injectable()
export class CatalogueService {
  private loaded: Catalogue | null = null;
  private version = 0;

  constructor(@InjectDataSource() private readonly database: DataSource) {}

  /** The catalogue, read once and kept until it is changed. */
  catalogue(): Promise<Catalogue> {
    return Promise.resolve((this.loaded ??= new Catalogue(this.store.read())));
  }

  /** Grows with every change, for those who keep something made from the catalogue. */
  get revision(): number {
    return this.version;
  }

  /** The catalogue has been changed: whoever asks next reads it again. */
  changed(): void {
    this.loaded = null;
    this.version += 1;
  }

  /** The connection all services share; statements on it stand within the caller's transaction. */
  get connection(): Database {
    return (this.database.driver as unknown as { databaseConnection: Database }).databaseConnection;
  }

  get store(): CatalogueStore {
    return new CatalogueStore(this.connection);
  }

  /** Writes a whole catalogue into an empty database, within the caller's transaction. */
  fill(data: CatalogueData): void {
    this.store.write(data);
    this.changed();
  }
}
