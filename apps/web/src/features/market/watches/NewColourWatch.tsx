import { useState } from 'react';
import { useAddWatchMutation } from '@/api';
import { attempt, Button, Choice, Input, Label } from '@/ui';
import { useWorkspace } from '@/workspace';

/** "Tell me when it exists in chestnut": a mould by number or name, and a colour it was never made in. */
export function NewColourWatch() {
  const { catalogue } = useWorkspace();
  const [add, { isLoading }] = useAddWatchMutation();
  const [words, setWords] = useState('');
  const [colour, setColour] = useState(catalogue.data.colours[0]?.id ?? '');
  const wanted = words.trim().toLowerCase();
  const mould =
    wanted === ''
      ? undefined
      : (catalogue.data.moulds.find((row) => row.number.toLowerCase() === wanted || row.name.toLowerCase() === wanted) ??
        catalogue.data.moulds.find((row) => row.name.toLowerCase().includes(wanted)));
  const submit = async (): Promise<void> => {
    if (!mould) return;
    if (await attempt(add({ newWatchDto: { kind: 'exists', mould: mould.number, colour } }).unwrap())) setWords('');
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
      <Label text="Tell me when this mould">
        <Input value={words} placeholder="number or name" onChange={(event) => setWords(event.target.value)} />
      </Label>
      {wanted !== '' && (
        <p className="text-pencil text-[0.87rem]">{mould ? `${mould.number}, ${mould.name}` : 'No mould has this number or name.'}</p>
      )}
      <Label text="exists in">
        <Choice value={colour} options={catalogue.data.colours.map((row) => ({ value: row.id, label: row.name }))} onChoose={setColour} />
      </Label>
      <Button type="submit" disabled={!mould || isLoading}>
        Watch for it
      </Button>
    </form>
  );
}
