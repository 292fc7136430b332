import { useState } from 'react';
import { Link, useNavigate } from 'react-router';
import { type ReadyFigureDto, type SessionSummaryDto, useBeginSessionMutation, useReadBenchQuery } from '@/api';
import { FigurePicture, UndoButtons } from '@/parts';
import { attempt, Button, Empty, Input, longMoment, plural } from '@/ui';
import { chosenLookOf, useFigure, useUndo, useWorkspace } from '@/workspace';
import { sessionPath } from './paths';

/** What is on the bench, what could go there, and what was done. Several figures can be built in one session. */
export function BenchPage() {
  const { data, isLoading } = useReadBenchQuery();
  const undoing = useUndo('wardrobe', 'all');
  const [begin, { isLoading: isBeginning }] = useBeginSessionMutation();
  const [chosen, setChosen] = useState<ReadonlyMap<string, number>>(new Map());
  const navigate = useNavigate();
  const open = data?.sessions.filter((session) => session.state === 'open') ?? [];
  const ended = data?.sessions.filter((session) => session.state !== 'open') ?? [];
  const start = async (figures: ReadonlyMap<string, number>): Promise<void> => {
    const session = await attempt(begin({ beginDto: { figures: [...figures].map(([figure, copies]) => ({ figure, copies })) } }).unwrap());
    if (session) void navigate(sessionPath(session));
  };
  const choose = (figure: string, copies: number | null): void => {
    const next = new Map(chosen);
    if (copies === null) next.delete(figure);
    else next.set(figure, copies);
    setChosen(next);
  };
  return (
    <div className="flex h-full flex-col">
      <div className="border-rule flex flex-wrap items-center gap-x-4 gap-y-2 border-b px-5 py-2.5">
        <h1 className="text-2xl">Bench</h1>
        {data && <p className="text-pencil">{plural(data.ready.length, 'figure')} ready</p>}
        <UndoButtons undoing={undoing} />
        <Link to="/guide/cautions" className="text-lagoon ml-auto underline">
          What to mind
        </Link>
        <Button tone="act" disabled={chosen.size === 0 || isBeginning} onClick={() => void start(chosen)}>
          {chosen.size > 1 ? `Build ${chosen.size} together` : 'Begin'}
        </Button>
      </div>
      <div className="dotted min-h-0 flex-1 space-y-6 overflow-auto p-5">
        {open.length > 0 && (
          <section aria-label="On the bench">
            <h2 className="mb-2 text-[1.13rem]">On the bench</h2>
            <ul className="flex flex-wrap gap-3">
              {open.map((session) => (
                <OpenSession key={session.id} session={session} />
              ))}
            </ul>
          </section>
        )}
        <section aria-label="Ready to build">
          <h2 className="mb-2 text-[1.13rem]">Ready to build</h2>
          {!isLoading && data?.ready.length === 0 && (
            <Empty title="Nothing is ready">
              <p>A figure is ready once all its pieces are at hand. Its errand says what lacks, and parcels what is on its way.</p>
            </Empty>
          )}
          <ul className="flex flex-wrap gap-3">
            {data?.ready.map((row) => (
              <ReadyCard
                key={row.figure}
                row={row}
                copies={chosen.get(row.figure) ?? null}
                onChoose={(copies) => choose(row.figure, copies)}
              />
            ))}
          </ul>
        </section>
        {ended.length > 0 && (
          <section aria-label="Done before">
            <h2 className="mb-2 text-[1.13rem]">Done before</h2>
            <ul className="bg-sheet border-rule divide-rule max-w-3xl divide-y border">
              {ended.map((session) => (
                <li key={session.id} className="flex flex-wrap items-baseline gap-x-4 px-3 py-1.5">
                  <Link to={sessionPath(session)} className="text-lagoon min-w-0 flex-1 underline">
                    {session.title}
                  </Link>
                  <span className="text-[0.93rem]">{session.state === 'left' ? 'set aside' : session.state}</span>
                  <span className="text-pencil text-[0.87rem]">{longMoment(session.endedAt ?? session.begunAt)}</span>
                </li>
              ))}
            </ul>
          </section>
        )}
      </div>
    </div>
  );
}

function Figure({ id }: { readonly id: string }) {
  const { catalogue } = useWorkspace();
  const figure = useFigure(id);
  return figure ? <FigurePicture look={chosenLookOf(figure)} catalogue={catalogue} pxPerMm={2.6} label="" /> : <span className="h-28" />;
}

function OpenSession({ session }: { readonly session: SessionSummaryDto }) {
  return (
    <li>
      <Link to={sessionPath(session)} className="bg-sheet border-lagoon rounded-cut flex w-72 items-end gap-3 border px-3 py-2">
        <Figure id={session.figures[0]?.figure ?? ''} />
        <span className="min-w-0 pb-2">
          <b className="block">{session.title}</b>
          <span className="text-pencil block text-[0.93rem]">
            step {Math.min(session.done + 1, session.steps)} of {session.steps}
          </span>
          <span className="text-lagoon underline">Go on</span>
        </span>
      </Link>
    </li>
  );
}

interface ReadyCardProps {
  readonly row: ReadyFigureDto;
  readonly copies: number | null;
  readonly onChoose: (copies: number | null) => void;
}

function ReadyCard({ row, copies, onChoose }: ReadyCardProps) {
  const isChosen = copies !== null;
  return (
    <li className={`bg-sheet rounded-cut w-44 border ${isChosen ? 'border-lagoon outline-lagoon outline-1' : 'border-rule'}`}>
      <button
        type="button"
        aria-pressed={isChosen}
        aria-label={`${row.name}, ${row.standing}`}
        className="flex w-full flex-col items-center px-3 pt-2 pb-1.5"
        onClick={() => onChoose(isChosen ? null : row.canBuild)}
      >
        <Figure id={row.figure} />
        <b className="mt-1 block w-full truncate text-center">{row.name}</b>
        <span className="text-pencil block text-[0.87rem]">
          {row.standing === 'to be changed' ? 'to be changed' : row.copies > 1 ? `${row.canBuild} of ${row.copies} at hand` : 'all at hand'}
        </span>
      </button>
      {isChosen && row.canBuild > 1 && (
        <div className="border-rule flex items-center justify-center gap-2 border-t px-2 py-1 text-[0.87rem]">
          Build
          <Input
            aria-label={`How many of ${row.name}`}
            inputMode="numeric"
            className="!w-14 !py-0 text-right font-mono"
            value={String(copies)}
            onChange={(event) => onChoose(Math.min(row.canBuild, Math.max(1, Number(event.target.value.replace(/\D/g, '')) || 1)))}
          />
        </div>
      )}
    </li>
  );
}
