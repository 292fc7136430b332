import { money } from '@outfit/core';
import { useState } from 'react';
import { type ClaimDto, type OrderedParcelDto, useChangeParcelMutation, useClaimParcelMutation, useEndParcelMutation } from '@/api';
import { attempt, Button, Choice, Input, KeptInput, Label, longDay, tell } from '@/ui';
import { useWorkspace } from '@/workspace';
import { Receiving } from './Receiving';

type Outcome = ClaimDto['outcome'];

/** A parcel beside the board: what was ordered, what came, what it cost, and what can be done. */
export function ParcelPanel({ parcel }: { readonly parcel: OrderedParcelDto }) {
  const { catalogue } = useWorkspace();
  const [change] = useChangeParcelMutation();
  const isOpen = parcel.lines.some((line) => line.open > 0);
  const isEnded = parcel.state === 'cancelled' || parcel.state === 'lost';
  const [doing, setDoing] = useState<'receive' | 'claim' | 'end' | null>(parcel.state === 'arrived' && isOpen ? 'receive' : null);
  const toggle = (what: 'receive' | 'claim' | 'end'): void => setDoing(doing === what ? null : what);
  const note = (parcelChangeDto: Parameters<typeof change>[0]['parcelChangeDto']) =>
    attempt(change({ id: parcel.id, parcelChangeDto }).unwrap());
  return (
    <aside
      aria-label={`Parcel from ${parcel.sellerName}`}
      className="border-rule bg-sheet min-h-0 space-y-3 overflow-auto border-l p-4 max-sm:border-t max-sm:border-l-0"
    >
      <div>
        <h2 className="text-[1.13rem]">{parcel.sellerName}</h2>
        <p className="text-pencil text-[0.93rem]">
          ordered {longDay(parcel.orderedOn)}
          {parcel.sentOn !== null && `, sent ${longDay(parcel.sentOn)}`}
          {parcel.arrivedOn !== null && `, here since ${longDay(parcel.arrivedOn)}`}
        </p>
      </div>
      <dl className="grid grid-cols-[auto_1fr] items-center gap-x-3 gap-y-1 text-[0.93rem]">
        <dt className="text-pencil">State</dt>
        <dd>
          {parcel.state}
          {parcel.isLate && <span className="text-madder">, late</span>}
        </dd>
        <dt className="text-pencil">Agreed</dt>
        <dd
          className="font-mono"
          title={`Postage ${money(parcel.postageMinor, parcel.currency)}, fees ${money(parcel.feesMinor, parcel.currency)}`}
        >
          {money(parcel.agreedMinor, parcel.currency)}
        </dd>
        <dt className="text-pencil">Paid</dt>
        <dd>
          <KeptInput
            label={`Paid, in ${parcel.currency}`}
            value={((parcel.paidMinor ?? parcel.agreedMinor) / 100).toFixed(2)}
            maxLength={12}
            onKeep={(text) => {
              const paidMinor = Math.round(Number(text.replace(',', '.')) * 100);
              if (paidMinor >= 0) void note({ paidMinor });
              else tell.error(`“${text}” is no amount.`);
            }}
            onLeft={() => undefined}
          />
        </dd>
        {parcel.refundedMinor > 0 && (
          <>
            <dt className="text-pencil">Back</dt>
            <dd className="font-mono">{money(parcel.refundedMinor, parcel.currency)}</dd>
          </>
        )}
        <dt className="text-pencil">Expected</dt>
        <dd>
          <Input
            type="date"
            aria-label="Expected on"
            className="!w-40"
            value={parcel.expectedOn ?? ''}
            onChange={(event) => void note({ expectedOn: event.target.value || null })}
          />
        </dd>
        <dt className="text-pencil">Reference</dt>
        <dd>
          <KeptInput
            label="Reference"
            value={parcel.reference}
            maxLength={120}
            onKeep={(reference) => void note({ reference })}
            onLeft={() => undefined}
          />
        </dd>
        <dt className="text-pencil">Tracking</dt>
        <dd>
          <KeptInput
            label="Tracking"
            value={parcel.tracking}
            maxLength={300}
            onKeep={(tracking) => void note({ tracking })}
            onLeft={() => undefined}
          />
        </dd>
      </dl>
      <div className="flex flex-wrap gap-1.5">
        {(parcel.state === 'ordered' || parcel.state === 'sent') && (
          <Button className="!px-2 !py-0.5" onClick={() => void note({ isHere: true }).then((done) => done && setDoing('receive'))}>
            It is here
          </Button>
        )}
        {isOpen && !isEnded && (
          <>
            <Button aria-pressed={doing === 'receive'} className="!px-2 !py-0.5" onClick={() => toggle('receive')}>
              Put away
            </Button>
            <Button aria-pressed={doing === 'end'} className="!px-2 !py-0.5" onClick={() => toggle('end')}>
              Cancelled or lost
            </Button>
          </>
        )}
        {!isEnded && (
          <Button aria-pressed={doing === 'claim'} className="!px-2 !py-0.5" onClick={() => toggle('claim')}>
            Something was wrong
          </Button>
        )}
      </div>
      {doing === 'receive' && <Receiving parcel={parcel} onDone={() => setDoing(null)} />}
      {doing === 'claim' && <Claim parcel={parcel} onDone={() => setDoing(null)} />}
      {doing === 'end' && <End parcel={parcel} onDone={() => setDoing(null)} />}
      <ul aria-label="Lines" className="text-[0.93rem]">
        {parcel.lines.map((line) => (
          <li key={line.id} className="border-rule flex items-baseline gap-2 border-b py-1">
            <span className="w-8 text-right font-mono">{line.quantity} ×</span>
            <span className="min-w-0 flex-1">
              {catalogue.nameOf(catalogue.variant(line.variant))}
              <span className="text-pencil block text-[0.87rem]">
                {[
                  line.came > 0 ? `${line.came} came` : '',
                  line.damaged > 0 ? `${line.damaged} damaged` : '',
                  line.gone > 0 ? `${line.gone} let go` : '',
                  line.open > 0 ? `${line.open} expected` : '',
                ]
                  .filter(Boolean)
                  .join(', ')}
              </span>
            </span>
            <span className="font-mono" title="What its pieces really cost, with their share of postage and fees">
              {money(line.landedMinor, parcel.currency)}
            </span>
          </li>
        ))}
      </ul>
    </aside>
  );
}

