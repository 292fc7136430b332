import { Injectable } from '@nestjs/common';
import { remainingSteps } from '@outfit/core/bench';
import { type Movement, OUTSIDE } from '@outfit/core/wardrobe';
import { CatalogueService } from '../catalogue/index.js';
import { Problem } from '../platform/http/index.js';
import { Ledger, ServingsService } from '../wardrobe/index.js';
import type { BenchSessionDto, InsteadChoiceDto, TroubleReportDto } from './bench.dto.js';
import type { BenchPlan, PlannedStep, Trouble } from './bench.entities.js';
import { BenchService } from './bench.service.js';
import { piecesNow } from './movements.js';
import { BenchPlanner } from './planning/planner.service.js';
import { type KeptSession, sessionSlice } from './sessionSlice.js';
import { standInsFor } from './planning/standIns.js';

const MOST_CHOICES = 12;

type Piece = BenchPlan['copies'][number]['pieces'][number];

/** What goes wrong at the bench: a piece breaks, does not fit or is not there, and what would do instead. */
@Injectable()
export class TroublesService {
  constructor(
    private readonly bench: BenchService,
    private readonly planner: BenchPlanner,
    private readonly servings: ServingsService,
    private readonly ledger: Ledger,
    private readonly catalogue: CatalogueService,
  ) {}

  /** Owned pieces that would do for one: the very part first, then parts alike that go there; what nobody is promised before the rest. */
  async instead(id: string, piece: string): Promise<InsteadChoiceDto[]> {
    this.bench.keptSession(id);
    const plan = this.bench.planOf(id);
    const { piece: own } = this.pieceOf(plan, piece);
    const likeness = standInsFor(own.variant, own.position, this.catalogue.now());
    const left = this.leftOf(plan, this.bench.keptSession(id));
    const known = new Set(plan.bodies.map((body) => body.id.split('~')[0]));
    const choices = await this.servings.runsOf([...likeness.keys()]);
    return choices
      .filter(({ run, reach }) => (reach === 'loose' || reach === 'donor') && !known.has(run.place) && left(run) > 0)
      .map(({ run, variant, free, promisedTo }) => ({
        ...{ run: run.id, variant, free, promisedTo, likeness: Math.round(likeness.get(variant) ?? 0) },
        where: this.ledger.place(run.place).path || 'no place yet',
      }))
      .sort((a, b) => b.likeness - a.likeness || Number(b.free > 0) - Number(a.free > 0) || a.run - b.run)
      .slice(0, MOST_CHOICES);
  }

  /** Says what is wrong with a piece, and takes another in its place or goes on without. The ledger says so, and the rest is worked out anew. */
  async report(id: string, { piece, what, run }: TroubleReportDto): Promise<BenchSessionDto> {
    this.bench.keptSession(id);
    const worth = await this.planner.worth(this.planner.systemOf(this.bench.planOf(id).copies[0]?.figure ?? ''));
    return this.ledger.change<BenchSessionDto>(() => {
      const before = this.withPlan(this.bench.open(id));
      const plan = this.bench.planOf(id);
      const { piece: own, copy } = this.pieceOf(plan, piece);
      if (what === undefined && run === undefined) throw new Problem(422, 'Say what is wrong with it, or which piece is taken instead.');
      const left = this.leftOf(plan, before);
      if (run !== undefined && left(this.ledger.balanceOf(run)) <= 0)
        throw new Problem(409, 'Every piece of that run is in this session already. Choose another.');
      const other = run === undefined ? null : this.planner.piece(run, own, copy.figure, new Set(Object.keys(plan.pieces)));
      const wrong = what === undefined ? null : this.wrong(what, piece, plan, before, copy.name);
      const next = this.planWith(plan, before, own, copy.id, other, what);
      const steps = remainingSteps(next, next.split, this.catalogue.now(), worth);
      const numbered = numberedAfter(plan, next.split, steps);
      const { split: _, ...rest } = next;
      const outcome =
        other === null ? 'built without' : `${this.catalogue.now().nameOf(this.catalogue.now().variant(other.piece.variant))} instead`;
      const step = numbered.find((row) => !before.ticks.some((tick) => tick.step === row.id))?.id ?? 0;
      const trouble =
        what === undefined
          ? []
          : [this.bench.store.addTrouble({ session: id, step, what, variant: own.variant, outcome, at: this.ledger.now() })];
      const after: KeptSession = {
        ...before,
        session: { ...before.session, plan: { ...rest, steps: numbered } satisfies BenchPlan },
        troubles: [...before.troubles, ...trouble],
      };
      const sentence = `At the bench, ${before.session.title}: ${this.catalogue.now().nameOf(this.catalogue.now().variant(own.variant))}, ${what ?? 'another one'}`;
      if (wrong)
        this.ledger.enter(wrong.kind, sentence, wrong.movements, {
          slices: [sessionSlice(before, after)],
          because: `bench ${id}`,
        });
      else this.ledger.keep(sentence, [sessionSlice(before, after)]);
      this.bench.restore(after);
      return this.bench.session(id);
    });
  }

