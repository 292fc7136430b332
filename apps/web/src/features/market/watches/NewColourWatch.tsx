import { useState } from 'react';
import { useAddWatchMutation } from '@/api';
import { ColourPicker, MouldPicker } from '@/parts';
import { attempt, Button } from '@/ui';
import { useWorkspace } from '@/workspace';

/** "Tell me when it exists in chestnut": a mould, and a colour it was never made in. */
export function NewColourWatch() {
  const { catalogue } = useWorkspace();
  const [add, { isLoading }] = useAddWatchMutation();
  const [mould, setMould] = useState<string | null>(null);
  const [colour, setColour] = useState(catalogue.data.colours[0]?.id ?? '');
  const submit = async (): Promise<void> => {
    if (mould === null) return;
    if (await attempt(add({ newWatchDto: { kind: 'exists', mould, colour } }).unwrap())) setMould(null);
  };
  return (
    <form
      aria-label="Watch for a colour"
      className="border-rule mt-3 space-y-2 border-t pt-3"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <div>
        <span className="text-pencil mb-0.5 block text-[0.87rem]">Tell me when this mould</span>
        <MouldPicker label="Tell me when this mould" value={mould} onChoose={setMould} />
      </div>
      <div>
        <span className="text-pencil mb-0.5 block text-[0.87rem]">exists in</span>
        <ColourPicker label="exists in" value={colour} onChoose={setColour} />
      </div>
      <Button type="submit" disabled={mould === null || isLoading}>
        Watch for it
      </Button>
    </form>
  );
}
