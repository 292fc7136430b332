import { amountOf, type Condition, CONDITIONS, inUnits } from '@outfit/core';
import { useState } from 'react';
import { type SellerDto, useAddOfferMutation } from '@/api';
import { PartPicker } from '@/parts';
import { AmountInput, Button, Choice, Input, Label, sentenceOf, Sheet, tell } from '@/ui';
import { useWorkspace } from '@/workspace';

/** What a seller offers, written down part by part; the sheet stays for the next one. */
export function OfferSheet({ seller }: { readonly seller: SellerDto }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <Sheet
      title={`Offered by ${seller.name}`}
      about={`Prices in ${seller.currency}. A part that is there in the same condition gets the new price and number.`}
      open={isOpen}
      onOpenChange={setOpen}
      trigger={<Button>Offer by hand…</Button>}
    >
      <Fields seller={seller} />
    </Sheet>
  );
}

function Fields({ seller }: { readonly seller: SellerDto }) {
  const { catalogue } = useWorkspace();
  const [add, { isLoading }] = useAddOfferMutation();
  const [item, setItem] = useState<string | null>(null);
  const [price, setPrice] = useState('');
  const [stock, setStock] = useState('1');
  const [condition, setCondition] = useState<Condition>('used');
  const [kept, setKept] = useState<readonly string[]>([]);
  const amount = amountOf(price, seller.currency);
  const priceMinor = typeof amount === 'number' ? amount : null;
  const ready = item !== null && priceMinor !== null && Number(stock) > 0;
  const submit = async (): Promise<void> => {
    if (item === null || priceMinor === null) return;
    try {
      await add({ id: seller.id, offerByHandDto: { item, priceMinor, stock: Number(stock), multiple: 1, condition } }).unwrap();
      setKept([`${catalogue.nameOf(catalogue.variant(item))}, ${price}`, ...kept]);
      setItem(null);
      setPrice('');
    } catch (error) {
      tell.error(sentenceOf(error));
    }
  };
  return (
    <form
      className="mt-3 space-y-3"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <div>
        <span className="text-pencil mb-0.5 block text-[0.87rem]">Part</span>
        <PartPicker label="Part" value={item} onChoose={setItem} />
      </div>
      <div className="grid grid-cols-3 gap-3">
        <Label text="Price of one">
          <AmountInput currency={seller.currency} placeholder={inUnits(42, seller.currency)} value={price} onType={setPrice} />
        </Label>
        <Label text="How many are left">
          <Input inputMode="numeric" value={stock} onChange={(event) => setStock(event.target.value.replace(/\D/g, ''))} />
        </Label>
        <Label text="Condition">
          <Choice<Condition> value={condition} options={CONDITIONS.map((value) => ({ value, label: value }))} onChoose={setCondition} />
        </Label>
      </div>
      <Button type="submit" tone="act" disabled={!ready || isLoading}>
        Add the offer
      </Button>
      {kept.length > 0 && (
        <ul aria-label="Offers added" className="text-pencil max-h-32 overflow-auto text-[0.93rem]">
          {kept.map((row, i) => (
            <li key={`${i} ${row}`}>{row}</li>
          ))}
        </ul>
      )}
    </form>
  );
}
