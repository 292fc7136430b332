import { CONDITIONS, type Condition } from '@outfit/core';
import { useState } from 'react';
import { useSearchParams } from 'react-router';
import { usePlanErrandMutation, webApi, type FigureDto, type LookDto } from '@/api';
import { useAppDispatch } from '@/app/store';
import { useWorkspace } from '@/app/WorkspaceContext';
import { Button } from '@/ui/Button';
import { Choice, Input, Label } from '@/ui/Field';
import { FigurePicture } from '@/ui/FigurePicture';
import { sentenceOf } from '@/ui/format';

const CONDITION_WORDS: Record<Condition, string> = { new: 'new only', used: 'used or better', worn: 'worn too' };

/** "" for no rule, else a whole number of at least `least`; null when it is neither. */
function limit(text: string, least: number): number | null | 'bad' {
  if (text.trim() === '') return null;
  const value = Number(text);
  return Number.isInteger(value) && value >= least ? value : 'bad';
}

/** What to shop for, and the rules of the trip. */
export function ErrandForm({ figure, look }: { readonly figure: FigureDto; readonly look: LookDto }) {
  const { catalogue } = useWorkspace();
  const dispatch = useAppDispatch();
  const [, setParams] = useSearchParams();
  const [plan, { isLoading, error }] = usePlanErrandMutation();
  const [copies, setCopies] = useState('1');
  const [parcels, setParcels] = useState('');
  const [days, setDays] = useState('');
  const [budget, setBudget] = useState('');
  const [condition, setCondition] = useState<Condition>('used');
  const read = { copies: limit(copies, 1), parcels: limit(parcels, 1), days: limit(days, 1) };
  const budgetMinor = budget.trim() === '' ? null : Math.round(Number(budget.replace(',', '.')) * 100);
  const sound = typeof read.copies === 'number' && read.parcels !== 'bad' && read.days !== 'bad' && !Number.isNaN(budgetMinor);

  const submit = async (): Promise<void> => {
    if (typeof read.copies !== 'number' || read.parcels === 'bad' || read.days === 'bad') return;
    const made = await plan({
      newErrandDto: { look: look.id, copies: read.copies, maxParcels: read.parcels, withinDays: read.days, budgetMinor, condition },
    });
    if (made.data) dispatch(webApi.util.upsertQueryData('latestErrand', { figure: figure.id }, [made.data]));
  };
  return (
    <form
      aria-label="Plan an errand"
      className="border-rule bg-sheet flex flex-col gap-3 overflow-auto border-r p-4"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <h1 className="text-xl">Errand for {figure.brief.name}</h1>
      <div className="flex items-end gap-3">
        <FigurePicture look={look} catalogue={catalogue} pxPerMm={3.4} label={look.name} />
        <div className="min-w-0 flex-1 space-y-2">
          <Label text="Look">
            <Choice
              value={look.id}
              options={figure.looks.map((row) => ({ value: row.id, label: row.name }))}
              onChoose={(id) => setParams({ look: id }, { replace: true })}
            />
          </Label>
          <Label text="Copies">
            <Input
              inputMode="numeric"
              value={copies}
              onChange={(event) => setCopies(event.target.value)}
              aria-invalid={typeof read.copies !== 'number'}
            />
          </Label>
        </div>
      </div>
      <Button type="submit" tone="act" disabled={!sound || isLoading} className="justify-center !py-2">
        Plan the errand
      </Button>
      {error && (
        <p role="alert" className="text-madder">
          {sentenceOf(error)}
        </p>
      )}
      <fieldset className="space-y-2.5">
        <legend className="mb-1 font-semibold">Rules of the trip</legend>
        <Label text="At most this many parcels">
          <Input
            inputMode="numeric"
            placeholder="no limit"
            value={parcels}
            onChange={(event) => setParcels(event.target.value)}
            aria-invalid={read.parcels === 'bad'}
          />
        </Label>
        <Label text="Budget, postage included">
          <Input
            inputMode="decimal"
            placeholder="no limit"
            value={budget}
            onChange={(event) => setBudget(event.target.value)}
            aria-invalid={Number.isNaN(budgetMinor)}
          />
        </Label>
        <Label text="Here within so many days">
          <Input
            inputMode="numeric"
            placeholder="no deadline"
            value={days}
            onChange={(event) => setDays(event.target.value)}
            aria-invalid={read.days === 'bad'}
          />
        </Label>
        <Label text="Condition">
          <Choice
            value={condition}
            options={CONDITIONS.map((value) => ({ value, label: CONDITION_WORDS[value] }))}
            onChoose={setCondition}
          />
        </Label>
      </fieldset>
    </form>
  );
}
