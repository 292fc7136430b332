import { Check } from 'lucide-react';
import { useEffect, useRef } from 'react';
import type { BenchSessionDto, BenchStepDto } from '@/api';

const KINDS: Readonly<Record<BenchStepDto['kind'], string>> = {
  fetch: 'Fetch',
  'take apart': 'Take apart',
  'put back': 'Put back',
  'put away': 'Put away',
  alter: 'Alter',
  build: 'Build',
  look: 'Look',
};

/** All steps of a session with what is done; the one that is next is marked and in sight. */
export function StepList({ session, next }: { readonly session: BenchSessionDto; readonly next: BenchStepDto | null }) {
  const current = useRef<HTMLLIElement>(null);
  useEffect(() => {
    // Only the list is moved, never the page: on a phone the step itself stays in sight.
    const row = current.current;
    const list = row?.closest<HTMLElement>('[data-steps]');
    if (!row || !list) return;
    const [top, bottom] = [row.offsetTop - list.offsetTop, row.offsetTop - list.offsetTop + row.offsetHeight];
    if (bottom > list.scrollTop + list.clientHeight) list.scrollTop = bottom - list.clientHeight + row.offsetHeight;
    else if (top < list.scrollTop) list.scrollTop = top;
  }, [next?.id]);
  return (
    <ol aria-label="Steps">
      {session.steps.map((step) => {
        const isNext = step.id === next?.id;
        return (
          <li
            key={step.id}
            ref={isNext ? current : null}
            aria-current={isNext ? 'step' : undefined}
            className={`flex gap-2.5 px-2 py-1.5 text-[0.9rem] leading-snug ${isNext ? 'bg-lagoon-wash' : ''} ${step.doneAt === null ? '' : 'text-pencil'}`}
          >
            <span
              role="img"
              aria-label={step.doneAt === null ? 'to do' : 'done'}
              className={`rounded-cut mt-0.5 flex size-4 shrink-0 items-center justify-center border ${step.doneAt === null ? 'border-pencil' : 'border-moss bg-moss text-sheet'}`}
            >
              {step.doneAt !== null && <Check size={12} strokeWidth={3} />}
            </span>
            <span className="min-w-0">
              <b>{KINDS[step.kind]}</b> {step.title}
            </span>
          </li>
        );
      })}
    </ol>
  );
}
