import { Injectable } from '@nestjs/common';
import { type Chance, inOrderOfChance, lateFirst, type Obstacle, standingOfOwed } from '@outfit/core/ideas';
import { count } from '@outfit/core';
import { FiguresStore, NoticesService } from '../figures/index.js';
import { LowestService, MarketService, WatchesService } from '../market/index.js';
import { PromisesService, ServingsService } from '../wardrobe/index.js';
import { becomingOf } from './becoming.js';
import type { IdeasDto, OwedDto } from './ideas.dto.js';
import { IdeasStore } from './ideas.store.js';

/** So many figures that still want pieces are priced: those that lack least. */
const MOST_PRICED = 24;
const MOST_CHANCES = 80;

/** One page for a free evening: ideas, what is owed, and what could be done now. */
@Injectable()
export class EveningService {
  constructor(
    private readonly store: IdeasStore,
    private readonly figures: FiguresStore,
    private readonly promises: PromisesService,
    private readonly servings: ServingsService,
    private readonly lowest: LowestService,
    private readonly market: MarketService,
    private readonly notices: NoticesService,
    private readonly watches: WatchesService,
  ) {}

  async page(): Promise<IdeasDto> {
    const polled = this.store.pollVotes();
    const ideas = this.store
      .ideas()
      .filter(({ removedAt }) => removedAt === null)
      .map(({ removedAt: _, ...row }) => ({ ...row, ...becomingOf(row, this.figures), polled: polled.get(row.id) ?? 0 }));
    const { figures, names, standings, toBuy, onTheirWay } = await this.promises.promises();
    const at = new Map(figures.map((id, i) => [id, i]));
    const known = new Map(this.figures.names().map(({ id, name }) => [id, name]));
    const obstacleOf = (figure: string): Obstacle | null => {
      const name = known.get(figure);
      if (name === undefined) return null;
      const i = at.get(figure) ?? -1;
      const standing = standings[i] ?? '';
      return { figure, name, waits: waitsFor(standing, toBuy[i] ?? 0, onTheirWay[i] ?? 0), isDone: standing === 'built' };
    };
    const today = this.market.today();
    const owed = lateFirst(this.store.owedRows().filter(({ removedAt }) => removedAt === null)).map(
      ({ removedAt: _, addedAt: __, ...row }): OwedDto => {
        const obstacles = row.figures.map(obstacleOf).filter((obstacle) => obstacle !== null);
        return { ...row, obstacles, standing: standingOfOwed(row, obstacles, today) };
      },
    );
    const priced = figures
      .map((id, i) => ({ id, name: names[i] ?? '', standing: standings[i] ?? '', toBuy: toBuy[i] ?? 0 }))
      .filter(({ standing }) => standing === 'wanting')
      .sort((a, b) => a.toBuy - b.toBuy)
      .slice(0, MOST_PRICED);
    const owedFor = new Map(
      owed.filter(({ standing }) => standing !== 'done').flatMap((row) => row.figures.map((figure) => [figure, row] as const)),
    );
    const chances: Chance[] = [
      ...owed
        .filter(({ standing }) => standing !== 'done')
        .map((row): Chance => ({
          ...plain('owed', row.id, `${row.what}, for ${row.who}`),
          why:
            row.obstacles.length === 0
              ? 'no figure is planned for it yet'
              : row.obstacles.map(({ name, waits }) => `${name}: ${waits}`).join('; '),
          isReady: row.obstacles.length > 0 && row.obstacles.every(({ waits, isDone }) => isDone || waits === READY),
          isOwed: true,
          owedBy: row.dueOn,
        })),
      ...figures.flatMap((id, i): Chance[] =>
        standings[i] === READY && !owedFor.has(id)
          ? [{ ...plain('build', id, names[i] ?? ''), why: 'all its pieces are at hand', isReady: true, costMinor: 0 }]
          : [],
      ),
      ...(await this.buyChances(priced.filter(({ id }) => !owedFor.has(id)))),
      ...this.notices
        .open()
        .map((notice): Chance => ({ ...plain('turned up', notice.figure, known.get(notice.figure) ?? ''), why: notice.text })),
      ...this.watches
        .list()
        .notices.map((notice): Chance => ({ ...plain('watch', String(notice.id), notice.text), why: 'you asked to be told' })),
      ...ideas
        .filter(({ state, figure, lineUp }) => (state === 'heard' || state === 'liked') && figure === null && lineUp === null)
        .map((idea): Chance => ({
          ...plain('idea', idea.id, idea.title),
          why: idea.who === '' ? 'an idea' : `an idea of ${idea.who}`,
          votes: idea.votes + idea.polled,
        })),
    ];
    return { ideas, owed, now: inOrderOfChance(chances).slice(0, MOST_CHANCES) };
  }

  /** What figures that lack little would still cost. */
  private async buyChances(
    rows: readonly { readonly id: string; readonly name: string; readonly toBuy: number }[],
  ): Promise<readonly Chance[]> {
    const prices = await this.lowest.landedMinor();
    const servings = await this.servings.servingsOf(rows.map(({ id }) => id));
    const chances: Chance[] = [];
    for (const { id, name, toBuy } of rows) {
      let costMinor: number | null = 0;
      for (const { variant, lacks } of servings.get(id)?.served ?? []) {
        if (lacks === 0) continue;
        const price = prices.get(variant);
        costMinor = price === undefined || costMinor === null ? null : costMinor + price * lacks;
      }
      chances.push({ ...plain('buy', id, name), why: `${count(toBuy, 'piece')} to buy`, costMinor });
    }
    return chances;
  }
}

const READY = 'ready to build';

const plain = (kind: Chance['kind'], id: string, title: string): Chance => ({
  ...{ kind, id, title, why: '', isReady: false, owedBy: null, isOwed: false, costMinor: null, votes: 0 },
});

/** What stands in the way of a figure, in words. */
function waitsFor(standing: string, toBuy: number, onTheirWay: number): string {
  if (standing === 'wanting') return `${toBuy} to buy`;
  if (standing === 'waiting') return `${onTheirWay} on their way`;
  return standing === '' ? 'nothing is chosen yet' : standing;
}
