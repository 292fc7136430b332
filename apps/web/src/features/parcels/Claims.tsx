import { amountOf, inUnits, money } from '@outfit/core';
import { useState } from 'react';
import { type ClaimDto, type OrderedParcelDto, type ParcelClaimDto, useClaimParcelMutation, useSettleClaimMutation } from '@/api';
import { AmountInput, attempt, Button, Choice, Input, Label, longDay } from '@/ui';
import { useWorkspace } from '@/workspace';

type Outcome = ClaimDto['outcome'];
type Reason = ParcelClaimDto['reason'];

const REASONS: readonly { readonly value: Reason; readonly label: string }[] = [
  { value: 'short', label: 'Too few came' },
  { value: 'wrong', label: 'Another part came' },
  { value: 'damaged', label: 'It came damaged' },
];
const OUTCOMES: readonly { readonly value: Outcome; readonly label: string }[] = [
  { value: 'ask again', label: 'Send it again' },
  { value: 'money back', label: 'Money back' },
  { value: 'buy again', label: 'To buy again' },
  { value: 'keep it', label: 'Kept as it is' },
];
const labelOf = <T extends string>(options: readonly { readonly value: T; readonly label: string }[], value: T): string =>
  options.find((option) => option.value === value)?.label ?? value;

/** What was asked of the seller, and what came of it; what is not answered yet can be settled. */
export function Claims({ parcel }: { readonly parcel: OrderedParcelDto }) {
  if (parcel.claims.length === 0) return null;
  return (
    <section aria-label="Claims">
      <h3 className="text-[1rem]">Claims</h3>
      <ul className="divide-rule divide-y text-[0.93rem]">
        {parcel.claims.map((claim) => (
          <ClaimRow key={claim.id} parcel={parcel} claim={claim} />
        ))}
      </ul>
    </section>
  );
}

function ClaimRow({ parcel, claim }: { readonly parcel: OrderedParcelDto; readonly claim: ParcelClaimDto }) {
  const { catalogue } = useWorkspace();
  const [settle, { isLoading }] = useSettleClaimMutation();
  const [outcome, setOutcome] = useState<Outcome>(claim.asked);
  const [sum, setSum] = useState(inUnits(claim.askedMinor, parcel.currency));
  const amount = amountOf(sum, parcel.currency);
  const sumMinor = typeof amount === 'number' ? amount : 0;
  const line = parcel.lines.find((row) => row.id === claim.line);
  const name = line ? catalogue.nameOf(catalogue.variant(line.variant)) : '';
  return (
    <li className="space-y-1.5 py-1.5">
      <p>
        {claim.quantity} × {name}: {labelOf(REASONS, claim.reason).toLowerCase()}.{' '}
        <span className="text-pencil">
          {claim.outcome === null
            ? `Asked ${longDay(claim.openedAt.slice(0, 10))}: ${labelOf(OUTCOMES, claim.asked).toLowerCase()}`
            : `${labelOf(OUTCOMES, claim.outcome)}${claim.gotMinor > 0 ? `, ${money(claim.gotMinor, parcel.currency)} back` : ''}`}
        </span>
      </p>
      {claim.outcome === null && (
        <form
          aria-label={`Answer about ${name}`}
          className="flex flex-wrap items-center gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            void attempt(settle({ id: parcel.id, claim: claim.id, settleDto: { outcome, sumMinor } }).unwrap());
          }}
        >
          <Choice<Outcome> aria-label={`What came of the claim about ${name}`} value={outcome} options={OUTCOMES} onChoose={setOutcome} />
          <AmountInput
            currency={parcel.currency}
            aria-label={`Money back for ${name}, in ${parcel.currency}`}
            className="!w-20 text-right"
            value={sum}
            onType={setSum}
          />
          <Button type="submit" disabled={isLoading || amount === 'unreadable'}>
            Settled
          </Button>
        </form>
      )}
    </li>
  );
}

/** What becomes of pieces that did not come as ordered. */
export function Claim({ parcel, onDone }: { readonly parcel: OrderedParcelDto; readonly onDone: () => void }) {
  const { catalogue } = useWorkspace();
  const [claim, { isLoading }] = useClaimParcelMutation();
  const [line, setLine] = useState(String((parcel.lines.find((row) => row.open > 0) ?? parcel.lines[0])?.id ?? ''));
  const [quantity, setQuantity] = useState('1');
  const [outcome, setOutcome] = useState<Outcome>('ask again');
  const [sum, setSum] = useState('');
  const amount = amountOf(sum, parcel.currency);
  const sumMinor = typeof amount === 'number' ? amount : 0;
  const [reason, setReason] = useState<Reason>('short');
  const [isOpen, setOpen] = useState(true);
  return (
    <form
      aria-label="Something was wrong"
      className="border-rule bg-paper space-y-2 border p-3"
      onSubmit={(event) => {
        event.preventDefault();
        const claimDto = { line: Number(line), quantity: Number(quantity), reason, outcome, sumMinor, isOpen };
        void attempt(claim({ id: parcel.id, claimDto }).unwrap()).then((done) => done && onDone());
      }}
    >
      <Choice
        aria-label="Which part"
        value={line}
        options={parcel.lines.map((row) => ({ value: String(row.id), label: catalogue.nameOf(catalogue.variant(row.variant)) }))}
        onChoose={setLine}
      />
      <div className="grid grid-cols-2 gap-2">
        <Label text="How many">
          <Input inputMode="numeric" value={quantity} onChange={(event) => setQuantity(event.target.value.replace(/\D/g, ''))} />
        </Label>
        <Label text={`Money back, in ${parcel.currency}`}>
          <AmountInput currency={parcel.currency} value={sum} onType={setSum} />
        </Label>
      </div>
      <div className="grid grid-cols-2 gap-2">
        <Choice<Reason> aria-label="What is wrong" value={reason} options={REASONS} onChoose={setReason} />
        <Choice<Outcome> aria-label="What becomes of it" value={outcome} options={OUTCOMES} onChoose={setOutcome} />
      </div>
      <label className="flex items-center gap-2 text-[0.93rem]" htmlFor="claim-open">
        <input id="claim-open" type="checkbox" checked={isOpen} onChange={(event) => setOpen(event.target.checked)} />
        Asked, and not answered yet
      </label>
      <Button type="submit" tone="act" disabled={Number(quantity) < 1 || sumMinor === null || isLoading}>
        {isOpen ? 'Ask the seller' : 'Settle it'}
      </Button>
    </form>
  );
}
