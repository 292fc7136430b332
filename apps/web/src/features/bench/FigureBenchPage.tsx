import { Link, Navigate, useNavigate, useParams } from 'react-router';
import { money } from '@outfit/core';
import { useBeginSessionMutation, useListRealCostsQuery, useReadBenchHistoryQuery, useReadBenchQuery } from '@/api';
import { FigurePicture, UndoButtons } from '@/parts';
import { attempt, Button, Empty, plural } from '@/ui';
import { chosenLookOf, useFigure, useStanding, useUndo, useWorkspace } from '@/workspace';
import { sessionPath } from './paths';
import { SessionLog } from './session';

const WHAT_NEXT: Readonly<Record<string, string>> = {
  wanting: 'Pieces are to buy first.',
  waiting: 'Pieces are on their way or sealed.',
  unfinished: 'What is chosen so far does not stand: parts are missing. Finish it in Fitting first.',
  blocked: 'A mark says that it cannot be built so. Look at it in Fitting first.',
  'ready to build': 'Everything is at hand.',
  built: 'It stands built, as it is drawn.',
  'to be changed': 'It stands built otherwise, and can be changed over.',
};

/** What a figure's pieces really cost, beside what its errand planned. */
function RealCost({ figure }: { readonly figure: string }) {
  const { currency } = useWorkspace();
  const cost = useListRealCostsQuery().data?.find((row) => row.figure === figure);
  if (!cost) return null;
  return (
    <p className="text-pencil">
      Its pieces cost <span className="text-ink font-mono">{money(cost.costMinor, currency)}</span>
      {cost.unpriced > 0 && `, ${plural(cost.unpriced, 'piece')} without a price left out`}
      {cost.plannedMinor !== null &&
        `; ${money(cost.plannedMinor, currency)} was planned for what was to buy${(cost.plannedCopies ?? 1) > 1 ? ` for ${cost.plannedCopies} copies` : ''}`}
      .
    </p>
  );
}

/** A figure's bench: the session that is open, else how it stands and what was done before. */
export function FigureBenchPage() {
  const { figureId = '' } = useParams();
  const { catalogue } = useWorkspace();
  const figure = useFigure(figureId);
  const standing = useStanding(figureId);
  const { data: sessions } = useReadBenchHistoryQuery({ figure: figureId });
  const { data: bench } = useReadBenchQuery();
  const [begin, { isLoading }] = useBeginSessionMutation();
  const navigate = useNavigate();
  const undoing = useUndo('wardrobe', 'all');
  const open = sessions?.find((session) => session.state === 'open');
  if (open) return <Navigate to={sessionPath(open)} replace />;
  if (!figure || !sessions) return null;
  const ready = bench?.ready.find((row) => row.figure === figureId);
  const start = async (): Promise<void> => {
    const session = await attempt(begin({ beginDto: { figures: [{ figure: figureId }] } }).unwrap());
    if (session) void navigate(sessionPath(session));
  };
  return (
    <div className="dotted h-full overflow-auto p-6">
      <div className="mx-auto max-w-4xl space-y-5">
        <div className="bg-sheet border-rule flex flex-wrap items-end gap-6 border p-6">
          <FigurePicture look={chosenLookOf(figure)} catalogue={catalogue} pxPerMm={5} label={figure.brief.name} />
          <div className="min-w-0 flex-1 basis-72 space-y-2 self-center">
            <div className="flex items-start gap-3">
              <h1 className="min-w-0 flex-1 text-2xl">{figure.brief.name}</h1>
              <UndoButtons undoing={undoing} />
            </div>
            <p>{standing === null ? 'It has no parts yet.' : WHAT_NEXT[standing]}</p>
            <RealCost figure={figureId} />
            {ready && ready.copies > 1 && (
              <p className="text-pencil">
                {ready.canBuild} of {ready.copies} can be built with what is at hand.
              </p>
            )}
            {ready ? (
              <Button tone="act" disabled={isLoading} onClick={() => void start()}>
                {ready.standing === 'to be changed' ? 'Change it over' : ready.canBuild > 1 ? `Build ${ready.canBuild}` : 'Build it'}
              </Button>
            ) : (
              standing === 'wanting' && (
                <Link className="text-lagoon underline" to={`/figures/${figureId}/errand`}>
                  To its errand
                </Link>
              )
            )}
          </div>
        </div>
        <section aria-label="Bench history" className="space-y-3">
          {sessions.length === 0 && <Empty title="It has not been at the bench yet" />}
          {sessions.map((session) => (
            <div key={session.id} className="bg-sheet border-rule border p-5">
              <SessionLog session={session} />
            </div>
          ))}
        </section>
      </div>
    </div>
  );
}
