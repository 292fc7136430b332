import { money } from '@outfit/core';
import { type ComponentType, lazy, Suspense, useMemo } from 'react';
import { Link, NavLink, useParams } from 'react-router';
import { type LineUpDto, useRenameLineUpMutation } from '@/api';
import { LINE_UP_WAYS, pathTo, UndoButtons, type Way, wayOf } from '@/parts';
import { attempt, Empty, plural, useAddress } from '@/ui';
import { type Judged, plannedForLineUp, useJudged, useOpen, useStandingPlans, useUndo, useWorkspace } from '@/workspace';
import { FigureDeeds } from './head/FigureDeeds';
import { NamedHeading } from './head/NamedHeading';
import { NewFigure } from './head/NewFigure';
import { Panel } from './panel/Panel';
import { Stage } from './stage/Stage';
import { useSelection } from './useSelection';
import { usePromised, useTold } from './useTold';
import type { WayProps } from './wayProps';

/** What shows a line-up in each way but the first, which is there at once. */
const OTHERS: Readonly<Record<Exclude<Way, 'stage'>, ComponentType<WayProps>>> = {
  table: lazy(() => import('./table/FigureTable')),
  variety: lazy(() => import('./variety/VarietyMatrix')),
  order: lazy(() => import('./order/Order')),
  fixes: lazy(() => import('./fixes/FixList')),
};

/** A line-up, looked at in several ways with one selection. */
export function LineUpPage() {
  const { lineUp } = useOpen();
  const way = wayOf(useParams()['way']);
  if (!lineUp) return <Empty title="There is no such line-up" />;
  if (!way) return <Empty title="There is no such way to look at a line-up" />;
  return <LineUp key={lineUp.id} lineUp={lineUp} way={way} />;
}

function LineUp({ lineUp, way }: { readonly lineUp: LineUpDto; readonly way: (typeof LINE_UP_WAYS)[number] }) {
  const judged = useJudged(lineUp);
  const [params] = useAddress();
  const asked = Number(params.get('year') ?? Number.NaN);
  const told = useTold(lineUp, Number.isInteger(asked) ? asked : null);
  const selection = useSelection(useMemo(() => lineUp.figures.map(({ id }) => id), [lineUp]));
  const promised = usePromised(lineUp, judged);
  const view = { lineUp, judged, told, selection };
  return (
    <div className="flex h-full flex-col">
      <Head lineUp={lineUp} judged={judged} sentence={promised.sentence}>
        {selection.chosen.length > 0 && <FigureDeeds lineUp={lineUp} chosen={selection.chosen} onDone={() => selection.set([])} />}
      </Head>
      <div className="flex min-h-0 flex-1 max-lg:flex-col max-lg:overflow-auto">
        <section aria-label={way.name} className="flex min-h-0 min-w-0 flex-1 flex-col max-lg:min-h-[28rem] max-lg:shrink-0">
          {lineUp.figures.length === 0 ? (
            <div className="dotted h-full">
              <Empty title="Nobody stands here yet">
                <p>Begin a figure from nothing, a picture, an official one or a part that is left over.</p>
              </Empty>
            </div>
          ) : way.id === 'stage' ? (
            <Stage {...view} open={promised.open} />
          ) : (
            <Suspense fallback={<p className="text-pencil p-6">Looking…</p>}>{other(way.id, view)}</Suspense>
          )}
        </section>
        <Panel {...view} promised={promised} />
      </div>
    </div>
  );
}

function other(way: Exclude<Way, 'stage'>, props: WayProps) {
  const View = OTHERS[way];
  return <View {...props} />;
}

/** Is the edition not in the name already? */
const isSaidApart = ({ name, plan }: LineUpDto): boolean => plan.edition !== '' && !name.toLowerCase().includes(plan.edition.toLowerCase());

interface HeadProps {
  readonly lineUp: LineUpDto;
  readonly judged: readonly Judged[];
  readonly sentence: string;
  readonly children: React.ReactNode;
}

function Head({ lineUp, judged, sentence, children }: HeadProps) {
  const { currency } = useWorkspace();
  const undoing = useUndo('line-up', lineUp.id);
  const shown = wayOf(useParams()['way']);
  const [rename] = useRenameLineUpMutation();
  const toPay = judged.reduce((all, { judgement }) => all + (judgement?.cost.toPay.total ?? 0), 0);
  const planned = plannedForLineUp(useStandingPlans(lineUp.id), lineUp);
  const isKnown = judged.every(({ judgement }) => judgement !== null);
  return (
    <div className="border-rule bg-sheet flex flex-wrap items-center gap-x-3 gap-y-1.5 border-b px-4.5 py-1.5 max-sm:px-4">
      <NamedHeading name={lineUp.name} onKeep={(name) => void attempt(rename({ id: lineUp.id, lineUpNameDto: { name } }).unwrap())} />
      {children || (
        <p className="text-pencil text-[0.93rem]">
          {lineUp.plan.kind}
          {isSaidApart(lineUp) && `, ${lineUp.plan.edition}`} · <span data-testid="promised">{isKnown ? sentence : 'looking…'}</span>
        </p>
      )}
      <nav aria-label="Ways to look" className="border-rule flex border">
        {LINE_UP_WAYS.map(({ id, name }) => (
          <NavLink
            key={id}
            to={pathTo(lineUp.id, id)}
            end
            replace
            aria-current={id === shown?.id ? 'page' : undefined}
            className={`border-rule px-2.5 py-1 text-[0.93rem] not-first:border-l ${id === shown?.id ? 'bg-ink text-sheet' : 'hover:bg-paper'}`}
          >
            {name}
          </NavLink>
        ))}
      </nav>
      <span className="ml-auto flex items-center gap-2">
        <UndoButtons undoing={undoing} />
        <Link
          to={`/line-ups/${lineUp.id}/errand`}
          aria-label="Errand for all of them"
          title={planned ? `As planned: ${plural(planned.pieces, 'piece')} to buy` : 'About what all of it costs, part by part'}
          className="border-rule rounded-cut hover:border-pencil border px-2.5 py-1 whitespace-nowrap"
        >
          Errand
          {planned ? `, ${money(planned.minor, currency)} planned` : isKnown && toPay > 0 ? `, about ${money(toPay, currency)}` : ''}
        </Link>
        <NewFigure lineUp={lineUp.id} />
      </span>
    </div>
  );
}
