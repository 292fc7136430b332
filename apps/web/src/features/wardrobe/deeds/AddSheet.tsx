import { type Condition, CONDITIONS } from '@outfit/core';
import { useState } from 'react';
import { type PlaceDto, useAddPiecesMutation, useTypeLinesMutation } from '@/api';
import { PartPicker } from '@/parts';
import { Button, Choice, Chips, Input, Label, plural, sentenceOf, Sheet, tell } from '@/ui';
import { useWorkspace } from '@/workspace';

interface AddSheetProps {
  readonly place: PlaceDto | null;
  readonly isOpen: boolean;
  readonly onOpenChange: (open: boolean) => void;
}

/** Pieces that come in: one part after the other, or a whole list as it was written on paper. */
export function AddSheet({ place, isOpen, onOpenChange }: AddSheetProps) {
  const [way, setWay] = useState<'one' | 'lines'>('one');
  const goes = place && (place.kind === 'made' || place.kind === 'sealed' || place.kind === 'bench') ? place : null;
  return (
    <Sheet
      title="Add pieces"
      about={goes && goes.path !== '' ? `They go into ${goes.path}.` : 'They get no place yet; open a place first to put them there.'}
      open={isOpen}
      onOpenChange={onOpenChange}
      trigger={<Button tone="act">Add pieces…</Button>}
    >
      <div className="mt-3 space-y-3">
        <Chips
          label="How they are added"
          chosen={way}
          options={[
            ['one', 'One part after the other'],
            ['lines', 'A list, typed'],
          ]}
          onChoose={setWay}
        />
        {way === 'one' ? <OnePart path={goes?.path ?? ''} /> : <Lines place={goes?.id ?? 'no-place'} />}
      </div>
    </Sheet>
  );
}

function OnePart({ path }: { readonly path: string }) {
  const { catalogue } = useWorkspace();
  const [add, { isLoading }] = useAddPiecesMutation();
  const [variant, setVariant] = useState<string | null>(null);
  const [quantity, setQuantity] = useState('1');
  const [condition, setCondition] = useState<Condition>('used');
  const [owner, setOwner] = useState('');
  const [dueOn, setDueOn] = useState('');
  const [added, setAdded] = useState<readonly string[]>([]);
  const submit = async (): Promise<void> => {
    if (variant === null) return;
    try {
      const borrowed = owner.trim() === '' ? {} : { owner: owner.trim(), ...(dueOn === '' ? {} : { dueOn }) };
      await add({ newPiecesDto: { variant, quantity: Number(quantity), condition, place: path, ...borrowed } }).unwrap();
      setAdded([`${quantity} × ${catalogue.nameOf(catalogue.variant(variant))}`, ...added]);
      setVariant(null);
      setQuantity('1');
    } catch (error) {
      tell.error(sentenceOf(error));
    }
  };
  return (
    <form
      className="space-y-3"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <PartPicker label="Part" value={variant} onChoose={setVariant} />
      <div className="grid grid-cols-2 gap-3">
        <Label text="How many">
          <Input inputMode="numeric" value={quantity} onChange={(event) => setQuantity(event.target.value.replace(/\D/g, ''))} />
        </Label>
        <Label text="Condition">
          <Choice<Condition> value={condition} options={CONDITIONS.map((value) => ({ value, label: value }))} onChoose={setCondition} />
        </Label>
      </div>
      <details>
        <summary className="text-pencil cursor-pointer text-[0.93rem]">Borrowed from somebody</summary>
        <div className="mt-2 grid grid-cols-2 gap-3">
          <Label text="From whom">
            <Input value={owner} maxLength={80} onChange={(event) => setOwner(event.target.value)} />
          </Label>
          <Label text="Goes back on">
            <Input type="date" value={dueOn} onChange={(event) => setDueOn(event.target.value)} />
          </Label>
        </div>
      </details>
      <Button type="submit" tone="act" disabled={variant === null || Number(quantity) < 1 || isLoading}>
        Add them
      </Button>
      {added.length > 0 && (
        <ul aria-label="Added" className="text-pencil max-h-32 overflow-auto text-[0.93rem]">
          {added.map((row, i) => (
            <li key={`${i} ${row}`}>{row}</li>
          ))}
        </ul>
      )}
    </form>
  );
}

function Lines({ place }: { readonly place: string }) {
  const { catalogue } = useWorkspace();
  const [send, { data, isLoading }] = useTypeLinesMutation();
  const [text, setText] = useState('');
  const [read, setRead] = useState('');
  const wrong = read === text ? (data?.lines.filter((line) => line.variant === null) ?? []) : [];
  const right = read === text ? (data?.lines.filter((line) => line.variant !== null) ?? []) : [];
  const submit = async (): Promise<void> => {
    try {
      const { taken, lines } = await send({ linesDto: { text, place, take: true } }).unwrap();
      setRead(text);
      if (!taken) return;
      tell.success(
        `${plural(
          lines.reduce((all, line) => all + line.quantity, 0),
          'piece',
        )} added.`,
      );
      setText('');
      setRead('');
    } catch (error) {
      tell.error(sentenceOf(error));
    }
  };
  return (
    <form
      className="space-y-3"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <Label text="A line for each part: how many, the mould’s number, its colours">
        <textarea
          rows={7}
          maxLength={20_000}
          className="border-rule bg-sheet rounded-cut w-full border px-2 py-1 font-mono text-[0.93rem]"
          placeholder={'3 HA-118 woad\n2 TO-401 chalk'}
          value={text}
          onChange={(event) => setText(event.target.value)}
        />
      </Label>
      {wrong.length > 0 && (
        <ul aria-label="Lines that tell no part" className="border-l-madder border-l-[3px] pl-2.5 text-[0.93rem]">
          {wrong.map((line, i) => (
            <li key={i}>
              <span className="font-mono">{line.text}</span>: {line.reason}
            </li>
          ))}
        </ul>
      )}
      {wrong.length > 0 && right.length > 0 && (
        <p className="text-pencil text-[0.93rem]">
          {plural(right.length, 'line')} read:{' '}
          {right
            .slice(0, 3)
            .map((line) => catalogue.nameOf(catalogue.variant(line.variant ?? '')))
            .join('; ')}
          {right.length > 3 && ' …'}. Nothing is added before every line tells a part.
        </p>
      )}
      <Button type="submit" tone="act" disabled={text.trim() === '' || isLoading}>
        Add what is listed
      </Button>
    </form>
  );
}
