import { unpack, type Unpacked } from '@outfit/core/wardrobe';
import { useMemo, useState } from 'react';
import { type PlaceDto, useOpenBoxMutation } from '@/api';
import { attempt, Button, Picker, Sheet } from '@/ui';
import { useWorkspace } from '@/workspace';
import { Contents, missingOf, NOTHING_SAID, type Said } from './Contents';
import { useMadePlaces } from './DonorPanel';

/** A sealed box is opened: its figures stand up, loose pieces are put down, what was not in it is ticked off. */
export function OpenBoxSheet({ box }: { readonly box: PlaceDto }) {
  const [isOpen, setOpen] = useState(false);
  return (
    <Sheet
      wide
      title={`Open ${box.name}`}
      about="What was really in it? Untick what is missing."
      open={isOpen}
      onOpenChange={setOpen}
      trigger={<Button tone="act">Open it…</Button>}
    >
      <Fields box={box} onDone={() => setOpen(false)} />
    </Sheet>
  );
}

function Fields({ box, onDone }: { readonly box: PlaceDto; readonly onDone: () => void }) {
  const { catalogue } = useWorkspace();
  const { data } = catalogue;
  const [open, { isLoading }] = useOpenBoxMutation();
  const places = useMadePlaces();
  const [to, setTo] = useState<string | null>(box.parent);
  const [said, setSaid] = useState<Said>(NOTHING_SAID);
  const contents = useMemo((): Unpacked => {
    const id = box.product ?? '';
    return data.sources.some((row) => row.id === id)
      ? unpack(id, data)
      : { figures: [{ figure: id, certainty: 'sure' }], loose: [], asks: [] };
  }, [box.product, data]);
  const isTold = said.inside.filter((figure) => figure !== '').length === contents.asks.length;
  return (
    <form
      className="mt-3 space-y-3"
      onSubmit={(event) => {
        event.preventDefault();
        if (to === null) return;
        void attempt(open({ id: box.id, openBoxDto: { place: to, inside: [...said.inside], missing: missingOf(said) } }).unwrap()).then(
          (done) => done && onDone(),
        );
      }}
    >
      <Picker label="Where to" placeholder="Where to…" value={to} options={places} onChoose={setTo} />
      <Contents contents={contents} count={1} said={said} onSay={setSaid} />
      <Button type="submit" tone="act" disabled={to === null || !isTold || isLoading}>
        It is open
      </Button>
    </form>
  );
}
