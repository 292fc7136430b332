import { graveCount, judge } from '@outfit/core';
import { useMemo } from 'react';
import { Link, NavLink, useLocation } from 'react-router';
import { useListOpenSessionsQuery, useReadPromisesQuery } from '@/api';
import { GUIDE, guideTo } from '@/parts';
import { plural } from '@/ui';
import { chosenLookOf, promisedOf, useCompany, toBuyOf, useOpen, useStandingPlans, useWorkspace, useWorkspaceFor } from '@/workspace';
import { Palette } from './palette';
import { WorkspaceSwitch } from './workspaces';
import { pageAt } from './pages';

const PLACES = [
  { to: '/wardrobe', name: 'Wardrobe', isStage: false },
  { to: '/parcels', name: 'Parcels', isStage: true },
  { to: '/bench', name: 'Bench', isStage: true },
  { to: '/catalogue', name: 'Catalogue', isStage: false },
  { to: '/market', name: 'Market', isStage: false },
  { to: '/ideas', name: 'Ideas', isStage: false },
];

/** The stages of the open figure as stitches on a thread, each with its one fact; the places that belong to all beside it. */
export function Thread() {
  const { figure } = useOpen();
  return (
    <header className="border-rule bg-sheet flex min-h-13 print:hidden items-center gap-6 border-b px-4.5 max-sm:flex-wrap max-sm:gap-x-4 max-sm:gap-y-1 max-sm:py-1.5">
      <Link to="/" className="font-head text-[1.27rem] font-bold tracking-tight">
        Outfit
      </Link>
      <WorkspaceSwitch />
      <Stages />
      <nav aria-label="Places" className="ml-auto flex gap-4 max-sm:flex-wrap max-sm:gap-x-3 max-sm:text-[0.93rem]">
        {PLACES.filter(({ isStage }) => !(isStage && figure)).map((place) => (
          <NavLink
            key={place.to}
            to={place.to}
            className={({ isActive }) => `font-medium ${isActive ? 'text-lagoon underline decoration-2 underline-offset-8' : ''}`}
          >
            {place.name}
          </NavLink>
        ))}
      </nav>
      <Palette />
      <Help />
    </header>
  );
}

/** What the screen one is on is for: its page of the guide. */
function Help() {
  const { pathname } = useLocation();
  const about = pageAt(pathname)?.guide;
  const page = GUIDE.find(({ id }) => id === about);
  return (
    page && (
      <Link
        to={guideTo(page.id)}
        aria-label={`Guide: ${page.title}`}
        title={`Guide: ${page.title}`}
        className="border-rule rounded-cut hover:border-pencil flex size-7 items-center justify-center border font-semibold"
      >
        ?
      </Link>
    )
  );
}

const DAY = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' });

/** What is told of a figure's pieces on their way, and of the figure at the bench. */
function useHandFacts(figure: string | null): { readonly coming: string; readonly bench: string } {
  const { today } = useWorkspace();
  const { data: told } = useReadPromisesQuery(undefined, { skip: figure === null });
  const { data: sessions = [] } = useListOpenSessionsQuery(undefined, { skip: figure === null });
  if (figure === null || !told) return { coming: '…', bench: '…' };
  const { standing, coming, sealed, until } = promisedOf(told).handsOf(figure);
  const session = sessions.find((row) => row.figures.some((own) => own.figure === figure));
  return {
    coming: comingWords(coming, sealed, until, today),
    bench: session ? `step ${Math.min(session.done + 1, session.steps)} of ${session.steps}` : (BENCH_FACTS[standing ?? ''] ?? 'not yet'),
  };
}

function comingWords(coming: number, sealed: number, until: string | null, today: string): string {
  if (coming === 0) return sealed > 0 ? `${sealed} sealed` : 'none to come';
  if (until === null) return `${coming} to come`;
  return until < today ? `${coming} late` : `${coming} to come, ${DAY.format(new Date(until))}`;
}

const BENCH_FACTS: Readonly<Record<string, string>> = {
  'ready to build': 'ready',
  unfinished: 'unfinished',
  blocked: 'blocked',
  built: 'built',
  'to be changed': 'to be changed',
};

function Stages() {
  const { figure } = useOpen();
  const { catalogue, supply } = useWorkspaceFor(figure?.id ?? null);
  const { search } = useLocation();
  const company = useCompany(figure);
  const named = new URLSearchParams(search).get('look');
  /** The look that is open; the one the line-up shows while none is. */
  const look = figure && (figure.looks.find((row) => row.id === named) ?? chosenLookOf(figure));
  const plans = useStandingPlans(figure?.lineUp ?? null);
  const facts = useMemo(() => {
    if (!figure || !look) return null;
    const { marks, cost } = judge(look, figure.brief, catalogue, catalogue.systemOf(figure.brief), supply, company);
    const { pieces, isPlanned } = toBuyOf(plans, figure, look, cost);
    return {
      brief: `${figure.brief.features.length} wanted`,
      fitting: graveCount(marks) === 0 ? 'no marks' : plural(graveCount(marks), 'mark'),
      errand:
        pieces > 0
          ? `${pieces} to buy${isPlanned ? ', planned' : ''}`
          : marks.open.some((mark) => mark.check === 'whole')
            ? 'not whole yet'
            : 'nothing to buy',
    };
  }, [figure, look, plans, catalogue, supply, company]);
  const { coming, bench } = useHandFacts(figure?.id ?? null);
  if (!figure || !facts) return null;
  const query = named === null ? '' : `?look=${encodeURIComponent(named)}`;
  const stages = [
    { name: 'Brief', to: `/figures/${figure.id}/brief${query}`, fact: facts.brief },
    { name: 'Fitting', to: `/figures/${figure.id}/fitting${query}`, fact: facts.fitting },
    { name: 'Errand', to: `/figures/${figure.id}/errand${query}`, fact: facts.errand },
    { name: 'Parcels', to: `/figures/${figure.id}/parcels`, fact: coming },
    { name: 'Bench', to: `/figures/${figure.id}/bench`, fact: bench },
  ];
  return (
    <nav aria-label="Stages" className="flex items-center max-sm:order-last max-sm:w-full max-sm:items-start max-sm:gap-x-3.5">
      {stages.map((stage, i) => (
        <div key={stage.name} className="flex items-center">
          {i > 0 && <span aria-hidden="true" className="border-pencil mx-2.5 w-6 border-t-2 border-dashed max-sm:hidden xl:w-8" />}
          <NavLink to={stage.to} className="block leading-tight">
            {({ isActive }) => (
              <>
                <span className={`block font-semibold ${isActive ? 'text-lagoon underline decoration-2 underline-offset-4' : ''}`}>
                  {stage.name}
                </span>
                <span className={`text-pencil block text-[0.8rem] ${isActive ? '' : 'max-sm:hidden'}`}>{stage.fact}</span>
              </>
            )}
          </NavLink>
        </div>
      ))}
    </nav>
  );
}
