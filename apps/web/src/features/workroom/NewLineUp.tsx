import type { LineUpKind } from '@outfit/core/lineup';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { useCreateLineUpMutation } from '@/api';
import { Button, Input, Label, sentenceOf, Sheet, tell, useAddress } from '@/ui';

/** Begins a line-up. That one is being begun is in the address. */
export function NewLineUp() {
  const [params, change] = useAddress();
  const isOpen = params.has('new');
  return (
    <Sheet
      title="A new line-up"
      about="A crew, a family, an army, a shelf: whatever stands together."
      open={isOpen}
      onOpenChange={(open) => change((next) => (open ? next.set('new', '1') : next.delete('new')))}
      trigger={<Button tone="act">New line-up…</Button>}
    >
      <Start />
    </Sheet>
  );
}

const KINDS: readonly (readonly [kind: LineUpKind, words: string])[] = [
  ['crew', 'roles to fill; five to begin with'],
  ['series', 'an edition with packs; ten to begin with'],
  ['army', 'one recipe many times'],
  ['cast', 'a scene with props and seats'],
  ['ages', 'one person through time'],
  ['collection', 'just together, or one figure alone'],
];

function Start() {
  const [name, setName] = useState('');
  const [kind, setKind] = useState<LineUpKind>('collection');
  const [create, { isLoading }] = useCreateLineUpMutation();
  const navigate = useNavigate();
  const submit = async (): Promise<void> => {
    try {
      const { id } = await create({ newLineUpDto: { name: name.trim(), kind } }).unwrap();
      void navigate(`/line-ups/${id}`);
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
      <Label text="Name of the line-up">
        <Input autoFocus value={name} maxLength={80} onChange={(event) => setName(event.target.value)} />
      </Label>
      <fieldset>
        <legend className="text-pencil mb-1 text-[0.87rem]">What it is</legend>
        {KINDS.map(([value, words]) => (
          <label key={value} className="flex cursor-pointer items-baseline gap-2">
            <input type="radio" name="kind" className="accent-lagoon" checked={kind === value} onChange={() => setKind(value)} />
            <span>
              {value} <span className="text-pencil text-[0.87rem]">{words}</span>
            </span>
          </label>
        ))}
      </fieldset>
      <Button type="submit" tone="act" disabled={name.trim() === '' || isLoading}>
        Begin it
      </Button>
    </form>
  );
}
