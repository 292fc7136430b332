import { type View, VIEWS } from '@outfit/drawing';
import { Printer } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Link, useParams } from 'react-router';
import {
  type BenchSessionDto,
  type BenchStepDto,
  useEndSessionMutation,
  useReadSessionQuery,
  useTickStepMutation,
  useUntickStepMutation,
} from '@/api';
import { UndoButtons } from '@/parts';
import { attempt, Button, Empty, plural } from '@/ui';
import { useUndo } from '@/workspace';
import { Beside, Cautions } from './Beside';
import { sceneOf } from './benchScene';
import { Ended } from './Ended';
import { PrintedSteps } from './PrintedSteps';
import { Stage } from './Stage';
import { StepList } from './StepList';
import { useAwake } from './useAwake';
import { useBenchKeys } from './useBenchKeys';
import { Wrong } from './Wrong';

/** One session at the bench: one step large, what to mind, and the list of all. */
export function SessionPage() {
  const { sessionId = '' } = useParams();
  const { data: session, isError } = useReadSessionQuery({ id: sessionId });
  if (isError)
    return (
      <Empty title="No such session">
        <p>
          It was taken back, or never began. <Link to="/bench">To the bench</Link>
        </p>
      </Empty>
    );
  return session ? <Session session={session} /> : null;
}

const lastOf = (session: BenchSessionDto): BenchStepDto | null => session.steps.findLast((step) => step.doneAt !== null) ?? null;

function Session({ session }: { readonly session: BenchSessionDto }) {
  const [tick, ticking] = useTickStepMutation();
  const [untick, unticking] = useUntickStepMutation();
  const next = session.steps.find((step) => step.doneAt === null) ?? null;
  const last = lastOf(session);
  const isBusy = ticking.isLoading || unticking.isLoading;
  const back = (): void => {
    if (last && !isBusy) void attempt(untick({ id: session.id, step: last.id }).unwrap());
  };
  useAwake(session.state === 'open');
  if (session.state !== 'open' || !next) return <Ended session={session} onBack={session.state === 'built' ? back : null} />;
  return (
    <AtWork
      session={session}
      step={next}
      isBusy={isBusy}
      onDone={() => !isBusy && void attempt(tick({ id: session.id, step: next.id }).unwrap())}
      onBack={last ? back : null}
    />
  );
}

interface AtWorkProps {
  readonly session: BenchSessionDto;
  readonly step: BenchStepDto;
  readonly isBusy: boolean;
  readonly onDone: () => void;
  readonly onBack: (() => void) | null;
}

