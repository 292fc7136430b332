import { itemName, money } from '@outfit/core';
import { Printer } from 'lucide-react';
import { useState } from 'react';
import { useParams } from 'react-router';
import { type ErrandDto, useListSellersQuery, useReadErrandQuery, useTickErrandMutation } from '@/api';
import { attempt, Button, Empty, longDay, plural, sentenceOf } from '@/ui';
import { useWorkspace } from '@/workspace';

/** The shopping list, seller by seller: to tick off with one hand, or to print. */
export function ListPage() {
  const { errandId = '' } = useParams();
  const { data: errand, error } = useReadErrandQuery({ id: errandId });
  if (error) return <Empty title="No such list">{sentenceOf(error)}</Empty>;
  if (!errand) return <p className="text-pencil p-6">Opening the list…</p>;
  return <List key={errand.id} errand={errand} />;
}

function List({ errand }: { readonly errand: ErrandDto }) {
  const { catalogue } = useWorkspace();
  const { data: sellers = [] } = useListSellersQuery();
  const [ticked, setTicked] = useState(errand.ticked);
  const [tick] = useTickErrandMutation();
  const plan = errand.job.result;
  const format = (minor: number): string => money(minor, errand.currency);
  const lines = plan?.parcels.flatMap((parcel) => parcel.lines.map((line) => line.offer)) ?? [];
  const toggle = async (offer: string): Promise<void> => {
    const before = ticked;
    const offers = before.includes(offer) ? before.filter((row) => row !== offer) : [...before, offer];
    // The tick shows at once and is taken back if it cannot be kept.
    setTicked(offers);
    if ((await attempt(tick({ id: errand.id, tickedDto: { offers } }).unwrap())) === null) setTicked(before);
  };
  if (!plan || plan.status === 'infeasible') return <Empty title="There is nothing to buy yet">Plan the errand first.</Empty>;
  return (
    <div className="mx-auto h-full max-w-2xl overflow-auto px-4 py-4 print:max-w-none print:overflow-visible">
      <div className="flex flex-wrap items-baseline gap-x-4">
        <h1 className="text-2xl">Shopping list</h1>
        <p className="text-pencil">
          {errand.title}, planned on {longDay(errand.createdAt)}
        </p>
        <Button className="ml-auto print:hidden" onClick={() => window.print()}>
          <Printer size={16} strokeWidth={1.75} /> Print
        </Button>
      </div>
      <p className="mt-1" role="status">
        {ticked.length} of {plural(lines.length, 'line')} ticked off, {format(plan.paidMinor)} in all.
      </p>
      {plan.parcels.map((parcel) => (
        <section key={parcel.seller} className="border-ink mt-4 break-inside-avoid border-t pt-2">
          <h2 className="flex justify-between text-lg">
            {sellers.find((seller) => seller.id === parcel.seller)?.name ?? parcel.seller}
            <span className="font-mono">{format(parcel.goodsMinor + parcel.postageMinor + parcel.handlingMinor + parcel.dutyMinor)}</span>
          </h2>
          <ul>
            {parcel.lines.map((line) => {
              const offer = errand.offers.find((row) => row.id === line.offer);
              if (!offer) return null;
              const isTicked = ticked.includes(line.offer);
              return (
                <li key={line.offer} className="border-rule border-t">
                  <label className="flex min-h-11 items-center gap-3 py-1">
                    <input
                      type="checkbox"
                      className="accent-lagoon size-5 shrink-0"
                      checked={isTicked}
                      onChange={() => void toggle(line.offer)}
                    />
                    <span className={`flex-1 ${isTicked ? 'text-pencil line-through' : ''}`}>
                      {line.quantity} {itemName(offer, catalogue)}
                      <span className="text-pencil block text-[0.87rem]">
                        {offer.condition}, <span className="font-mono text-[0.8rem]">{offer.item}</span>
                      </span>
                    </span>
                    <span className="font-mono">{format(offer.priceMinor * line.quantity)}</span>
                  </label>
                </li>
              );
            })}
          </ul>
          <p className="border-rule text-pencil border-t py-1 text-[0.93rem]">
            Postage {format(parcel.postageMinor)}
            {parcel.handlingMinor > 0 && `, handling ${format(parcel.handlingMinor)}`}
            {parcel.dutyMinor > 0 && `, duty ${format(parcel.dutyMinor)}`}; {parcel.weightG.toFixed(1)} g.
          </p>
        </section>
      ))}
    </div>
  );
}