const minorOf = (text: string): number => Math.round(Number((text || '0').replace(',', '.')) * 100);

/** What becomes of pieces that did not come as ordered. */
function Claim({ parcel, onDone }: { readonly parcel: OrderedParcelDto; readonly onDone: () => void }) {
  const { catalogue } = useWorkspace();
  const [claim, { isLoading }] = useClaimParcelMutation();
  const [line, setLine] = useState(String((parcel.lines.find((row) => row.open > 0) ?? parcel.lines[0])?.id ?? ''));
  const [quantity, setQuantity] = useState('1');
  const [outcome, setOutcome] = useState<Outcome>('ask again');
  const [sum, setSum] = useState('');
  return (
    <form
      aria-label="Something was wrong"
      className="border-rule bg-paper space-y-2 border p-3"
      onSubmit={(event) => {
        event.preventDefault();
        const claimDto = { line: Number(line), quantity: Number(quantity), outcome, sumMinor: minorOf(sum) };
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
          <Input inputMode="decimal" value={sum} onChange={(event) => setSum(event.target.value)} />
        </Label>
      </div>
      <Choice<Outcome>
        aria-label="What becomes of it"
        value={outcome}
        options={[
          { value: 'ask again', label: 'The seller was asked again: still expected' },
          { value: 'money back', label: 'Paid back: it will not come' },
          { value: 'buy again', label: 'It will not come: to buy again' },
          { value: 'keep it', label: 'Kept as it is' },
        ]}
        onChoose={setOutcome}
      />
      <Button type="submit" tone="act" disabled={Number(quantity) < 1 || !(minorOf(sum) >= 0) || isLoading}>
        Settle it
      </Button>
    </form>
  );
}

/** A parcel that will not come. */
function End({ parcel, onDone }: { readonly parcel: OrderedParcelDto; readonly onDone: () => void }) {
  const [end, { isLoading }] = useEndParcelMutation();
  const [sum, setSum] = useState('');
  const finish = (as: 'cancelled' | 'lost'): void =>
    void attempt(end({ id: parcel.id, endDto: { as, refundedMinor: minorOf(sum) } }).unwrap()).then((done) => done && onDone());
  return (
    <div className="border-rule bg-paper space-y-2 border p-3">
      <p className="text-[0.93rem]">What is still expected will not come, and is to buy again.</p>
      <Label text={`Money back, in ${parcel.currency}`}>
        <Input inputMode="decimal" value={sum} onChange={(event) => setSum(event.target.value)} />
      </Label>
      <div className="flex gap-2">
        <Button disabled={isLoading || !(minorOf(sum) >= 0)} onClick={() => finish('cancelled')}>
          Cancelled
        </Button>
        <Button disabled={isLoading || !(minorOf(sum) >= 0)} onClick={() => finish('lost')}>
          Lost
        </Button>
      </div>
    </div>
  );
}
