import { Injectable } from '@nestjs/common';
import { isCurrency, list, quote } from '@outfit/core';
import { Database } from '../platform/db/index.js';
import { HistoryService } from '../platform/history/index.js';
import { Problem, refuseStale } from '../platform/http/index.js';
import { LiveService } from '../platform/live/index.js';
import type { NewSettingsDto, SettingsDto } from './settings.dto.js';
import { SettingsStore } from './settings.store.js';

const LINE = { line: 'settings', item: 'all' } as const;

/** What an area keeps in the workspace's currency. */
export interface Amounts {
  /** In the plural, as a sentence names them: "parcels". */
  readonly name: string;
  areKept(): boolean;
}

/**
 * What the workspace is set to. Amounts are kept as they were paid and never converted: the currency is the person's to choose until
 * the first of them is written down.
 */
@Injectable()
export class SettingsService {
  private readonly store: SettingsStore;
  private readonly amounts: Amounts[] = [];
  private readonly followers: (() => void)[] = [];

  constructor(
    private readonly database: Database,
    private readonly history: HistoryService,
    private readonly live: LiveService,
  ) {
    this.store = new SettingsStore(database);
    history.register('settings', {
      restore: (things) => {
        for (const { to } of things) this.take(String(to?.['currency']));
      },
    });
  }

  /** The workspace's currency, ISO 4217. */
  currency(): string {
    return this.store.now().currency;
  }

  now(): SettingsDto {
    const { currency, version } = this.store.now();
    return { currency, version, keptInIt: this.keptInIt() };
  }

  /** An area says what it keeps in the workspace's currency. */
  registerAmounts(amounts: Amounts): void {
    this.amounts.push(amounts);
  }

  /** Hears of another currency once it is on the disk. */
  addFollower(follow: () => void): void {
    this.followers.push(follow);
  }

  change(seen: number, { currency }: NewSettingsDto): Promise<SettingsDto> {
    const code = currency.toUpperCase();
    if (!isCurrency(code)) throw new Problem(422, `${quote(currency)} is no currency. Write its three letters, such as EUR.`);
    return this.database.write<SettingsDto>(() => {
      const before = this.store.now();
      refuseStale('settings', seen, before.version, () => this.now());
      if (code === before.currency) return this.now();
      this.take(code);
      const slice = { subject: 'settings', item: 'currency', before: { currency: before.currency }, after: { currency: code } } as const;
      this.history.record({ ...LINE, label: `Reckoned in ${code}`, slices: [slice] });
      return this.now();
    });
  }

  private take(currency: string): void {
    const kept = this.keptInIt();
    if (kept.length > 0)
      throw new Problem(
        409,
        `There are ${list(kept)} in ${this.currency()}, and amounts are never converted: a workspace that begins with nothing can have another currency. Nothing was changed.`,
      );
    this.store.setCurrency(currency);
    this.live.tellAfterwards('market');
    for (const follow of this.followers) this.database.afterCommit(follow);
  }

  private keptInIt(): readonly string[] {
    return this.amounts.filter((own) => own.areKept()).map(({ name }) => name);
  }
}
