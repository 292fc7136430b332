import { CircleCheck, CircleDashed, X } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { BASE, useListErrandsQuery } from '@/api';
import { Button } from '@/ui';
import { chosenLookOf, useLineUp, useNames, useWorkspace } from '@/workspace';

const KEY = `outfit first steps${BASE}`;

interface Step {
  readonly title: string;
  readonly about: string;
  readonly to: string;
  readonly isDone: boolean;
}

/** The first four things to do in a workspace of one's own, each where it is really done. It can be left, and leaves by itself. */
export function FirstSteps() {
  const [isLeft, setLeft] = useState(() => localStorage.getItem(KEY) !== null);
  const steps = useSteps();
  // Whoever has several line-ups has begun.
  const hasBegun = useNames().length > 1;
  if (isLeft || hasBegun || steps.every((step) => step.isDone)) return null;
  const next = steps.find((step) => !step.isDone);
  return (
    <section aria-label="First steps" className="border-rule bg-sheet mt-3 border">
      <ol className="divide-rule grid grid-cols-[repeat(4,minmax(0,1fr))_auto] divide-x max-lg:grid-cols-2">
        {steps.map((step, i) => (
          <li key={step.title} className={`flex gap-2.5 px-4 py-2.5 ${step === next ? 'bg-lagoon-wash' : ''}`}>
            {step.isDone ? (
              <CircleCheck size={18} strokeWidth={1.75} aria-label="done" className="text-moss mt-0.5 shrink-0" />
            ) : (
              <CircleDashed size={18} strokeWidth={1.75} aria-label="to do" className="text-pencil mt-0.5 shrink-0" />
            )}
            <span>
              <Link to={step.to} className={step === next ? 'text-lagoon font-semibold underline' : 'hover:text-lagoon font-medium'}>
                {i + 1}. {step.title}
              </Link>
              <span className="text-pencil block text-[0.87rem] leading-snug">{step.about}</span>
            </span>
          </li>
        ))}
        <li className="flex items-start p-1">
          <Button
            tone="quiet"
            className="!px-1.5"
            aria-label="Leave the first steps"
            onClick={() => {
              localStorage.setItem(KEY, 'left');
              setLeft(true);
            }}
          >
            <X size={16} strokeWidth={1.75} />
          </Button>
        </li>
      </ol>
    </section>
  );
}

/** What has been done is seen from what there is: nothing has to be ticked. */
function useSteps(): readonly Step[] {
  const { owned } = useWorkspace();
  const [first] = useNames();
  const lineUp = useLineUp(first?.id);
  const dressed = lineUp?.figures.find((figure) => chosenLookOf(figure).parts.length > 0);
  const someone = dressed ?? lineUp?.figures[0];
  const { data: errands = [] } = useListErrandsQuery({ scope: someone?.id ?? '' }, { skip: someone === undefined });
  return [
    { title: 'Make a line-up', about: 'A crew, a family: whatever stands together.', to: '/?new=1', isDone: first !== undefined },
    {
      title: 'Add two parts you have',
      about: 'Two that lie in front of you, with how many there are.',
      to: '/catalogue/own?do=part',
      isDone: owned.variants().length >= 2,
    },
    {
      title: 'Dress a figure',
      about: 'Begin one in the line-up and put parts on.',
      to: someone ? `/figures/${someone.id}/fitting` : first ? `/line-ups/${first.id}?new=nothing` : '/?new=1',
      isDone: dressed !== undefined,
    },
    {
      title: 'See what is missing',
      about: 'What is to buy, from whom, for how much.',
      to: someone ? `/figures/${someone.id}/errand` : '/market?show=sellers',
      isDone: errands.length > 0,
    },
  ];
}
