import { money } from '@outfit/core';
import type { PromisedAndActual } from '@outfit/core/lineup';
import { lazy, Suspense, useState } from 'react';
import { Link } from 'react-router';
import { Button } from '@/ui';
import { costWords, plannedForLineUp, useFixes, useStandingPlans, useWorkspace } from '@/workspace';
import type { WayProps } from '../wayProps';
import { pathTo } from '@/parts';
import { PanelPart } from './PanelPart';
import { type SheetName, SHEETS } from './sheetNames';
import { UniformBox } from './UniformBox';

const MOST_FIXES = 4;
const MOST_REMARKS = 7;
const PanelSheets = lazy(() => import('./PanelSheets'));

/** What a line-up says of itself as a whole, whichever way one looks. */
export function Panel({ lineUp, judged, told, selection, promised }: WayProps & { readonly promised: PromisedAndActual }) {
  const { currency } = useWorkspace();
  const [open, setOpen] = useState<SheetName | null>(null);
  const [isNeeded, setNeeded] = useState(false);
  const show = (name: SheetName | null): void => {
    setOpen(name);
    setNeeded(true);
  };
  const { fixes } = useFixes(judged);
  const best = fixes.filter(({ fix }) => fix.edits.length > 0).slice(0, MOST_FIXES);
  const { plan } = lineUp;
  const remarks = [
    ...told.variety.remarks,
    ...told.together.remarks,
    ...told.heights.remarks,
    ...told.seats.map(({ sentence, figure }) => ({ sentence, figures: [figure] })),
  ];
  const uneven = promised.roles.filter(({ lacking, over }) => lacking + over > 0);
  const planned = plannedForLineUp(useStandingPlans(lineUp.id), lineUp);
  const over =
    plan.budgetAllMinor === null
      ? null
      : (planned?.minor ?? judged.reduce((all, { judgement }) => all + (judgement?.cost.toPay.total ?? 0), 0)) - plan.budgetAllMinor;
  return (
    <aside
      aria-label="Together"
      className="border-rule bg-sheet flex w-[18.5rem] shrink-0 flex-col border-l max-lg:w-full max-lg:border-t max-lg:border-l-0"
    >
      <div className="flex min-h-0 flex-1 flex-col gap-4 overflow-auto px-4 py-3">
        <PanelPart title="Together">
          {uneven.map(({ name, is, lacking, least, most }) => (
            <p key={name}>
              {name}: {is}, {lacking > 0 ? `${least} wanted` : `at most ${most ?? 0}`}.
            </p>
          ))}
          {over !== null && over > 0 && <p className="text-madder">{money(over, currency)} over the budget for all.</p>}
          {remarks.slice(0, MOST_REMARKS).map(({ sentence, figures }) => (
            <p key={sentence}>
              {figures.length === 0 ? (
                sentence
              ) : (
                <button
                  type="button"
                  className="hover:text-lagoon text-left hover:underline"
                  title="Choose them"
                  onClick={() => selection.set(figures)}
                >
                  {sentence}
                </button>
              )}
            </p>
          ))}
          {remarks.length > MOST_REMARKS && (
            <Link to={pathTo(lineUp.id, 'variety')} className="text-lagoon underline">
              and {remarks.length - MOST_REMARKS} more
            </Link>
          )}
          {remarks.length + uneven.length === 0 && <p className="text-pencil">Nothing repeats, nobody stands out.</p>}
          <Palette colours={told.together.palette} />
        </PanelPart>
        {best.length > 0 && (
          <PanelPart title="Most for least" more={<Link to={pathTo(lineUp.id, 'fixes')}>all</Link>}>
            <ul>
              {best.map(({ figure, fix }) => (
                <li key={figure.id} className="border-rule flex items-baseline gap-2 border-b py-1">
                  <Link to={`/figures/${figure.id}/fitting`} className="hover:text-lagoon min-w-0 flex-1">
                    <span className="block truncate font-medium">{figure.brief.name}</span>
                    <span className="text-pencil block truncate text-[0.8rem]" title={fix.label}>
                      {fix.label}
                    </span>
                  </Link>
                  <span className="text-moss font-mono">{fix.likenessGain >= 0.5 ? `+${Math.round(fix.likenessGain)}` : ''}</span>
                  <span className="text-pencil w-20 text-right font-mono text-[0.8rem]">{costWords(fix, currency)}</span>
                </li>
              ))}
            </ul>
          </PanelPart>
        )}
        <UniformBox lineUp={lineUp} judged={judged} selection={selection} />
        {(plan.tokens.length > 0 || plan.builds.length > 0) && (
          <PanelPart title="In the packs" more={<Link to={pathTo(lineUp.id, 'order')}>see</Link>}>
            {plan.tokens.map(({ id, name, count, mostInOne }) => (
              <p key={id}>
                {name}: {count} over {Math.max(plan.promised ?? 0, lineUp.figures.length)} packs{mostInOne === 1 && ', never two in one'}.
              </p>
            ))}
            {plan.builds.map(({ id, name, packs }) => (
              <p key={id}>
                {name}: spread over {packs} packs.
              </p>
            ))}
          </PanelPart>
        )}
      </div>
      <div className="border-rule flex flex-wrap gap-1.5 border-t px-4 py-2">
        {(Object.keys(SHEETS) as SheetName[])
          .filter((name) => name !== 'copies' || lineUp.figures.some(({ brief, recipe }) => brief.copies > 1 || recipe !== ''))
          .map((name) => (
            <Button key={name} className="!px-2 !py-0.5 text-[0.93rem]" onClick={() => show(name)}>
              {SHEETS[name]}
            </Button>
          ))}
      </div>
      {isNeeded && (
        <Suspense fallback={null}>
          <PanelSheets lineUp={lineUp} told={told} selection={selection} open={open} onOpen={show} />
        </Suspense>
      )}
    </aside>
  );
}

/** The palette of all of them by what is in sight: each band as wide as its share. */
function Palette({ colours }: { readonly colours: WayProps['told']['together']['palette'] }) {
  if (colours.length === 0) return null;
  return (
    <div className="border-rule flex h-4 border" role="img" aria-label={`Palette: ${colours.map(({ colour }) => colour.name).join(', ')}`}>
      {colours.map(({ colour, share }) => (
        <span
          key={colour.id}
          title={`${colour.name}, ${Math.round(share * 100)} %`}
          style={{ flexGrow: share, backgroundColor: colour.hex }}
        />
      ))}
    </div>
  );
}
