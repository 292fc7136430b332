import { type Brief, type Company, isTwoSided, positionName, type Spot } from '@outfit/core';
import type { LookDto } from '@/api';
import { Button } from '@/ui';
import { useWorkspace } from '@/workspace';
import type { LookEdits } from '../looks';
import { isAt } from '../spots';
import { AlterDialog } from './AlterDialog';
import { RecolourDialog } from './RecolourDialog';

interface WornBarProps {
  readonly brief: Brief;
  readonly company: Company;
  readonly look: LookDto;
  readonly spot: Spot;
  readonly edits: LookEdits;
}

/** What can be done with the part that is on at the chosen spot. */
export function WornBar({ look, brief, company, spot, edits }: WornBarProps) {
  const { catalogue } = useWorkspace();
  const part =
    look.parts.find((row) => isAt(row, spot)) ??
    (spot.position === 'hips' ? look.parts.find((row) => row.position === 'lower') : undefined);
  if (!part) return null;
  const variant = catalogue.variant(part.variant);
  const mould = catalogue.mouldOf(variant);
  const at = { position: part.position, ...(part.place ? { place: part.place } : {}) };
  const twoSided = isTwoSided(mould);
  return (
    <div role="group" aria-label="The part that is on" className="mt-1.5 flex flex-wrap items-center gap-1.5 text-[0.93rem]">
      <span className="text-pencil mr-auto max-w-44 truncate" title={catalogue.nameOf(variant)}>
        {mould.name}
        {(part.alterations?.length ?? 0) > 0 && ', altered'}
      </span>
      {twoSided && (
        <Button className="!px-2 !py-0.5" onClick={() => edits.apply([{ action: 'turn', ...at }], `Turn ${mould.name} inside out`)}>
          Turn inside out
        </Button>
      )}
      <RecolourDialog
        key={`recolour ${part.variant}`}
        look={look}
        brief={brief}
        company={company}
        variant={variant}
        at={at}
        edits={edits}
      />
      <AlterDialog key={`alter ${part.variant}`} part={part} edits={edits} />
      <Button
        className="!px-2 !py-0.5"
        onClick={() => edits.apply([{ action: 'take off', ...at }], `Take off ${positionName(part.position).toLowerCase()}`)}
      >
        Take off
      </Button>
    </div>
  );
}
