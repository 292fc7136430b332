import { dayNumber, isoDay, type LookPart } from '@outfit/core';
import { type Movement, OUTSIDE } from '@outfit/core/wardrobe';
import type { DemoInHand, InHand } from '@outfit/demo';
import { randomUUID } from 'node:crypto';
import { FiguresStore } from '../../figures/index.js';
import { Database } from '../../platform/db/index.js';
import { Ledger } from '../../wardrobe/index.js';
import {
  type BenchPlan,
  BenchPlanner,
  BenchStore,
  BenchService,
  movementsOf,
  type SessionEntity,
  type TickEntity,
} from '../../bench/index.js';

const BOX = 'Hobby room › Sill box';
const MINUTE = 60_000;

/** Fills an empty bench with what was built before: every step an entry of its day, as if it had been ticked then. */
export class BenchSeed {
  private readonly store: BenchStore;

  constructor(
    database: Database,
    private readonly bench: BenchService,
    private readonly planner: BenchPlanner,
    private readonly figures: FiguresStore,
    private readonly ledger: Ledger,
  ) {
    this.store = new BenchStore(database);
  }

  /** Plays what is in hand within a unit of work; `today` is the day it counts back from. */
  open(inHand: readonly DemoInHand[], today: string): void {
    for (const { figure, inHand: how } of inHand) this.play(figure, how, today);
  }

  private play(id: string, how: InHand, today: string): void {
    const [first, second] = this.figures.looksOf([id]);
    if (!first) throw new RangeError(`${id} has no look`);
    const name = this.figures.figure(id).brief.name;
    const daysAgo = 'daysAgo' in how ? how.daysAgo : 0;
    const begun =
      'daysAgo' in how ? Date.parse(`${isoDay(dayNumber(today) - daysAgo)}T18:10:00.000Z`) : Date.parse(this.ledger.now()) - 35 * MINUTE;
    const tray = this.ledger.store.placeOfFigure('bench', id, name);
    // What is ready lies on its figure's tray, so that nobody before it in line takes it.
    const lots = this.arrive(
      first.parts,
      isoDay(dayNumber(today) - daysAgo - 4),
      name,
      how.is === 'ready' ? tray : this.ledger.store.placeAt(BOX),
    );
    if (how.is === 'built otherwise' && second) {
      const more = second.parts.filter((part) => !first.parts.some((own) => own.variant === part.variant));
      this.arrive(more, isoDay(dayNumber(today) - 3), name, tray);
    }
    if (how.is === 'ready') return;
    const plan = this.planner.planOfLots(id, name, first.parts, lots);
    const upTo = how.is === 'half built' ? Math.ceil(plan.steps.length / 2) : plan.steps.length;
    const stepMs = (('minutes' in how ? how.minutes : 20) * MINUTE) / plan.steps.length;
    this.writeSession(id, first.id, name, plan, upTo, begun, stepMs, 'remark' in how ? how.remark : '');
  }

  /** Writes a session down with its first steps done. */
  private writeSession(
    figure: string,
    look: string,
    title: string,
    plan: BenchPlan,
    upTo: number,
    begun: number,
    stepMs: number,
    remark: string,
  ): void {
    const at = (step: number): string => new Date(begun + step * stepMs).toISOString();
    const isDone = upTo === plan.steps.length;
    const session: SessionEntity = {
      ...{
        id: randomUUID(),
        ordinal: this.store.nextOrdinal(),
        title,
        state: isDone ? 'built' : 'open',
        plan,
        ...{ remark, who: '' },
      },
      ...{ begunAt: at(0), endedAt: isDone ? at(upTo) : null, removedAt: null, version: 1 },
    };
    this.store.write(session);
    this.store.addFigure({ session: session.id, figure, look, copies: 1 });
    const places = this.bench.placesOf(plan);
    const ticks: TickEntity[] = [];
    for (const [i, step] of plan.steps.slice(0, upTo).entries()) {
      const movements = movementsOf(step, plan, ticks, places);
      const kind = step.kind === 'build' ? ('built on' as const) : ('put away' as const);
      const sentence = `At the bench, ${title}: ${step.title}`.slice(0, 300);
      const entry =
        movements.length === 0
          ? null
          : this.ledger.store.enter({ at: at(i + 1), kind, sentence, because: `bench ${session.id}` }, movements);
      ticks.push({ session: session.id, step: step.id, entry, lots: {}, at: at(i + 1) });
    }
    this.store.addTicks(ticks);
  }

  /** The pieces of a figure come in, to where they wait. Returns their lots. */
  private arrive(parts: readonly LookPart[], day: string, name: string, place: string): readonly number[] {
    const at = `${day}T18:00:00.000Z`;
    const quantities = new Map<string, number>();
    for (const { variant } of parts) quantities.set(variant, (quantities.get(variant) ?? 0) + 1);
    const movements = [...quantities].map(([variant, quantity]): Movement => ({
      lot: this.ledger.store.addLot({ variant, condition: 'used', note: '', addedAt: at }),
      ...{ quantity, from: OUTSIDE, to: place },
    }));
    this.ledger.store.enter({ at, kind: 'bought', sentence: `Bought for ${name}`, because: 'hand' }, movements);
    return movements.map((movement) => movement.lot);
  }
}
