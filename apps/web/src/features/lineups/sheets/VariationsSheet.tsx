import { isPosition, POSITIONS, positionName } from '@outfit/core';
import type { CopyVariation } from '@outfit/core/lineup';
import { useState } from 'react';
import { type LineUpDto, useVaryCopiesMutation } from '@/api';
import { PartPicker, SmallPart } from '@/parts';
import { attempt, Button, Choice, Input, Label, Sheet, tell } from '@/ui';
import { useWorkspace } from '@/workspace';
import { newId, newSeed, NumberField, replaceAt, type SheetOf } from './PlanSheet';
import { Group, Row } from './RolesSheet';

/** Named variations of a recipe by rule: so many copies, or all, sharing some parts at one place. */
export function VariationsSheet({ lineUp, open, onOpenChange }: SheetOf) {
  const recipes = lineUp.figures.filter(
    ({ recipe, brief, id }) => recipe === '' && (brief.copies > 1 || lineUp.figures.some((row) => row.recipe === id)),
  );
  const [asked, setAsked] = useState<string | null>(null);
  const recipe = recipes.find(({ id }) => id === asked) ?? recipes[0];
  return (
    <Sheet
      title="Copies and variations"
      about="The copies of a recipe are shared out by these rules; each variation becomes a figure of its own, planned as often as it stands there. One step of Undo."
      wide
      open={open}
      onOpenChange={onOpenChange}
    >
      {recipes.length > 1 && (
        <Label text="Recipe">
          <Choice
            value={recipe?.id ?? ''}
            options={recipes.map(({ id, brief }) => ({ value: id, label: brief.name }))}
            onChoose={setAsked}
          />
        </Label>
      )}
      {open && recipe && <Rules key={recipe.id} lineUp={lineUp} recipe={recipe} onKept={() => onOpenChange(false)} />}
    </Sheet>
  );
}

function Rules({
  lineUp,
  recipe,
  onKept,
}: {
  readonly lineUp: LineUpDto;
  readonly recipe: LineUpDto['figures'][number];
  readonly onKept: () => void;
}) {
  const { catalogue } = useWorkspace();
  const [rules, setRules] = useState<readonly CopyVariation[]>(lineUp.plan.variations.filter(({ figure }) => figure === recipe.id));
  const [vary, { isLoading }] = useVaryCopiesMutation();
  const all = lineUp.figures
    .filter((row) => row.id === recipe.id || row.recipe === recipe.id)
    .reduce((sum, { brief }) => sum + brief.copies, 0);
  const isReady = rules.every(({ variants, name }) => variants.length > 0 && name.trim() !== '');
  const submit = async (): Promise<void> => {
    const variations = rules.map((rule) => ({ ...rule, variants: [...rule.variants] }));
    const done = await attempt(vary({ id: lineUp.id, variationsDto: { figure: recipe.id, variations } }).unwrap());
    if (!done) return;
    tell(`${all} copies of ${recipe.brief.name} shared out. Undo takes it back.`);
    onKept();
  };
  return (
    <form
      className="mt-3 space-y-4"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <p>
        {recipe.brief.name}: {all} copies in all.
      </p>
      <Group
        title="Variations"
        onAdd={() =>
          setRules([
            ...rules,
            { id: newId(), figure: recipe.id, name: '', position: 'head', variants: [], copies: null, isApart: true, seed: newSeed() },
          ])
        }
      >
        {rules.map((rule, i) => {
          const set = (row: CopyVariation | null): void => setRules(replaceAt(rules, i, row));
          return (
            <Row key={rule.id} label={`Take variation ${rule.name} away`} onAway={() => set(null)}>
              <Input
                aria-label={`Name of variation ${i + 1}`}
                placeholder="with another face"
                className="!w-48"
                value={rule.name}
                maxLength={80}
                onChange={(event) => set({ ...rule, name: event.target.value })}
              />
              <NumberField
                label={`Copies of variation ${i + 1}`}
                least={1}
                most={500}
                placeholder="all"
                className="w-16"
                value={rule.copies}
                onChange={(copies) => set({ ...rule, copies })}
              />
              <span className="text-pencil">of them, at</span>
              <Choice
                aria-label={`Place of variation ${i + 1}`}
                className="!w-36"
                value={rule.position}
                options={POSITIONS.map((position) => ({ value: position as string, label: positionName(position) }))}
                onChoose={(position) => isPosition(position) && set({ ...rule, position })}
              />
              <span className="flex w-full flex-wrap items-center gap-2">
                {rule.variants.map((id) => (
                  <button
                    key={id}
                    type="button"
                    title="Take it away"
                    aria-label={`Take ${catalogue.nameOf(catalogue.variant(id))} away`}
                    onClick={() => set({ ...rule, variants: rule.variants.filter((own) => own !== id) })}
                  >
                    <SmallPart variant={catalogue.variant(id)} />
                  </button>
                ))}
                <PartPicker
                  label={`Part for variation ${i + 1}`}
                  className="!w-56"
                  value={null}
                  onChoose={(id) => !rule.variants.includes(id) && set({ ...rule, variants: [...rule.variants, id] })}
                />
                <label className="flex items-center gap-1.5">
                  <input
                    type="checkbox"
                    className="accent-lagoon"
                    checked={rule.isApart}
                    onChange={(event) => set({ ...rule, isApart: event.target.checked })}
                  />
                  no two alike side by side
                </label>
                <Button tone="quiet" onClick={() => set({ ...rule, seed: newSeed() })}>
                  Draw again
                </Button>
              </span>
            </Row>
          );
        })}
      </Group>
      <Button type="submit" tone="act" disabled={!isReady || isLoading}>
        Share the copies out
      </Button>
    </form>
  );
}
