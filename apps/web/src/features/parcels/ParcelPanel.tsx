import { amountOf, inUnits, money, perMinorOf } from '@outfit/core';
import { useState } from 'react';
import { type OrderedParcelDto, useChangeParcelMutation, useEndParcelMutation } from '@/api';
import { AmountInput, attempt, Button, Input, KeptInput, Label, longDay, tell, useOneForm } from '@/ui';
import { useWorkspace } from '@/workspace';
import { Claim, Claims } from './Claims';
import { PlanAgain } from './PlanAgain';
import { Receiving } from './Receiving';

/** A parcel beside the board: what was ordered, what came, what it cost, and what can be done. */
export function ParcelPanel({ parcel }: { readonly parcel: OrderedParcelDto }) {
  const { catalogue } = useWorkspace();
  const [change] = useChangeParcelMutation();
  const isOpen = parcel.lines.some((line) => line.open > 0);
  const isEnded = parcel.state === 'cancelled' || parcel.state === 'lost';
  const form = useOneForm<'receive' | 'claim' | 'end'>(parcel.state === 'arrived' && isOpen ? 'receive' : null);
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
          <Paid parcel={parcel} onPaid={(change) => void note(change)} />
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
          <Button className="!px-2 !py-0.5" onClick={() => void note({ isHere: true }).then((done) => done && form.show('receive'))}>
            It is here
          </Button>
        )}
        {isOpen && !isEnded && (
          <>
            <Button aria-pressed={form.open === 'receive'} className="!px-2 !py-0.5" onClick={() => form.toggle('receive')}>
              Put away
            </Button>
            <Button aria-pressed={form.open === 'end'} className="!px-2 !py-0.5" onClick={() => form.toggle('end')}>
              Cancelled or lost
            </Button>
          </>
        )}
        {!isEnded && (
          <Button aria-pressed={form.open === 'claim'} className="!px-2 !py-0.5" onClick={() => form.toggle('claim')}>
            Something was wrong
          </Button>
        )}
      </div>
      {form.open === 'receive' && <Receiving parcel={parcel} onDone={() => form.close('receive')} />}
      {form.open === 'claim' && <Claim parcel={parcel} onDone={() => form.close('claim')} />}
      {form.open === 'end' && <End parcel={parcel} onDone={() => form.close('end')} />}
      <Claims parcel={parcel} />
      {parcel.errand !== null && parcel.lines.some((line) => line.gone > 0) && (
        <p className="flex flex-wrap items-center gap-2 text-[0.93rem]">
          What does not come is to buy again.
          <PlanAgain errand={parcel.errand} />
        </p>
      )}
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

interface PaidProps {
  readonly parcel: OrderedParcelDto;
  readonly onPaid: (change: { readonly paidMinor: number } | { readonly paidInMinor: number }) => void;
}

/** What was really paid, in what the seller asks: at the rate of the day of the order it is what everything else is reckoned in. */
function Paid({ parcel, onPaid }: PaidProps) {
  const isForeign = parcel.sellerCurrency !== parcel.currency;
  const agreedIn = Math.round(parcel.agreedMinor / perMinorOf(parcel.rate, parcel.sellerCurrency, parcel.currency));
  const shown = isForeign ? (parcel.paidInMinor ?? agreedIn) : (parcel.paidMinor ?? parcel.agreedMinor);
  return (
    <>
      <KeptInput
        label={`Paid, in ${parcel.sellerCurrency}`}
        value={inUnits(shown, parcel.sellerCurrency)}
        maxLength={12}
        onKeep={(text) => {
          const minor = amountOf(text, parcel.sellerCurrency);
          if (typeof minor !== 'number') tell.error(`“${text}” is no amount: write one such as ${inUnits(395, parcel.sellerCurrency)}.`);
          else onPaid(isForeign ? { paidInMinor: minor } : { paidMinor: minor });
        }}
        onLeft={() => undefined}
      />
      {isForeign && (
        <span className="text-pencil block text-[0.87rem]">
          {parcel.sellerCurrency}, at {parcel.rate.toPrecision(4)} on the day:{' '}
          {money(parcel.paidMinor ?? parcel.agreedMinor, parcel.currency)}
        </span>
      )}
    </>
  );
}

/** A parcel that will not come. */
function End({ parcel, onDone }: { readonly parcel: OrderedParcelDto; readonly onDone: () => void }) {
  const [end, { isLoading }] = useEndParcelMutation();
  const [sum, setSum] = useState('');
  const refunded = amountOf(sum, parcel.currency);
  const isUnreadable = refunded === 'unreadable';
  const finish = (as: 'cancelled' | 'lost'): void =>
    void attempt(end({ id: parcel.id, endDto: { as, refundedMinor: typeof refunded === 'number' ? refunded : 0 } }).unwrap()).then(
      (done) => done && onDone(),
    );
  return (
    <div className="border-rule bg-paper space-y-2 border p-3">
      <p className="text-[0.93rem]">What is still expected will not come, and is to buy again.</p>
      <Label text={`Money back, in ${parcel.currency}`}>
        <AmountInput currency={parcel.currency} value={sum} onType={setSum} />
      </Label>
      <div className="flex gap-2">
        <Button disabled={isLoading || isUnreadable} onClick={() => finish('cancelled')}>
          Cancelled
        </Button>
        <Button disabled={isLoading || isUnreadable} onClick={() => finish('lost')}>
          Lost
        </Button>
      </div>
    </div>
  );
}
