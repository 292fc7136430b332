import type { LineUpPlan } from '@outfit/core/lineup';
import { type ReactNode, useState } from 'react';
import type { LineUpDto } from '@/api';
import { Button, Sheet } from '@/ui';
import { useIsAgreed } from '@/workspace';
import { usePlan } from '../usePlan';

export interface SheetOf {
  readonly lineUp: LineUpDto;
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
}

interface PlanSheetProps extends SheetOf {
  readonly title: string;
  readonly about: string;
  /** What the history calls it. */
  readonly label: string;
  readonly children: (draft: LineUpPlan, change: (part: Partial<LineUpPlan>) => void) => ReactNode;
}

/** A sheet over what a line-up keeps: it is written as a whole, kept as one deed, and taken back as one. */
export function PlanSheet({ lineUp, open, onOpenChange, title, about, label, children }: PlanSheetProps) {
  return (
    <Sheet title={title} about={about} wide open={open} onOpenChange={onOpenChange}>
      {open && (
        <Draft lineUp={lineUp} label={label} onKept={() => onOpenChange(false)}>
          {children}
        </Draft>
      )}
    </Sheet>
  );
}

function Draft({
  lineUp,
  label,
  onKept,
  children,
}: Pick<PlanSheetProps, 'lineUp' | 'label' | 'children'> & { readonly onKept: () => void }) {
  const { plan, save } = usePlan(lineUp);
  const [change, setChange] = useState<Partial<LineUpPlan>>({});
  const isChanged = Object.keys(change).length > 0;
  const isAgreed = useIsAgreed();
  const keep = async (): Promise<void> => {
    const { dueOn = plan.dueOn } = change;
    if (dueOn !== plan.dueOn && !(await isAgreed({ lineUp: lineUp.id, dueOn }))) return;
    if (await save(change, label)) onKept();
  };
  return (
    <form
      className="mt-3 space-y-4"
      onSubmit={(event) => {
        event.preventDefault();
        void keep();
      }}
    >
      {children({ ...plan, ...change }, (part) => setChange((before) => ({ ...before, ...part })))}
      <Button type="submit" tone="act" disabled={!isChanged}>
        Keep it
      </Button>
    </form>
  );
}

/** A whole number that may be left open. */
export function NumberField({
  label,
  value,
  most = 2000,
  least = 0,
  placeholder = 'not said',
  className = '',
  onChange,
}: {
  readonly label: string;
  readonly value: number | null;
  readonly most?: number;
  readonly least?: number;
  readonly placeholder?: string;
  readonly className?: string;
  readonly onChange: (value: number | null) => void;
}) {
  return (
    <input
      type="number"
      aria-label={label}
      className={`border-rule bg-sheet rounded-cut border px-2 py-1 ${className}`}
      value={value ?? ''}
      min={least}
      max={most}
      placeholder={placeholder}
      onChange={(event) => {
        const next = Math.trunc(event.target.valueAsNumber);
        onChange(Number.isFinite(next) ? Math.min(most, Math.max(least, next)) : null);
      }}
    />
  );
}

/** Changes one row of a list, or takes it away. */
export const replaceAt = <T,>(rows: readonly T[], at: number, row: T | null): readonly T[] =>
  row === null ? rows.filter((_, i) => i !== at) : rows.map((own, i) => (i === at ? row : own));

/** An id for something new, the same nowhere else. */
export const newId = (): string => crypto.randomUUID();
export const newSeed = (): number => crypto.getRandomValues(new Uint32Array(1))[0] ?? 0;
