import { useState } from 'react';
import { type ConsumableDto, useAddConsumableMutation, useRemoveConsumableMutation, useUseConsumableMutation } from '@/api';
import { attempt, Button, Choice, Empty, Input, Label } from '@/ui';

/** What is used up: how much is left of it, what came, what was used; what runs low stands first. */
export function Consumables({ rows }: { readonly rows: readonly ConsumableDto[] }) {
  const sorted = [...rows].sort((a, b) => Number(b.isLow) - Number(a.isLow));
  return (
    <div className="space-y-4">
      {rows.length === 0 && (
        <Empty title="Nothing is counted here yet">String, rubber bands, blank stickers, glue dots: what is used up and runs out.</Empty>
      )}
      <ul aria-label="Consumables">
        {sorted.map((row) => (
          <Row key={row.id} row={row} />
        ))}
      </ul>
      <NewOne />
    </div>
  );
}

function Row({ row }: { readonly row: ConsumableDto }) {
  const [count] = useUseConsumableMutation();
  const [remove] = useRemoveConsumableMutation();
  const [amount, setAmount] = useState('');
  const quantity = Number(amount);
  const isSound = Number.isInteger(quantity) && quantity > 0;
  const enter = (sign: 1 | -1): void =>
    void attempt(count({ id: row.id, usedDto: { quantity: sign * quantity } }).unwrap()).then((done) => done && setAmount(''));
  return (
    <li className="border-rule flex flex-wrap items-center gap-3 border-b py-1.5">
      <span className="min-w-40 flex-1">
        {row.name} {row.isLow && <span className="text-madder">running low</span>}
      </span>
      <span className="font-mono">
        {row.left} {row.unit}
      </span>
      <Input
        aria-label={`How much of ${row.name}`}
        inputMode="numeric"
        className="!w-24 text-right font-mono"
        value={amount}
        onChange={(event) => setAmount(event.target.value.replace(/\D/g, ''))}
      />
      <Button className="!px-2 !py-0.5" disabled={!isSound || quantity > row.left} onClick={() => enter(-1)}>
        Used
      </Button>
      <Button className="!px-2 !py-0.5" disabled={!isSound} onClick={() => enter(1)}>
        Came
      </Button>
      <Button tone="quiet" className="!px-2 !py-0.5" onClick={() => void attempt(remove({ id: row.id }).unwrap())}>
        Off the list
      </Button>
    </li>
  );
}

function NewOne() {
  const [add, { isLoading }] = useAddConsumableMutation();
  const [name, setName] = useState('');
  const [unit, setUnit] = useState<ConsumableDto['unit']>('pieces');
  const [quantity, setQuantity] = useState('');
  const [lowAt, setLowAt] = useState('');
  const [much, low] = [Number(quantity || 0), Number(lowAt || 0)];
  return (
    <form
      className="border-rule bg-sheet grid max-w-3xl grid-cols-[1fr_8rem_7rem_7rem_auto] items-end gap-3 border p-3 max-sm:grid-cols-2"
      onSubmit={(event) => {
        event.preventDefault();
        void attempt(add({ newConsumableDto: { name: name.trim(), unit, quantity: much, lowAt: low } }).unwrap()).then((done) => {
          if (!done) return;
          setName('');
          setQuantity('');
          setLowAt('');
        });
      }}
    >
      <Label text="What is used up">
        <Input value={name} maxLength={80} placeholder="such as glue dots" onChange={(event) => setName(event.target.value)} />
      </Label>
      <Label text="Counted in">
        <Choice
          value={unit}
          options={[
            { value: 'pieces' as const, label: 'pieces' },
            { value: 'mm' as const, label: 'millimetres' },
          ]}
          onChoose={setUnit}
        />
      </Label>
      <Label text="There is">
        <Input inputMode="numeric" value={quantity} onChange={(event) => setQuantity(event.target.value.replace(/\D/g, ''))} />
      </Label>
      <Label text="Low at">
        <Input inputMode="numeric" value={lowAt} onChange={(event) => setLowAt(event.target.value.replace(/\D/g, ''))} />
      </Label>
      <Button type="submit" tone="act" disabled={name.trim() === '' || isLoading}>
        Add it
      </Button>
    </form>
  );
}
