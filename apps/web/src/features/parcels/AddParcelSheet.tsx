import { amountOf, type Condition } from '@outfit/core';
import { useState } from 'react';
import { useAddParcelMutation, useListPlacesQuery } from '@/api';
import { PartPicker } from '@/parts';
import { AmountInput, attempt, Button, Input, Label, Picker, plural, Sheet } from '@/ui';
import { useWorkspace } from '@/workspace';

interface Line {
  readonly variant: string;
  readonly quantity: number;
  readonly priceMinor: number;
  readonly condition: Condition;
}

/** A parcel written down by hand: an order somewhere else, or a find that goes straight into a drawer. */
export function AddParcelSheet() {
  const [isOpen, setOpen] = useState(false);
  return (
    <Sheet
      wide
      title="A parcel of your own"
      about="Something ordered elsewhere, or a find at a table: from whom, what was in it, what it cost."
      open={isOpen}
      onOpenChange={setOpen}
      trigger={<Button tone="act">Add a parcel…</Button>}
    >
      <Fields onDone={() => setOpen(false)} />
    </Sheet>
  );
}

function Fields({ onDone }: { readonly onDone: () => void }) {
  const { catalogue, currency } = useWorkspace();
  const { data: places = [] } = useListPlacesQuery();
  const [add, { isLoading }] = useAddParcelMutation();
  const [sellerName, setSeller] = useState('');
  const [postage, setPostage] = useState('');
  const [expectedOn, setExpected] = useState('');
  const [place, setPlace] = useState<string | null>(null);
  const [lines, setLines] = useState<readonly Line[]>([]);
  const [variant, setVariant] = useState<string | null>(null);
  const [quantity, setQuantity] = useState('1');
  const [price, setPrice] = useState('');
  const [priceMinor, postageMinor] = [amountOf(price, currency), amountOf(postage, currency)];
  const addLine = (): void => {
    if (variant === null || priceMinor === 'unreadable') return;
    // What a swap brought cost nothing.
    setLines([...lines, { variant, quantity: Number(quantity), priceMinor: priceMinor === 'nothing' ? 0 : priceMinor, condition: 'used' }]);
    setVariant(null);
    setQuantity('1');
    setPrice('');
  };
  const isSound = sellerName.trim() !== '' && lines.length > 0 && postageMinor !== 'unreadable';
  return (
    <form
      className="mt-3 space-y-3"
      onSubmit={(event) => {
        event.preventDefault();
        const newParcelDto = {
          ...{
            sellerName: sellerName.trim(),
            lines: lines.map((line) => ({ ...line })),
            postageMinor: typeof postageMinor === 'number' ? postageMinor : 0,
            feesMinor: 0,
          },
          ...(expectedOn === '' ? {} : { expectedOn }),
          ...(place === null ? {} : { place }),
        };
        void attempt(add({ newParcelDto }).unwrap()).then((done) => done && onDone());
      }}
    >
      <div className="grid grid-cols-[1fr_8rem_10rem] gap-3">
        <Label text="From whom">
          <Input value={sellerName} maxLength={120} onChange={(event) => setSeller(event.target.value)} />
        </Label>
        <Label text={`Postage, in ${currency}`}>
          <AmountInput currency={currency} value={postage} onType={setPostage} />
        </Label>
        <Label text="Expected on">
          <Input type="date" value={expectedOn} onChange={(event) => setExpected(event.target.value)} />
        </Label>
      </div>
      <div className="border-rule bg-paper space-y-2 border p-3">
        <PartPicker label="Part" value={variant} onChoose={setVariant} />
        <div className="flex items-end gap-3">
          <Label text="How many">
            <Input
              inputMode="numeric"
              className="!w-20"
              value={quantity}
              onChange={(event) => setQuantity(event.target.value.replace(/\D/g, ''))}
            />
          </Label>
          <Label text={`Price each, in ${currency}`}>
            <AmountInput currency={currency} className="!w-28" value={price} onType={setPrice} />
          </Label>
          <Button disabled={variant === null || Number(quantity) < 1 || priceMinor === 'unreadable'} onClick={addLine}>
            Put it in
          </Button>
        </div>
        {lines.length > 0 && (
          <ul aria-label="In the parcel" className="text-[0.93rem]">
            {lines.map((line, i) => (
              <li key={i}>
                <span className="font-mono">{line.quantity} × </span>
                {catalogue.nameOf(catalogue.variant(line.variant))}
              </li>
            ))}
          </ul>
        )}
      </div>
      <Picker
        label="It is here already, and goes into"
        placeholder="It is here already, and goes into…"
        value={place}
        options={places
          .filter((row) => row.kind === 'made' && row.path !== '')
          .map((row) => ({ value: row.id, text: row.path, more: plural(row.pieces, 'piece') }))}
        onChoose={setPlace}
      />
      <Button type="submit" tone="act" disabled={!isSound || isLoading}>
        {place === null ? 'It is on its way' : 'Put it away'}
      </Button>
    </form>
  );
}
