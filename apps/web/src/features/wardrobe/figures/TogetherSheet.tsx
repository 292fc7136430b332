import { useState } from 'react';
import { usePutTogetherMutation } from '@/api';
import { OfficialPicker } from '@/parts';
import { attempt, Button, Picker, Sheet } from '@/ui';
import { useMadePlaces } from './DonorPanel';

/** Loose pieces become the whole figure they once were. */
export function TogetherSheet() {
  const [isOpen, setOpen] = useState(false);
  const [together, { isLoading }] = usePutTogetherMutation();
  const [officialFigure, setFigure] = useState<string | null>(null);
  const [place, setPlace] = useState<string | null>(null);
  const places = useMadePlaces();
  return (
    <Sheet
      title="Put a figure together"
      about="Its parts are taken from what lies loose: without a flaw, and your own."
      open={isOpen}
      onOpenChange={setOpen}
      trigger={<Button>Put one together…</Button>}
    >
      <form
        className="mt-3 space-y-3"
        onSubmit={(event) => {
          event.preventDefault();
          if (officialFigure === null || place === null) return;
          void attempt(together({ togetherDto: { officialFigure, place } }).unwrap()).then((done) => done && setOpen(false));
        }}
      >
        <OfficialPicker label="Official figure" value={officialFigure} onChoose={setFigure} />
        <Picker label="It stands in" placeholder="It stands in…" value={place} options={places} onChoose={setPlace} />
        <Button type="submit" tone="act" disabled={officialFigure === null || place === null || isLoading}>
          Put it together
        </Button>
      </form>
    </Sheet>
  );
}
