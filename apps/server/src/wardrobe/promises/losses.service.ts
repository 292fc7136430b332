import { Injectable } from '@nestjs/common';
import { type Claimant, orderWith, type PartPromises } from '@outfit/core/wardrobe';
import { DueDays, earliest, FiguresStore } from '../../figures/index.js';
import { inTurns } from './inTurns.js';
import type { LineChangeDto, LossDto } from './promises.dto.js';
import { PromiseKeeper } from './promiseKeeper.js';

/** Who would lose which pieces by another order of a line-up's figures or another day it is due: told before it is done. */
@Injectable()
export class LossesService {
  constructor(
    private readonly keeper: PromiseKeeper,
    private readonly figures: FiguresStore,
    private readonly dueDays: DueDays,
  ) {}

  async of(change: LineChangeDto): Promise<LossDto[]> {
    const { book } = await this.keeper.now();
    const others = this.claimantsAfter(change, (id) => book.claimant(id));
    const variants = [...new Set(others.flatMap(({ parts }) => parts.map(({ variant }) => variant)))];
    const lost = await inTurns(variants, (variant) => {
      const [before, after] = [piecesBy(book.of(variant)), piecesBy(book.ofWith(variant, others))];
      const name = (id: string): string => book.claimant(id)?.name ?? '';
      const more = [...after].filter(([id, pieces]) => pieces > (before.get(id) ?? 0)).map(([id]) => name(id));
      return [...before].flatMap(([figure, had]): LossDto[] => {
        const quantity = had - (after.get(figure) ?? 0);
        return quantity > 0 ? [{ figure, name: name(figure), variant, quantity, to: more }] : [];
      });
    });
    return lost.flat();
  }

  /** The figures of the line-up as they would stand in line. */
  private claimantsAfter({ lineUp, figures, dueOn }: LineChangeDto, claimantOf: (id: string) => Claimant | undefined): readonly Claimant[] {
    const own = this.figures.figuresOf(lineUp).map(({ id }) => id);
    const askedFor = dueOn === undefined ? null : this.dueDays.now({ lineUp, dueOn });
    const days = askedFor
      ? new Map(this.figures.wantsOf(own).map((want) => [want.id, earliest(want.dueOn, askedFor(want.id, lineUp))]))
      : null;
    return own.flatMap((id) => {
      const claimant = claimantOf(id);
      if (!claimant) return [];
      const index = figures?.indexOf(id) ?? -1;
      return [
        { ...claimant, order: orderWith(claimant.order, { ...(days && { dueOn: days.get(id) ?? null }), ...(index >= 0 && { index }) }) },
      ];
    });
  }
}

/** How many pieces of a part each figure gets; those of a group share, and each has all the group gets. */
function piecesBy({ given }: PartPromises): ReadonlyMap<string, number> {
  const pieces = new Map<string, number>();
  for (const { claim, quantity } of given) for (const figure of claim.figures) pieces.set(figure, (pieces.get(figure) ?? 0) + quantity);
  return pieces;
}
