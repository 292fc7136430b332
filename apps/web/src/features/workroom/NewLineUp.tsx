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

function Start() {
  const [name, setName] = useState('');
  const [create, { isLoading }] = useCreateLineUpMutation();
  const navigate = useNavigate();
  const submit = async (): Promise<void> => {
    try {
      const { id } = await create({ newLineUpDto: { name: name.trim() } }).unwrap();
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
      <Button type="submit" tone="act" disabled={name.trim() === '' || isLoading}>
        Begin it
      </Button>
    </form>
  );
}
