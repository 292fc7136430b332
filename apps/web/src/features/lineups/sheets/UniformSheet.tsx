import { isPosition, money, POSITIONS, positionName, spotOf } from '@outfit/core';
import { afterUniformChange, changeEffect, type Reaches, type UniformPart, uniformOf } from '@outfit/core/lineup';
import { useMemo, useState } from 'react';
import { type LineUpDto, type UniformPartDto, useChangeUniformMutation, useSetFreeMutation } from '@/api';
import { PartPicker, SmallPart } from '@/parts';
import { attempt, Button, Chips, Choice, plural, Sheet, tell } from '@/ui';
import { type Judged, useWorkspace } from '@/workspace';
import type { Selection } from '../useSelection';
import { replaceAt } from './PlanSheet';
import { Group, Row } from './RolesSheet';

interface UniformSheetProps {
  readonly lineUp: LineUpDto;
  readonly judged: readonly Judged[];
  readonly selection: Selection;
  readonly onClose: () => void;
}

/** The uniform is changed here; what that does to each figure stands beside it before it happens. */
export function UniformSheet({ lineUp, judged, selection, onClose }: UniformSheetProps) {
  const { catalogue, currency } = useWorkspace();
  const { plan } = lineUp;
  const [uniform, setUniform] = useState<readonly UniformPart[]>(plan.uniform);
  const [reaches, setReaches] = useState<Reaches>('followers');
  const [change, { isLoading }] = useChangeUniformMutation();
  const [setFree] = useSetFreeMutation();
  const effects = useMemo(
    () =>
      judged.flatMap(({ figure, look, workspace }) => {
        const next = afterUniformChange(look, uniformOf(plan, figure), uniformOf({ uniform }, figure), figure.free, reaches, catalogue);
        if (!next) return [];
        return [
          {
            figure,
            refused: next.refused,
            effect: changeEffect(look, next.look, figure.brief, catalogue, catalogue.systemOf(figure.brief), workspace.supply),
          },
        ];
      }),
    [judged, plan, uniform, reaches, catalogue],
  );
  const sum = effects.reduce((all, { effect }) => all + effect.toPayAfterMinor - effect.toPayBeforeMinor, 0);
  const scopes = [
    { value: 'all ', label: 'All of them' },
    ...plan.factions.map(({ id, name }) => ({ value: `faction ${id}`, label: name })),
    ...plan.roles.map(({ name }) => ({ value: `role ${name}`, label: name })),
  ];
  const keep = async (): Promise<void> => {
    const parts = uniform.map((row) => ({
      ...row,
      part: { ...row.part, alterations: [...(row.part.alterations ?? [])] },
    })) as UniformPartDto[];
    const done = await attempt(change({ id: lineUp.id, newUniformDto: { uniform: parts, reaches } }).unwrap());
    if (!done) return;
    tell(`The uniform is changed: ${plural(effects.length, 'figure')} with it. Undo takes it back.`);
    onClose();
  };
  const chosen = judged.find(({ figure }) => selection.chosen[0] === figure.id);
  return (
    <Sheet
      title="Change the uniform"
      about="Worn by all of a line-up, of a faction or of a role, unless a figure’s own look says otherwise at that place."
      wide
      open
      onOpenChange={(isOpen) => !isOpen && onClose()}
    >
      <div className="mt-3 space-y-4">
        <Group
          title="Parts"
          onAdd={() =>
            setUniform([...uniform, { scope: { kind: 'all', of: '' }, part: { position: 'torso', variant: '', turned: false } }])
          }
        >
          {uniform.map((row, i) => {
            const set = (next: UniformPart | null): void => setUniform(replaceAt(uniform, i, next));
            const fills = catalogue.has(row.part.variant)
              ? catalogue.mouldOf(catalogue.variant(row.part.variant)).fills.map(([first]) => first)
              : POSITIONS;
            return (
              <Row key={i} label={`Take ${positionName(row.part.position)} off the uniform`} onAway={() => set(null)}>
                <Choice
                  aria-label={`Who wears part ${i + 1}`}
                  className="!w-40"
                  value={`${row.scope.kind} ${row.scope.of}`}
                  options={scopes}
                  onChoose={(value) => {
                    const [kind = 'all', ...of] = value.split(' ');
                    set({ ...row, scope: { kind: kind as 'all', of: of.join(' ') } });
                  }}
                />
                <PartPicker
                  label={`Part ${i + 1} of the uniform`}
                  className="!w-64"
                  value={row.part.variant || null}
                  onChoose={(variant) => {
                    const [first] = catalogue.mouldOf(catalogue.variant(variant)).fills[0] ?? [];
                    set({ ...row, part: { position: first ?? row.part.position, variant, turned: false } });
                  }}
                />
                <Choice
                  aria-label={`Where part ${i + 1} goes`}
                  className="!w-36"
                  value={row.part.position as string}
                  options={[...new Set(fills)].flatMap((position) =>
                    position ? [{ value: position as string, label: positionName(position) }] : [],
                  )}
                  onChoose={(position) => isPosition(position) && set({ ...row, part: { ...row.part, position } })}
                />
              </Row>
            );
          })}
        </Group>
        {chosen && (
          <p className="text-[0.93rem]">
            From {chosen.figure.brief.name}:{' '}
            {chosen.look.parts
              .filter(({ position }) => ['torso', 'hips', 'lower', 'headgear', 'neck.1'].includes(position))
              .map((part) => (
                <button
                  key={spotOf(part)}
                  type="button"
                  className="mr-2 inline-flex align-middle"
                  aria-label={`Add ${catalogue.nameOf(catalogue.variant(part.variant))} to the uniform`}
                  title={`Add ${catalogue.nameOf(catalogue.variant(part.variant))}`}
                  onClick={() => setUniform([...uniform, { scope: { kind: 'all', of: '' }, part }])}
                >
                  <SmallPart variant={catalogue.variant(part.variant)} />
                </button>
              ))}
          </p>
        )}
        <Chips
          label="Whom it reaches"
          chosen={reaches}
          options={[
            ['followers', 'who wears it now, or nothing there'],
            ['everybody', 'everybody who was not set free'],
          ]}
          onChoose={setReaches}
        />
        <section aria-label="What it does">
          <h3 className="text-[1.07rem]">
            {effects.length === 0
              ? 'Nobody changes'
              : `${plural(effects.length, 'figure')} ${effects.length === 1 ? 'changes' : 'change'}, ${sum === 0 ? 'for nothing' : `${sum > 0 ? '' : '−'}${money(Math.abs(sum), currency)} ${sum > 0 ? 'more' : 'less'}`}`}
          </h3>
          <ul className="text-[0.93rem]">
            {effects.map(({ figure, effect, refused }) => {
              const from = effect.likenessBefore === null ? null : Math.round(effect.likenessBefore);
              const to = from === null ? null : Math.round(effect.likenessAfter);
              const cost = effect.toPayAfterMinor - effect.toPayBeforeMinor;
              return (
                <li key={figure.id} className="border-rule flex items-baseline gap-3 border-b py-1">
                  <span className="w-40 shrink-0 truncate font-medium">{figure.brief.name}</span>
                  <span className="w-24 shrink-0">
                    <span className="font-mono">{from ?? '–'}</span> →{' '}
                    <b className={`font-mono ${(to ?? 0) < (from ?? 0) ? 'text-madder' : (to ?? 0) > (from ?? 0) ? 'text-moss' : ''}`}>
                      {to ?? '–'}
                    </b>
                  </span>
                  <span className="w-24 shrink-0 font-mono">
                    {effect.unsold > 0 ? 'not sold' : cost === 0 ? '±0' : `${cost > 0 ? '+' : '−'}${money(Math.abs(cost), currency)}`}
                  </span>
                  <span className="text-pencil min-w-0 flex-1">
                    {[
                      `${plural(effect.pieces, 'piece')}.`,
                      refused ?? '',
                      ...effect.raises,
                      ...effect.settles.map((sentence) => `Settled: ${sentence}`),
                    ]
                      .filter(Boolean)
                      .join(' ')}
                  </span>
                  <button
                    type="button"
                    className="text-lagoon shrink-0 underline"
                    aria-label={`Set ${figure.brief.name} free`}
                    onClick={() =>
                      void attempt(
                        setFree({
                          id: lineUp.id,
                          freeDto: {
                            figures: [figure.id],
                            what: [...new Set([...uniformOf(plan, figure), ...uniformOf({ uniform }, figure)].map(spotOf))],
                            isFree: true,
                          },
                        }).unwrap(),
                      )
                    }
                  >
                    set free
                  </button>
                </li>
              );
            })}
          </ul>
        </section>
        <Button tone="act" disabled={isLoading || uniform.some(({ part }) => part.variant === '')} onClick={() => void keep()}>
          Change it
        </Button>
      </div>
    </Sheet>
  );
}
