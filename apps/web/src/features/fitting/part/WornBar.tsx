import { isTwoSided, positionName, type Spot } from '@outfit/core';
import type { LookDto } from '@/api';
import { Button } from '@/ui';
import { useWorkspace } from '@/workspace';
import type { LookEdits } from '../looks';
import type { PartTask } from './PartPanel';
import { spotOf, wornAt } from './worn';

interface WornBarProps {
  readonly look: LookDto;
  readonly spot: Spot;
  readonly edits: LookEdits;
  readonly onTask: (task: PartTask) => void;
}

/** What can be done with the part that is on at the chosen spot. */
export function WornBar({ look, spot, edits, onTask }: WornBarProps) {
  const { catalogue } = useWorkspace();
  const part = wornAt(look, spot);
  if (!part) return null;
  const variant = catalogue.variant(part.variant);
  const mould = catalogue.mouldOf(variant);
  const at = spotOf(part);
  return (
    <div role="group" aria-label="The part that is on" className="mt-1.5 flex flex-wrap items-center gap-1.5 text-[0.93rem]">
      <span className="text-pencil mr-auto max-w-44 truncate" title={catalogue.nameOf(variant)}>
        {mould.name}
        {(part.alterations?.length ?? 0) > 0 && ', altered'}
      </span>
      {isTwoSided(mould) && (
        <Button className="!px-2 !py-0.5" onClick={() => edits.apply([{ action: 'turn', ...at }], `Turn ${mould.name} inside out`)}>
          Turn inside out
        </Button>
      )}
      <Button className="!px-2 !py-0.5" onClick={() => onTask('colour')}>
        Recolour…
      </Button>
      <Button className="!px-2 !py-0.5" onClick={() => onTask('alter')}>
        Alter…
      </Button>
      <Button
        className="!px-2 !py-0.5"
        onClick={() => edits.apply([{ action: 'take off', ...at }], `Take off ${positionName(part.position).toLowerCase()}`)}
      >
        Take off
      </Button>
    </div>
  );
}
