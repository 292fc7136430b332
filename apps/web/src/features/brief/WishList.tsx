import { AREAS, FEATURE_KINDS, type FeatureKind, type Likeness, type Weight, WEIGHTS } from '@outfit/core';
import { Plus, Trash2 } from 'lucide-react';
import type { FeatureDto } from '@/api';
import { AnswerMark } from '@/parts';
import { Button, Choice, Input } from '@/ui';
import { useWorkspace } from '@/workspace';
import { AREA_WORDS } from './areaWords';
import { firstTarget, TargetField } from './TargetField';

const KIND_WORDS: Record<FeatureKind, string> = {
  motif: 'shows',
  colour: 'colour',
  shape: 'shape',
  expression: 'mood',
  height: 'height',
  absence: 'must not show',
  identity: 'has been',
  'any with': 'any part with',
  words: 'in words',
};
const WEIGHT_POINTS: Record<Weight, string> = { must: 'must (4)', want: 'want (2)', nice: 'nice (1)' };

interface WishListProps {
  readonly features: readonly FeatureDto[];
  readonly likeness: Likeness;
  readonly onChange: (features: FeatureDto[]) => void;
}

/** The columns of the list, and how wide they are; what is wanted takes the rest. */
const COLUMNS = [
  ['', 'w-6'],
  ['What', ''],
  ['Where', 'w-32'],
  ['Kind', 'w-28'],
  ['Which', 'w-40'],
  ['Weight', 'w-28'],
  ['', 'w-9'],
] as const;

/** What the character should show, area by area, each with its weight and how far the chosen look answers it. */
export function WishList({ features, likeness, onChange }: WishListProps) {
  const { catalogue } = useWorkspace();
  const change = (id: string, part: Partial<FeatureDto>): void =>
    onChange(features.map((feature) => (feature.id === id ? { ...feature, ...part } : feature)));
  const add = (): void =>
    onChange([
      ...features,
      {
        id: crypto.randomUUID(),
        label: 'A new wish',
        area: 'whole',
        kind: 'motif',
        target: firstTarget('motif', catalogue),
        weight: 'want',
      },
    ]);
  const answerOf = (id: string) => likeness.answers.find((answer) => answer.feature.id === id);
  return (
    <section aria-label="Wanted" className="flex min-h-0 flex-col">
      <div className="flex items-baseline gap-3">
        {likeness.missing.length > 0 && (
          <p className="text-madder text-[0.87rem]">
            A must is missing: {likeness.missing.map((feature) => feature.label).join(', ')}. It keeps the likeness at 60 or below.
          </p>
        )}
        <Button className="ml-auto" onClick={add}>
          <Plus size={16} strokeWidth={1.75} /> Add a wish
        </Button>
      </div>
      <div className="mt-2 min-h-0 overflow-auto">
        <table className="w-full table-fixed border-separate border-spacing-x-1 text-[0.93rem]">
          <thead className="text-pencil bg-sheet sticky top-0 z-10 text-left text-[0.87rem]">
            <tr>
              {COLUMNS.map(([head, width], i) => (
                <th key={i} scope="col" className={`px-1 pb-1 font-medium ${width}`}>
                  {head}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {features.map((feature) => (
              <tr key={feature.id} className="align-top">
                <td className="pt-1.5 text-center">
                  <AnswerMark answer={answerOf(feature.id) ?? null} />
                </td>
                <td>
                  <Input
                    aria-label="What"
                    value={feature.label}
                    maxLength={120}
                    onChange={(event) => event.target.value !== '' && change(feature.id, { label: event.target.value })}
                  />
                  <span className="text-pencil block truncate px-1 text-[0.8rem]" title={answerOf(feature.id)?.why}>
                    {answerOf(feature.id)?.why}
                  </span>
                </td>
                <td>
                  <Choice
                    aria-label="Where"
                    value={feature.area}
                    options={AREAS.map((value) => ({ value, label: AREA_WORDS[value] }))}
                    onChoose={(area) => change(feature.id, { area })}
                  />
                </td>
                <td>
                  <Choice
                    aria-label="Kind"
                    value={feature.kind}
                    options={FEATURE_KINDS.map((value) => ({ value, label: KIND_WORDS[value] }))}
                    onChoose={(kind) => change(feature.id, { kind, target: firstTarget(kind, catalogue) })}
                  />
                </td>
                <td>
                  <TargetField
                    kind={feature.kind}
                    target={feature.target}
                    catalogue={catalogue}
                    onChange={(target) => change(feature.id, { target })}
                  />
                </td>
                <td>
                  <Choice
                    aria-label="Weight"
                    value={feature.weight}
                    options={WEIGHTS.map((value) => ({ value, label: WEIGHT_POINTS[value] }))}
                    onChoose={(weight) => change(feature.id, { weight })}
                  />
                </td>
                <td>
                  <Button
                    tone="quiet"
                    aria-label={`Remove ${feature.label}`}
                    className="!px-1"
                    onClick={() => onChange(features.filter((other) => other.id !== feature.id))}
                  >
                    <Trash2 size={16} strokeWidth={1.75} />
                  </Button>
                </td>
              </tr>
            ))}
          </tbody>
        </table>
        {features.length === 0 && (
          <p className="text-pencil py-6 text-center">Nothing is wanted yet. Add what people should recognise first.</p>
        )}
      </div>
    </section>
  );
}
