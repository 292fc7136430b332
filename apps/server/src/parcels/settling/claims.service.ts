import { Injectable } from '@nestjs/common';
import { afterLettingGo, agreedMinor, openOf, stateAfter } from '@outfit/core/parcels';
import { type Movement, OUTSIDE } from '@outfit/core/wardrobe';
import { notFound, Problem } from '../../platform/http/index.js';
import { Ledger } from '../../wardrobe/index.js';
import { ParcelDeeds } from '../parcelDeeds.service.js';
import type { ClaimDto, OrderedParcelDto, SettleDto } from '../parcels.dto.js';
import type { ClaimEntity } from '../parcels.entities.js';
import type { KeptParcel } from '../parcels.store.js';

/** What is asked of a seller when something did not come as ordered, and what came of it. */
@Injectable()
export class ClaimsService {
  constructor(
    private readonly deeds: ParcelDeeds,
    private readonly ledger: Ledger,
  ) {}

  /** Writes a claim down: asked and not answered yet, or settled at once. */
  claim(id: string, { isOpen = false, ...asked }: ClaimDto): Promise<OrderedParcelDto[]> {
    return this.ledger.change<OrderedParcelDto[]>(() => {
      const before = this.deeds.keptParcel(id);
      const line = this.deeds.lineOf(before, asked.line);
      const name = this.ledger.nameOf(line.lot);
      if (asked.quantity > line.quantity) throw new Problem(422, `${line.quantity} of ${name} were ordered, not ${asked.quantity}.`);
      refuseTwice(before, asked, name);
      const claim: ClaimEntity = {
        ...{ id: this.deeds.store.nextClaim(), parcel: id, line: asked.line, quantity: asked.quantity, reason: asked.reason ?? 'short' },
        ...{ asked: asked.outcome, askedMinor: asked.sumMinor, openedAt: this.ledger.now() },
        ...{ outcome: null, gotMinor: 0, settledAt: null, removedAt: null },
      };
      this.deeds.store.writeClaim(claim);
      if (isOpen) this.deeds.keep(`Asked ${before.row.sellerName} about ${asked.quantity} × ${name}`, before);
      else this.settleNow(before, claim, asked);
      return this.deeds.list();
    });
  }

  /** Notes what came of a claim, and does what follows from it. */
  settle(id: string, claimId: number, how: SettleDto): Promise<OrderedParcelDto[]> {
    return this.ledger.change<OrderedParcelDto[]>(() => {
      const before = this.deeds.keptParcel(id);
      const claim = before.claims?.find((own) => own.id === claimId);
      if (!claim) throw notFound('claim', String(claimId));
      if (claim.outcome !== null) throw new Problem(409, 'This claim is settled already. Nothing was changed.');
      this.settleNow(before, claim, how);
      return this.deeds.list();
    });
  }

  private settleNow(before: KeptParcel, claim: ClaimEntity, { outcome, sumMinor, expectedOn }: SettleDto): void {
    const { row, lines } = before;
    const line = this.deeds.lineOf(before, claim.line);
    const name = this.ledger.nameOf(line.lot);
    const { quantity } = claim;
    const refundedMinor = row.refundedMinor + sumMinor;
    if (refundedMinor > (row.paidMinor ?? agreedMinor(lines, row))) throw new Problem(422, 'More would come back than was paid.');
    // What came and is paid back stays: only what is still expected can be let go.
    const letsGo = outcome === 'money back' || outcome === 'buy again' ? Math.min(quantity, openOf(line)) : 0;
    if (outcome === 'buy again' && quantity > openOf(line))
      throw new Problem(409, `${openOf(line)} of ${name} are still expected, not ${quantity}.`);
    if (letsGo > 0) this.deeds.store.writeLine(afterLettingGo(line, letsGo));
    this.deeds.store.writeClaim({ ...claim, outcome, gotMinor: sumMinor, settledAt: this.ledger.now() });
    this.deeds.write({
      ...row,
      state: letsGo > 0 ? stateAfter(row.state, this.deeds.store.lines(row.id)) : row.state,
      refundedMinor,
      expectedOn: outcome === 'ask again' ? (expectedOn ?? row.expectedOn) : row.expectedOn,
      version: row.version + 1,
    });
    const movements: readonly Movement[] = letsGo > 0 ? [{ lot: line.lot, quantity: letsGo, from: row.place, to: OUTSIDE }] : [];
    this.deeds.enterOrKeep(`${quantity} × ${name} from ${row.sellerName}: ${outcome}`, movements, before);
  }
}

/**
 * Money for a piece comes back once. What did not come is asked for as long as it is expected; of what came, no more than there is.
 */
function refuseTwice({ lines, claims = [] }: KeptParcel, { line, quantity, sumMinor, reason = 'short' }: ClaimDto, name: string): void {
  const own = lines.find(({ id }) => id === line);
  if (!own || sumMinor === 0) return;
  const standing = claims.filter((claim) => claim.line === line && claim.removedAt === null);
  const asked = sum(standing.filter((claim) => claim.outcome === null && claim.reason === 'short').map((claim) => claim.quantity));
  if (reason === 'short' && standing.length > 0 && quantity > openOf(own) - asked)
    throw new Problem(409, `No more of ${name} is expected: money for it was asked for or came back already. Nothing was changed.`);
  const paidBack = sum(
    standing.filter((claim) => (claim.outcome === null ? claim.askedMinor : claim.gotMinor) > 0).map((claim) => claim.quantity),
  );
  if (paidBack + quantity > own.quantity)
    throw new Problem(
      409,
      `Money for ${paidBack} of ${own.quantity} × ${name} was asked for or came back already. Nothing was changed; look at the claims of this parcel.`,
    );
}

const sum = (numbers: readonly number[]): number => numbers.reduce((all, own) => all + own, 0);
