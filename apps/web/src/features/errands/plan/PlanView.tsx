import { Download, ListChecks } from 'lucide-react';
import { lineUpOfSpares } from '@outfit/core/lineup';
import { Link } from 'react-router';
import { type AdjustmentsDto, type ErrandDto, type ErrandSettingsDto, useListSellersQuery, apiPath } from '@/api';
import { longDay, plural } from '@/ui';
import { CheaperVersion, CopiesPanel } from '../copies';
import { FigureCosts } from './FigureCosts';
import { Leftovers } from './Leftovers';
import { NoPlan } from './NoPlan';
import { ParcelCard } from './ParcelCard';
import { PlaceOrders } from './PlaceOrders';
import { ParcelsCurve } from './ParcelsCurve';
import { PartTable } from './PartTable';
import { Progress } from './Progress';
import { Adjusted } from './Adjusted';
import { Summary } from './Summary';

interface PlanViewProps {
  readonly errand: ErrandDto;
  /** The errand that is being planned anew while this one is still on the screen; null while nothing is. */
  readonly making: ErrandDto | null;
  /** An errand that was opened again, not the newest. */
  readonly earlier: boolean;
  /** Does the form ask for something else by now? */
  readonly isOutdated: boolean;
  readonly onReplan: (adjustments: AdjustmentsDto, settings?: ErrandSettingsDto) => void;
}

/** The plan of an errand: progress while it runs, then total, comparison, parcels, what each part comes from, and what follows. */
export function PlanView({ errand, making, earlier, isOutdated, onReplan }: PlanViewProps) {
  const { data: sellers = [] } = useListSellersQuery();
  const { job, adjustments } = errand;
  const plan = job.result;
  const sellerName = (id: string): string => sellers.find((seller) => seller.id === id)?.name ?? id;
  // Spares come along on a line-up's errand and are nobody.
  const copies = errand.lines.reduce((all, line) => all + (lineUpOfSpares(line.figure) === null ? line.copies : 0), 0);
  const isFinal = job.state !== 'running';
  return (
    <section aria-label="Plan" className="flex min-h-0 flex-col overflow-auto p-4">
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <h2 className="text-xl">
          {errand.name ?? errand.title}, {errand.lines.length === 1 ? plural(copies, 'copy', 'copies') : plural(copies, 'figure')}
        </h2>
        <p className="text-pencil">planned on {longDay(errand.createdAt)}</p>
        {/* Only a finished plan is taken away, so that the list is the one on the screen. */}
        {plan && plan.status !== 'infeasible' && isFinal && !making && (
          <div className="ml-auto flex flex-wrap items-center gap-x-4">
            <PlaceOrders errand={errand} />
            <Link to={`/errands/${errand.id}/list`} className="text-lagoon inline-flex items-center gap-1 underline">
              <ListChecks size={16} strokeWidth={1.75} /> To tick off
            </Link>
            <a
              download
              href={apiPath(`errands/${errand.id}/shopping-list.csv`)}
              className="text-lagoon inline-flex items-center gap-1 underline"
            >
              <Download size={16} strokeWidth={1.75} /> Shopping list (CSV)
            </a>
            <a download href={apiPath(`errands/${errand.id}/plan.json`)} className="text-lagoon inline-flex items-center gap-1 underline">
              <Download size={16} strokeWidth={1.75} /> Plan (JSON)
            </a>
          </div>
        )}
      </div>
      {making && (
        <p role="status" className="border-saffron bg-paper mt-2 border-l-[3px] px-3 py-2" data-testid="plan-before">
          This is the plan before. A new one is being made; what you adjust here goes into it.
        </p>
      )}
      {isOutdated && isFinal && (
        <p role="status" className="border-saffron bg-paper mt-2 border-l-[3px] px-3 py-2" data-testid="plan-outdated">
          Copies, looks or rules have been changed since this was planned. Plan the errand again for what it says now.
        </p>
      )}
      {earlier && (
        <p className="border-pencil bg-paper mt-2 border-l-[3px] px-3 py-2">
          An earlier errand. Adjusted or planned again, it becomes the newest.{' '}
          <Link to="?" className="text-lagoon underline">
            To the newest
          </Link>
        </p>
      )}
      {making && making.id !== errand.id && making.job.state === 'running' && <Progress job={making.job} currency={making.currency} />}
      {job.state === 'running' && <Progress job={job} currency={errand.currency} />}
      {job.error !== null && (
        <p role="alert" className="text-madder mt-2">
          {job.error}
        </p>
      )}
      <Adjusted errand={errand} sellerName={sellerName} onChange={onReplan} />
      {plan?.status === 'infeasible' && <NoPlan reasons={errand.shapedBy} />}
      {plan && plan.status !== 'infeasible' && (
        <>
          <Summary errand={errand} plan={plan} />
          <div
            className={`${making ? 'opacity-60' : ''} mt-3 grid grid-cols-[minmax(0,1fr)_20rem] items-start gap-5 max-lg:grid-cols-[minmax(0,1fr)]`}
          >
            <div className="min-w-0 space-y-4">
              <div className="columns-[17rem] gap-3">
                {plan.parcels.map((parcel) => (
                  <ParcelCard key={parcel.seller} parcel={parcel} errand={errand} sellerName={sellerName} onReplan={onReplan} />
                ))}
              </div>
              <PartTable errand={errand} plan={plan} sellerName={sellerName} />
            </div>
            {isFinal && !making && (
              <div className="space-y-5">
                <ParcelsCurve errand={errand} plan={plan} onChoose={(maxParcels) => onReplan(adjustments, { maxParcels })} />
                <FigureCosts errand={errand} />
                <CopiesPanel key={`copies-${errand.id}`} errand={errand} />
                <CheaperVersion key={`cheaper-${errand.id}`} errand={errand} />
                <Leftovers errand={errand} />
              </div>
            )}
          </div>
        </>
      )}
    </section>
  );
}
