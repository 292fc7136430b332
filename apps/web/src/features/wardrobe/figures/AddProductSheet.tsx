import { unpack, type Unpacked } from '@outfit/core/wardrobe';
import { useMemo, useState } from 'react';
import { type PlaceDto, useAddProductMutation } from '@/api';
import { attempt, Button, Chips, Input, Label, Picker, Sheet } from '@/ui';
import { useWorkspace } from '@/workspace';
import { Contents, missingOf, NOTHING_SAID, type Said } from './Contents';
import { useMadePlaces } from './DonorPanel';

/** A product that came: which, how many, sealed or opened, what was missing, and where it goes. */
export function AddProductSheet({ place }: { readonly place: PlaceDto | null }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <Sheet
      wide
      title="Add a set or a figure"
      about="Its figures stand in the wardrobe as whole figures; what lies loose in it goes to the place itself."
      open={isOpen}
      onOpenChange={setOpen}
      trigger={<Button>Add a set…</Button>}
    >
      <Fields place={place} onDone={() => setOpen(false)} />
    </Sheet>
  );
}

function Fields({ place, onDone }: { readonly place: PlaceDto | null; readonly onDone: () => void }) {
  const { catalogue } = useWorkspace();
  const { data } = catalogue;
  const [add, { isLoading }] = useAddProductMutation();
  const [product, setProduct] = useState<string | null>(null);
  const [count, setCount] = useState('1');
  const [state, setState] = useState<'opened' | 'sealed'>('opened');
  const places = useMadePlaces();
  const [to, setTo] = useState<string | null>(place?.kind === 'made' && place.path !== '' ? place.id : null);
  const [said, setSaid] = useState<Said>(NOTHING_SAID);
  const products = useMemo(
    () => [
      ...data.sources.map((row) => ({ value: `source ${row.id}`, text: row.name, more: `${row.kind}, ${row.id}` })),
      ...data.officialFigures.map((row) => ({ value: `figure ${row.id}`, text: row.name, more: `one figure, ${row.id}` })),
    ],
    [data],
  );
  const [kind, id] =
    product === null ? [null, ''] : [product.startsWith('source ') ? ('source' as const) : ('figure' as const), product.slice(7)];
  const contents = useMemo((): Unpacked | null => {
    if (kind === null) return null;
    return kind === 'source' ? unpack(id, data) : { figures: [{ figure: id, certainty: 'sure' }], loose: [], asks: [] };
  }, [kind, id, data]);
  const many = Number(count);
  const bags = (contents?.asks.length ?? 0) * many;
  const isTold = state === 'sealed' || (said.inside.filter((figure) => figure !== '').length === bags && said.inside.length === bags);
  const submit = async (): Promise<void> => {
    if (kind === null || to === null) return;
    const done = await attempt(
      add({
        addProductDto: {
          product: { kind, id },
          count: many,
          state,
          place: to,
          inside: state === 'sealed' ? [] : [...said.inside],
          missing: state === 'sealed' ? [] : missingOf(said),
        },
      }).unwrap(),
    );
    if (done) onDone();
  };
  return (
    <form
      className="mt-3 space-y-3"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <Picker
        label="Product"
        placeholder="Which set, bag, gift or figure?"
        value={product}
        options={products}
        onChoose={(value) => {
          setProduct(value);
          setSaid(NOTHING_SAID);
        }}
      />
      <div className="grid grid-cols-[6rem_1fr] items-end gap-3">
        <Label text="How many">
          <Input
            inputMode="numeric"
            value={count}
            onChange={(event) => {
              setCount(event.target.value.replace(/\D/g, ''));
              setSaid(NOTHING_SAID);
            }}
          />
        </Label>
        <Chips
          label="State"
          chosen={state}
          options={[
            ['opened', 'Opened'],
            ['sealed', 'Still sealed'],
          ]}
          onChoose={setState}
        />
      </div>
      <Picker label="Where to" placeholder="Where to…" value={to} options={places} onChoose={setTo} />
      {contents && state === 'opened' && many >= 1 && many <= 20 && (
        <>
          <p className="text-pencil text-[0.93rem]">Untick what is missing.</p>
          <Contents contents={contents} count={many} said={said} onSay={setSaid} />
        </>
      )}
      {contents && contents.figures.some((row) => row.certainty !== 'sure') && (
        <p className="text-pencil text-[0.93rem]">Nobody is sure of all of it: such pieces are marked “think so” until you confirm them.</p>
      )}
      <Button type="submit" tone="act" disabled={product === null || to === null || !(many >= 1 && many <= 100) || !isTold || isLoading}>
        {many > 1 ? `Add all ${many}` : 'Add it'}
      </Button>
    </form>
  );
}
