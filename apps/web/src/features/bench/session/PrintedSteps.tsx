import type { BenchSessionDto } from '@/api';

/** The same steps on paper, with boxes to tick. */
export function PrintedSteps({ session }: { readonly session: BenchSessionDto }) {
  return (
    <div className="hidden p-6 print:block">
      <h1 className="text-xl">{session.title}</h1>
      <ol className="mt-3 space-y-2">
        {session.steps.map((step) => (
          <li key={step.id} className="flex break-inside-avoid gap-3">
            <span className={`mt-0.5 size-4 shrink-0 border border-black ${step.doneAt === null ? '' : 'bg-black'}`} />
            <span>
              {step.cautions.map((caution) => (
                <span key={caution.id} className="block text-[0.87rem] italic">
                  {caution.title}: {caution.text}
                </span>
              ))}
              {step.sentence} {step.hint}
            </span>
          </li>
        ))}
      </ol>
    </div>
  );
}
