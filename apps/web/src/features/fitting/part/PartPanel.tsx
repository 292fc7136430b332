import { type Brief, type Company, positionName, type Spot } from '@outfit/core';
import { X } from 'lucide-react';
import { useEffect, useEffectEvent } from 'react';
import type { LookDto } from '@/api';
import { Button } from '@/ui';
import { useWorkspace } from '@/workspace';
import type { LookEdits } from '../looks';
import type { Preview } from '../preview';
import { AlterPanel } from './AlterPanel';
import { ColourPanel } from './ColourPanel';
import { SubstitutePanel } from './SubstitutePanel';
import { spotOf, wornAt } from './worn';

const TASKS = ['colour', 'alter', 'substitutes'] as const;
/** What is being done about the part at a spot. */
export type PartTask = (typeof TASKS)[number];

export const readTask = (text: string | null): PartTask | null => TASKS.find((task) => task === text) ?? null;

export interface PartPanelProps {
  readonly task: PartTask;
  readonly look: LookDto;
  readonly brief: Brief;
  readonly company: Company;
  readonly spot: Spot;
  readonly edits: LookEdits;
  readonly onPreview: (preview: Preview | null) => void;
  readonly onDone: () => void;
}

/** What can be changed about the part that is on, beside the figure, which shows each choice as it is passed over. Escape leaves it. */
export function PartPanel({ task, spot, onDone, ...rest }: PartPanelProps) {
  const { catalogue } = useWorkspace();
  const part = wornAt(rest.look, spot);
  const mould = part && catalogue.mouldOf(catalogue.variant(part.variant));
  const leave = useEffectEvent(onDone);
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      // A sheet that lies above takes its own Escape.
      if (event.key === 'Escape' && !document.querySelector('[role="dialog"]')) leave();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  const titles: Readonly<Record<PartTask, string>> = {
    colour: `${mould?.name} in another colour`,
    alter: `Alter ${mould?.name}`,
    substitutes: `Substitutes for ${mould?.name ?? positionName(spot.position).toLowerCase()}`,
  };
  const title = titles[task];
  return (
    <section aria-label={title} className="border-rule bg-sheet flex min-h-0 flex-col border-l">
      <div className="border-rule flex items-center gap-2 border-b px-4 py-2.5">
        <h2 className="mr-auto text-[1.2rem]">{title}</h2>
        <Button tone="quiet" className="!px-1.5" aria-label="Back to the candidates" onClick={onDone}>
          <X size={17} strokeWidth={1.75} />
        </Button>
      </div>
      {part && task === 'colour' && <ColourPanel key={part.variant} {...rest} part={part} at={spotOf(part)} onDone={onDone} />}
      {task === 'substitutes' && <SubstitutePanel {...rest} spot={part ? spotOf(part) : spot} onDone={onDone} />}
      {part && task === 'alter' && <AlterPanel key={part.variant} {...rest} part={part} at={spotOf(part)} />}
    </section>
  );
}
