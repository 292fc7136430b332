import { graveCount, judge } from '@outfit/core';
import { useMemo } from 'react';
import { Link, NavLink, useLocation } from 'react-router';
import { guideAbout, guideTo } from '@/parts';
import { plural } from '@/ui';
import { chosenLookOf, useCompany, useOpen, useWorkspaceFor } from '@/workspace';
import { Palette } from './palette';
import { WorkspaceSwitch } from './workspaces';

const PLACES = [
  { to: '/wardrobe', name: 'Wardrobe' },
  { to: '/parcels', name: 'Parcels' },
  { to: '/catalogue', name: 'Catalogue' },
  { to: '/market', name: 'Market' },
];

/** The stages of the open figure as stitches on a thread, each with its one fact; the places that belong to all beside it. */
export function Thread() {
  return (
    <header className="border-rule bg-sheet flex min-h-13 print:hidden items-center gap-6 border-b px-4.5 max-sm:flex-wrap max-sm:gap-x-4 max-sm:gap-y-1 max-sm:py-1.5">
      <Link to="/" className="font-head text-[1.27rem] font-bold tracking-tight">
        Outfit
      </Link>
      <WorkspaceSwitch />
      <Stages />
      <nav aria-label="Places" className="ml-auto flex gap-4">
        {PLACES.map((place) => (
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
  const page = guideAbout(pathname);
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

function Stages() {
  const { figure } = useOpen();
  const { catalogue, supply } = useWorkspaceFor(figure?.id ?? null);
  const { search } = useLocation();
  const company = useCompany(figure);
  const named = new URLSearchParams(search).get('look');
  /** The look that is open; the one the line-up shows while none is. */
  const look = figure && (figure.looks.find((row) => row.id === named) ?? chosenLookOf(figure));
  const facts = useMemo(() => {
    if (!figure || !look) return null;
    const { marks, cost } = judge(look, figure.brief, catalogue, catalogue.systemOf(figure.brief), supply, company);
    return {
      brief: `${figure.brief.features.length} wanted`,
      fitting: graveCount(marks) === 0 ? 'no marks' : plural(graveCount(marks), 'mark'),
      errand: cost.toBuy === 0 ? 'nothing to buy' : `${cost.toBuy} to buy`,
    };
  }, [figure, look, catalogue, supply, company]);
  if (!figure || !facts) return null;
  const query = named === null ? '' : `?look=${encodeURIComponent(named)}`;
  const stages = [
    { name: 'Brief', to: `/figures/${figure.id}/brief${query}`, fact: facts.brief },
    { name: 'Fitting', to: `/figures/${figure.id}/fitting${query}`, fact: facts.fitting },
    { name: 'Errand', to: `/figures/${figure.id}/errand${query}`, fact: facts.errand },
  ];
  return (
    <nav aria-label="Stages" className="flex items-center max-sm:order-last max-sm:w-full max-sm:gap-6">
      {stages.map((stage, i) => (
        <div key={stage.name} className="flex items-center">
          {i > 0 && <span aria-hidden="true" className="border-pencil mx-3.5 w-11 border-t-2 border-dashed max-sm:hidden" />}
          <NavLink to={stage.to} className="block leading-tight">
            {({ isActive }) => (
              <>
                <span className={`block font-semibold ${isActive ? 'text-lagoon underline decoration-2 underline-offset-4' : ''}`}>
                  {stage.name}
                </span>
                <span className="text-pencil block text-[0.8rem]">{stage.fact}</span>
              </>
            )}
          </NavLink>
        </div>
      ))}
    </nav>
  );
}
