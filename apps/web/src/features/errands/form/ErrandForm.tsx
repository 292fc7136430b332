import type { ReactNode } from 'react';
import { Button, sentenceOf } from '@/ui';
import { LinesEditor } from './LinesEditor';
import { RulesEditor } from './RulesEditor';
import type { ErrandFormState } from './useErrandForm';

interface ErrandFormProps {
  readonly title: string;
  readonly form: ErrandFormState;
  readonly error: unknown;
  readonly isBusy: boolean;
  readonly onPlan: (asks: NonNullable<ErrandFormState['asks']>) => void;
  readonly children?: ReactNode;
}

/** What to shop for, and the rules of the trip. */
export function ErrandForm({ title, form, error, isBusy, onPlan, children }: ErrandFormProps) {
  const { asks } = form;
  return (
    <form
      aria-label="Plan an errand"
      className="border-rule bg-sheet flex min-h-0 flex-col gap-3 overflow-auto border-r p-4"
      onSubmit={(event) => {
        event.preventDefault();
        if (asks) onPlan(asks);
      }}
    >
      <h1 className="text-xl">Errand for {title}</h1>
      <LinesEditor lines={form.lines} onChange={(lines) => form.setLines(lines)} />
      <Button type="submit" tone="act" disabled={!asks || isBusy} className="justify-center !py-2">
        Plan the errand
      </Button>
      {error !== undefined && (
        <p role="alert" className="text-madder">
          {sentenceOf(error)}
        </p>
      )}
      <RulesEditor draft={form.rules} onChange={(rules) => form.setRules(rules)} />
      {children}
    </form>
  );
}
