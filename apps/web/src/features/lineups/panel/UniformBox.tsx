import { positionName, spotOf } from '@outfit/core';
import { type LineUpPlan, type UniformPart, uniformOf, wearingOf } from '@outfit/core/lineup';
import { useState } from 'react';
import { type LineUpDto, useSetFreeMutation } from '@/api';
import { PartPicture } from '@/parts';
import { attempt, Button } from '@/ui';
import { type Judged, useWorkspace } from '@/workspace';
import { UniformSheet } from '../sheets/UniformSheet';
import type { Selection } from '../useSelection';
import { PanelPart } from './PanelPart';

interface UniformBoxProps {
  readonly lineUp: LineUpDto;
  readonly judged: readonly Judged[];
  readonly selection: Selection;
}

/** The uniform at a glance: its parts, and who does not wear it. */
export function UniformBox({ lineUp, judged, selection }: UniformBoxProps) {
  const { catalogue } = useWorkspace();
  const [isOpen, setOpen] = useState(false);
  const [setFree] = useSetFreeMutation();
  const { plan } = lineUp;
  const standings = judged.flatMap(({ figure, look }) =>
    uniformOf(plan, figure).map((part) => ({
      figure,
      spot: spotOf(part),
      position: part.position,
      wears: wearingOf(look, part, figure.free, catalogue),
    })),
  );
  const others = standings.filter(({ wears }) => wears !== 'worn');
  return (
    <PanelPart title="Uniform">
      {plan.uniform.length === 0 ? (
        <p className="text-pencil">Nothing is worn by all of them, or by a faction or role.</p>
      ) : (
        <>
          <p className="text-pencil">For {scopesIn(plan)}, unless their look says otherwise.</p>
          <div className="flex flex-wrap gap-1.5">
            {plan.uniform.map(({ scope, part }) => (
              <span
                key={`${scope.kind} ${scope.of} ${spotOf(part)}`}
                title={`${scopeName(scope, plan)}: ${catalogue.nameOf(catalogue.variant(part.variant))}`}
              >
                <PartPicture
                  variant={catalogue.variant(part.variant)}
                  position={part.position}
                  catalogue={catalogue}
                  size={46}
                  tacked={false}
                />
              </span>
            ))}
          </div>
          {others.length > 0 && (
            <details>
              <summary className="cursor-pointer">{otherWords(new Set(others.map(({ figure }) => figure.id)).size)}</summary>
              <ul className="mt-1 space-y-0.5">
                {others.map(({ figure, spot, position, wears }) => (
                  <li key={`${figure.id} ${spot}`} className="flex items-baseline gap-2">
                    <span className="min-w-0 flex-1 truncate">
                      {figure.brief.name}, {positionName(position).toLowerCase()}
                      {wears === 'set free' && <span className="text-pencil"> (set free)</span>}
                    </span>
                    <button
                      type="button"
                      className="text-lagoon shrink-0 underline"
                      aria-label={`Bring ${figure.brief.name} back into the uniform, ${positionName(position)}`}
                      onClick={() =>
                        void attempt(setFree({ id: lineUp.id, freeDto: { figures: [figure.id], what: [spot], isFree: false } }).unwrap())
                      }
                    >
                      bring back
                    </button>
                  </li>
                ))}
              </ul>
            </details>
          )}
        </>
      )}
      <Button onClick={() => setOpen(true)}>Change the uniform…</Button>
      {isOpen && <UniformSheet lineUp={lineUp} judged={judged} selection={selection} onClose={() => setOpen(false)} />}
    </PanelPart>
  );
}

const otherWords = (count: number): string => (count === 1 ? 'One wears something else' : `${count} wear something else`);

const scopeName = ({ kind, of }: UniformPart['scope'], { factions }: Pick<LineUpPlan, 'factions'>): string =>
  kind === 'all' ? 'all of them' : kind === 'role' ? of : (factions.find(({ id }) => id === of)?.name ?? 'a faction');

function scopesIn(plan: LineUpPlan): string {
  const names = [...new Set(plan.uniform.map(({ scope }) => scopeName(scope, plan)))];
  return names.length === 1 ? (names[0] ?? '') : `${names.slice(0, -1).join(', ')} and ${names.at(-1) ?? ''}`;
}