function AtWork({ session, step, isBusy, onDone, onBack }: AtWorkProps) {
  const [view, setView] = useState<View>('front');
  const [isWrong, setIsWrong] = useState(false);
  const [end] = useEndSessionMutation();
  const undoing = useUndo('wardrobe', 'all');
  const done = useMemo(() => session.steps.filter((own) => own.doneAt !== null), [session]);
  const scene = useMemo(() => sceneOf(session, step, done), [session, step, done]);
  const finish = (as: 'put back' | 'left') => void attempt(end({ id: session.id, endSessionDto: { as } }).unwrap());
  useBenchKeys({
    done: onDone,
    back: () => onBack?.(),
    wrong: () => setIsWrong(true),
    turn: (by) => setView(VIEWS[(VIEWS.indexOf(view) + by + VIEWS.length) % VIEWS.length] ?? 'front'),
  });
  const begun = new Date(session.begunAt).toLocaleTimeString('en-GB', { hour: '2-digit', minute: '2-digit' });
  return (
    <div className="grid h-full grid-cols-[19rem_minmax(0,1fr)_17rem] max-lg:grid-cols-[15rem_minmax(0,1fr)] max-sm:flex max-sm:flex-col max-sm:overflow-auto">
      <section
        className="border-rule bg-sheet flex min-h-0 flex-col border-r max-sm:order-3 max-sm:flex-none max-sm:border-t max-sm:border-r-0 print:hidden"
        aria-label="Session"
      >
        <div className="px-4 pt-3 pb-1">
          <div className="flex items-start gap-2">
            <h1 className="min-w-0 flex-1 text-[1.27rem] leading-tight">{session.title}</h1>
            <UndoButtons undoing={undoing} />
          </div>
          <p className="text-pencil text-[0.9rem]" data-testid="bench-count">
            {plural(session.steps.length, 'step')}, begun {begun}, {done.length} done
          </p>
          {session.changed.length > 0 && (
            <p className="text-saffron mt-1 text-[0.9rem]">
              The look has changed since. End this session and begin another for what it is now.
            </p>
          )}
        </div>
        {/* eslint-disable-next-line jsx-a11y/no-noninteractive-tabindex -- what scrolls must be reachable by keyboard */}
        <div data-steps tabIndex={0} className="relative min-h-0 flex-1 overflow-auto px-2 pb-2">
          <StepList session={session} next={step} />
        </div>
        <div className="border-rule flex flex-wrap gap-2 border-t p-3">
          <Button className="!px-2" onClick={() => window.print()}>
            <Printer size={15} strokeWidth={1.75} /> Print
          </Button>
          <Button className="!px-2" onClick={() => finish('put back')}>
            Put it all back
          </Button>
          <Button
            tone="quiet"
            className="!px-2"
            title="What is done stays done; what lies on the tray stays there"
            onClick={() => finish('left')}
          >
            Set aside
          </Button>
        </div>
      </section>
      <section aria-label="Step" className="flex min-h-0 flex-col max-sm:flex-none print:hidden">
        <div className="dotted relative min-h-0 flex-1 max-sm:h-[42vh] max-sm:flex-none">
          <Sides view={view} onChoose={setView} isShown={scene.kind === 'body'} />
          <Stage scene={scene} view={view} label={step.title} />
        </div>
        <div className="border-rule bg-sheet border-t px-5 py-3">
          <div className="mb-2 space-y-2 lg:hidden">
            <Cautions key={step.id} session={session} step={step} />
          </div>
          <div className="flex items-start gap-4 max-sm:flex-col">
            <div className="min-w-0 flex-1" aria-live="polite">
              <p className="text-pencil text-[0.87rem]">
                {done.length + 1} of {session.steps.length}
              </p>
              <p className="font-head text-[1.4rem] leading-snug font-semibold" data-testid="bench-sentence">
                {step.sentence}
              </p>
              {step.hint !== null && <p className="mt-0.5">{step.hint}</p>}
            </div>
            <div className="flex flex-wrap items-center gap-2 pt-3 max-sm:w-full max-sm:pt-0">
              {onBack && (
                <Button
                  disabled={isBusy}
                  onClick={onBack}
                  title="Takes back the last step (Backspace)"
                  className="max-sm:flex-1 max-sm:justify-center max-sm:!py-3"
                >
                  Back
                </Button>
              )}
              <Button onClick={() => setIsWrong(true)} className="max-sm:flex-1 max-sm:justify-center max-sm:!py-3">
                Something is wrong <kbd className="text-pencil font-mono text-[0.8rem] max-sm:hidden">X</kbd>
              </Button>
              <Button
                tone="act"
                disabled={isBusy}
                onClick={onDone}
                className="!px-5 !py-2.5 !text-[1.13rem] max-sm:w-full max-sm:justify-center max-sm:!py-5"
              >
                Done <kbd className="font-mono text-[0.8rem] opacity-80 max-sm:hidden">Space</kbd>
              </Button>
            </div>
          </div>
        </div>
      </section>
      <aside aria-label="Beside the step" className="border-rule bg-sheet min-h-0 border-l max-lg:hidden print:hidden">
        <Beside session={session} step={step} done={done} />
      </aside>
      <PrintedSteps session={session} />
      {isWrong && <Wrong session={session} step={step} onClose={() => setIsWrong(false)} />}
    </div>
  );
}

function Sides({ view, onChoose, isShown }: { readonly view: View; readonly onChoose: (view: View) => void; readonly isShown: boolean }) {
  if (!isShown) return null;
  return (
    <div role="group" aria-label="Side" className="absolute top-3 right-3 z-10 flex gap-1.5 max-sm:flex-col">
      {VIEWS.map((side) => (
        <Button
          key={side}
          tone={side === view ? 'act' : 'plain'}
          aria-pressed={side === view}
          className="!px-2 !py-0.5 capitalize"
          onClick={() => onChoose(side)}
        >
          {side}
        </Button>
      ))}
    </div>
  );
}
