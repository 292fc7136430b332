import { useState } from 'react';
import { type ItemPricesDto, type NewWatchDto, useAddWatchMutation, useListSellersQuery } from '@/api';
import { amountOf, inUnits } from '@outfit/core';
import { AmountInput, attempt, Button, Choice, Label, tell } from '@/ui';

/** "Tell me below 3.00", when a seller has it, when the cheapest way to it changes. */
export function WatchButtons({ prices }: { readonly prices: ItemPricesDto }) {
  const { data: sellers = [] } = useListSellersQuery();
  const [add, { isLoading }] = useAddWatchMutation();
  const [price, setPrice] = useState('');
  const [seller, setSeller] = useState('');
  const { currency } = prices;
  const item = { kind: prices.kind, id: prices.id };
  const priceMinor = amountOf(price, currency);
  const watch = async (newWatchDto: NewWatchDto): Promise<void> => {
    if (await attempt(add({ newWatchDto }).unwrap())) tell.success('Watched for. Notices stand on the Market page.');
  };
  const chosen = seller === '' ? (sellers[0]?.id ?? '') : seller;
  return (
    <section aria-label="Watch" className="border-rule bg-sheet space-y-2 border p-3">
      <h2 className="text-[1.07rem]">Tell me</h2>
      <div className="flex items-end gap-2">
        <Label text="when it is below" className="flex-1">
          <AmountInput value={price} currency={currency} placeholder={inUnits(300, currency)} onType={setPrice} />
        </Label>
        <Button
          disabled={isLoading || typeof priceMinor !== 'number' || priceMinor === 0}
          onClick={() => typeof priceMinor === 'number' && void watch({ kind: 'below', item, priceMinor })}
        >
          Watch the price
        </Button>
      </div>
      <div className="flex items-end gap-2">
        <Label text="when it is in stock at" className="min-w-0 flex-1">
          <Choice value={chosen} options={sellers.map((row) => ({ value: row.id, label: row.name }))} onChoose={setSeller} />
        </Label>
        <Button disabled={isLoading || chosen === ''} onClick={() => void watch({ kind: 'in stock', item, seller: chosen })}>
          Watch the stock
        </Button>
      </div>
      {prices.kind === 'variant' && (
        <Button disabled={isLoading} onClick={() => void watch({ kind: 'cheapest way', item })}>
          Watch the cheapest way to it
        </Button>
      )}
    </section>
  );
}
