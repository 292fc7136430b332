import { judge, money } from '@outfit/core';
import { Columns2, Copy, Flag } from 'lucide-react';
import { useMemo } from 'react';
import { type FigureDto, type LookDto, useAddLookMutation, useChooseLookMutation } from '@/api';
import { Button, sentenceOf, tell } from '@/ui';
import { toBuyOf, useStandingPlans, useWorkspace } from '@/workspace';
import { LookMenu } from './LookMenu';

interface LooksStripProps {
  readonly figure: FigureDto;
  readonly open: LookDto;
  readonly onOpen: (look: string) => void;
  readonly onCompare: () => void;
}

/** The alternatives of a figure: likeness, cost, what is to buy, the strictest school. */
export function LooksStrip({ figure, open, onOpen, onCompare }: LooksStripProps) {
  const [choose] = useChooseLookMutation();
  const [add] = useAddLookMutation();
  const attempt = (work: Promise<unknown>): void => void work.catch((error: unknown) => tell.error(sentenceOf(error)));
  const copy = async (): Promise<void> => {
    const { looks } = await add({ id: figure.id, newLookDto: { name: `${open.name}, again`.slice(0, 60), copyOf: open.id } }).unwrap();
    const made = looks.at(-1);
    if (made) onOpen(made.id);
  };
  return (
    <div className="border-rule bg-sheet border-t px-3 py-2">
      <div className="flex gap-2 overflow-x-auto">
        {figure.looks.map((look) => (
          <LookCard key={look.id} figure={figure} look={look} isOpen={look.id === open.id} onOpen={() => onOpen(look.id)} />
        ))}
      </div>
      <div className="mt-1.5 flex flex-wrap gap-1.5">
        <Button
          className="!px-2 !py-0.5"
          disabled={figure.chosenLook === open.id}
          onClick={() => attempt(choose({ id: figure.id, chosenLookDto: { look: open.id } }).unwrap())}
        >
          <Flag size={15} strokeWidth={1.75} /> Choose
        </Button>
        <Button className="!px-2 !py-0.5" onClick={() => attempt(copy())}>
          <Copy size={15} strokeWidth={1.75} /> Copy
        </Button>
        <Button className="!px-2 !py-0.5" disabled={figure.looks.length < 2} onClick={onCompare}>
          <Columns2 size={15} strokeWidth={1.75} /> Compare
        </Button>
        <LookMenu figure={figure} look={open} onOpen={onOpen} />
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
  const { likeness, cost, school } = useMemo(
    () => judge(look, figure.brief, catalogue, catalogue.systemOf(figure.brief), supply),
    [look, figure.brief, catalogue, supply],
  );
  const { pieces, minor, isPlanned } = toBuyOf(useStandingPlans(figure.lineUp), figure, look, cost);
  return (
    <button
      type="button"
      aria-pressed={isOpen}
      onClick={onOpen}
      className={`rounded-cut w-42 shrink-0 border border-b-[3px] px-3 py-1 text-left ${isOpen ? 'border-lagoon bg-sheet' : 'border-rule hover:border-pencil'}`}
    >
      <span className="flex items-center gap-1.5 font-semibold">
        <span className="truncate" title={look.name}>
          {look.name}
        </span>
        {figure.chosenLook === look.id && <Flag size={13} strokeWidth={2} className="text-lagoon shrink-0" aria-label="chosen" />}
        <span className="ml-auto font-mono" title="Likeness of 100">
          {likeness.shown ?? '–'}
        </span>
      </span>
      <span className="text-pencil block truncate text-[0.83rem] leading-snug">
        {pieces === 0 ? 'nothing to buy' : `${pieces} ${isPlanned ? 'planned,' : 'to buy, about'} ${money(minor, currency)}`}
      </span>
      <span className="text-pencil block truncate text-[0.83rem] leading-snug">
        {look.verdict?.leave ? 'leave as it is' : school.school}
        {look.verdict?.stars != null && `, ${look.verdict.stars} of 5`}
      </span>
    </button>
  );
}
