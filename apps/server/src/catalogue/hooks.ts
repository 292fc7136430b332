import { Injectable } from '@nestjs/common';
import type { CatalogueKind } from '@outfit/core';
import type { MadeNewsEntity } from './catalogue.entities.js';

/** What is owned, as the area that knows it tells it. */
interface Owned {
  revision(): number;
  variants(): ReadonlySet<string>;
}

/**
 * What the catalogue asks of areas above it, which register with it: who names an entry, who wants to hear that one came to
 * be made, and what is owned. The catalogue itself knows none of them.
 */
@Injectable()
export class CatalogueHooks {
  private readonly namers: { readonly kind: CatalogueKind; readonly names: (key: string) => boolean }[] = [];
  private readonly listeners: ((news: readonly MadeNewsEntity[]) => number)[] = [];
  private owned: Owned = { revision: () => 0, variants: () => new Set() };

  /** `names`: does anything of yours name this entry, or did it once, so that undo could bring it back? */
  addNamer(kind: CatalogueKind, names: (key: string) => boolean): void {
    this.namers.push({ kind, names });
  }

  /** `hear` runs inside the unit of work and returns how many were told. */
  addListener(hear: (news: readonly MadeNewsEntity[]) => number): void {
    this.listeners.push(hear);
  }

  setOwned(owned: Owned): void {
    this.owned = owned;
  }

  isNamed(kind: CatalogueKind, key: string): boolean {
    return this.namers.some((namer) => namer.kind === kind && namer.names(key));
  }

  tell(news: readonly MadeNewsEntity[]): number {
    return news.length === 0 ? 0 : this.listeners.reduce((all, hear) => all + hear(news), 0);
  }

  /** A number that grows whenever what is owned changes: who keeps something made of it need not read it again. */
  get ownedRevision(): number {
    return this.owned.revision();
  }

  /** The variants of which a piece is owned, by the ids they are known by now. */
  ownedVariants(): ReadonlySet<string> {
    return this.owned.variants();
  }
}