  /** How many pieces of a run are not in the session's hands: what it fetched lies among others of its lot. */
  private leftOf(
    plan: BenchPlan,
    kept: KeptSession,
  ): (run: { readonly lot: number; readonly place: string; readonly quantity: number }) => number {
    const now = piecesNow(plan, kept.ticks, this.bench.placesOf(plan));
    const inHand = new Map<string, number>();
    for (const { piece } of plan.copies.flatMap((copy) => copy.pieces)) {
      const at = now.get(piece);
      if (at) inHand.set(`${at.lot} ${at.place}`, (inHand.get(`${at.lot} ${at.place}`) ?? 0) + 1);
    }
    return ({ lot, place, quantity }) => quantity - (inHand.get(`${lot} ${place}`) ?? 0);
  }

  private pieceOf(plan: BenchPlan, piece: string): { readonly piece: Piece; readonly copy: BenchPlan['copies'][number] } {
    for (const copy of plan.copies) {
      const own = copy.pieces.find((row) => row.piece === piece);
      if (own) return { piece: own, copy };
    }
    throw new Problem(404, 'That piece is not part of what is built here.');
  }

  /** What the ledger is told of a piece that is wrong. */
  private wrong(what: Trouble, piece: string, plan: BenchPlan, kept: KeptSession, figure: string) {
    const now = piecesNow(plan, kept.ticks, this.bench.placesOf(plan)).get(piece);
    if (!now) throw new Problem(409, 'Nobody knows where that piece is.');
    const gone: Movement = { lot: now.lot, quantity: 1, from: now.place, to: OUTSIDE };
    this.bench.refuseMissing([gone]);
    if (what === 'it broke') return { kind: 'broke' as const, movements: [gone] };
    if (what === 'it is not there') return { kind: 'lost' as const, movements: [gone] };
    const { id, ...lot } = this.ledger.lot(now.lot);
    const defects = [...lot.defects, { kind: 'loose' as const, note: `did not fit ${figure}`.slice(0, 200) }];
    const next = this.ledger.store.addLot({ ...lot, defects, splitFrom: id, addedAt: this.ledger.now() });
    return {
      kind: 'split' as const,
      movements: [gone, { lot: next, quantity: 1, from: OUTSIDE, to: this.planner.whereAway(lot.variant) }],
    };
  }

  private planWith(
    plan: BenchPlan,
    kept: KeptSession,
    own: Piece,
    copy: string,
    other: ReturnType<BenchPlanner['piece']> | null,
    what: Trouble | undefined,
  ) {
    const done = new Set(kept.ticks.map((tick) => tick.step));
    const units = other?.units ?? [];
    const gone = what === undefined ? plan.gone : [...plan.gone, own.piece];
    return {
      ...plan,
      gone,
      copies: plan.copies.map((row) =>
        row.id === copy
          ? { ...row, pieces: row.pieces.flatMap((piece) => (piece.piece === own.piece ? (other ? [other.piece] : []) : [piece])) }
          : row,
      ),
      bodies: other?.body && !plan.bodies.some((body) => body.id === other.body?.id) ? [...plan.bodies, other.body] : plan.bodies,
      dropped: [...(plan.dropped ?? []), { copy, piece: own }],
      pieces: { ...Object.fromEntries(units.map((unit) => [unit.piece, { lot: unit.lot, place: unit.place }])), ...plan.pieces },
      away: { ...plan.away, [own.piece]: this.planner.whereAway(own.variant) },
      split: {
        done: plan.steps.filter((step) => done.has(step.id)),
        open: plan.steps.filter((step) => !done.has(step.id)),
        gone: new Set(gone),
      },
    };
  }

  private withPlan(kept: KeptSession): KeptSession {
    return { ...kept, session: { ...kept.session, plan: this.bench.planOf(kept.session.id) } };
  }
}

/** The steps that are done, and after them those that are left under numbers of their own. */
function numberedAfter(
  plan: BenchPlan,
  { done }: { readonly done: readonly unknown[] },
  rest: readonly Omit<PlannedStep, 'id'>[],
): readonly PlannedStep[] {
  const first = Math.max(-1, ...plan.steps.map((step) => step.id)) + 1;
  return [...(done as readonly PlannedStep[]), ...rest.map((step, i) => ({ ...step, id: first + i }))];
}
