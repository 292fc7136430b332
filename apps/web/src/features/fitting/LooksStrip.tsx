import { judge, P40 } from '@outfit/core';
import { Copy, Flag } from 'lucide-react';
import { useState } from 'react';
import { toast } from 'sonner';
import { useAddLookMutation, useChooseLookMutation, type FigureDto, type LookDto } from '@/api';
import { useWorkspace } from '@/app/WorkspaceContext';
import { Button } from '@/ui/Button';
import { Input } from '@/ui/Field';
import { money, sentenceOf } from '@/ui/format';

interface LooksStripProps {
  readonly figure: FigureDto;
  readonly open: LookDto;
  readonly onOpen: (look: string) => void;
}

/** The alternatives of a figure: likeness, cost, what is to buy, the strictest school. */
export function LooksStrip({ figure, open, onOpen }: LooksStripProps) {
  const [choose] = useChooseLookMutation();
  return (
    <div className="border-rule bg-sheet flex gap-2 border-t px-3.5 py-2.5">
      <div className="flex min-w-0 gap-2 overflow-x-auto">
        {figure.looks.map((look) => (
          <LookCard key={look.id} figure={figure} look={look} isOpen={look.id === open.id} onOpen={() => onOpen(look.id)} />
        ))}
      </div>
      <div className="ml-auto flex shrink-0 flex-col justify-center gap-1">
        {figure.chosenLook !== open.id && (
          <Button
            onClick={() =>
              void choose({ id: figure.id, chosenLookDto: { look: open.id } })
                .unwrap()
                .catch((error: unknown) => toast.error(sentenceOf(error)))
            }
          >
            <Flag size={15} strokeWidth={1.75} /> Choose
          </Button>
        )}
        <NewLook figure={figure} copyOf={open} onOpen={onOpen} />
      </div>
    </div>
  );
}

function LookCard({
  figure,
  look,
  isOpen,
  onOpen,
}: {
  readonly figure: FigureDto;
  readonly look: LookDto;
  readonly isOpen: boolean;
  readonly onOpen: () => void;
}) {
  const { catalogue, supply, currency } = useWorkspace();
  const { likeness, cost, school } = judge(look, figure.brief, catalogue, P40, supply);
  return (
    <button
      type="button"
      aria-pressed={isOpen}
      onClick={onOpen}
      className={`rounded-cut w-36 shrink-0 border border-b-[3px] px-3 py-1 text-left ${isOpen ? 'border-lagoon bg-sheet' : 'border-rule hover:border-pencil'}`}
    >
      <span className="flex items-center gap-1.5 font-semibold">
        <span className="truncate">{look.name}</span>
        {figure.chosenLook === look.id && <Flag size={13} strokeWidth={2} className="text-lagoon shrink-0" aria-label="chosen" />}
        <span className="ml-auto font-mono" title="Likeness of 100">
          {Math.round(likeness.score)}
        </span>
      </span>
      <span className="text-pencil block truncate text-[0.83rem] leading-snug">
        {cost.toBuy} to buy, {money(cost.toPay.total, currency)}
      </span>
      <span className="text-pencil block truncate text-[0.83rem] leading-snug">{school.school}</span>
    </button>
  );
}

function NewLook({
  figure,
  copyOf,
  onOpen,
}: {
  readonly figure: FigureDto;
  readonly copyOf: LookDto;
  readonly onOpen: (look: string) => void;
}) {
  const [name, setName] = useState<string | null>(null);
  const [add] = useAddLookMutation();
  if (name === null)
    return (
      <Button onClick={() => setName(`${copyOf.name}, again`.slice(0, 60))}>
        <Copy size={15} strokeWidth={1.75} /> Copy…
      </Button>
    );
  const submit = async (): Promise<void> => {
    try {
      const { looks } = await add({ id: figure.id, newLookDto: { name: name.trim(), copyOf: copyOf.id } }).unwrap();
      setName(null);
      const made = looks.at(-1);
      if (made) onOpen(made.id);
    } catch (error) {
      toast.error(sentenceOf(error));
    }
  };
  return (
    <form
      className="flex gap-1"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <Input
        autoFocus
        aria-label="Name of the copy"
        value={name}
        maxLength={60}
        onChange={(event) => setName(event.target.value)}
        className="!w-32"
      />
      <Button type="submit" tone="act" disabled={name.trim() === ''}>
        Copy
      </Button>
    </form>
  );
}
