import { Download } from 'lucide-react';
import { useListSellersQuery, useStopJobMutation, type ErrandDto, type PlanDto, type ProgressDto } from '@/api';
import { Button } from '@/ui/Button';
import { longDay, money, plural } from '@/ui/format';
import { Why } from '@/ui/Why';
import { ParcelCard } from './ParcelCard';
import { PartTable } from './PartTable';

const STATUS: Record<PlanDto['status'], (gap: number) => string> = {
  proven: () => 'Proven: nothing cheaper exists under these rules.',
  'within-gap': (gap) => `At most ${(gap * 100).toFixed(1)} % above the cheapest there can be.`,
  stopped: (gap) => `Stopped early: at most ${(gap * 100).toFixed(1)} % above the cheapest there can be.`,
  infeasible: () => 'No plan keeps all the rules.',
};
const PHASES: Record<ProgressDto['phase'], string> = {
  searching: 'Searching for a first plan',
  bounding: 'Working out what it cannot cost less than',
  proving: 'Proving how good it is',
  comparing: 'Comparing with fewer parcels and looser rules',
};

/** The plan of an errand: progress while it runs, then total, comparison, parcels, and what each part comes from. */
export function PlanView({ errand, lookName }: { readonly errand: ErrandDto; readonly lookName: string }) {
  const { data: sellers = [] } = useListSellersQuery();
  const [stop] = useStopJobMutation();
  const { job, currency } = errand;
  const plan = job.result;
  const sellerName = (id: string): string => sellers.find((seller) => seller.id === id)?.name ?? id;
  return (
    <section aria-label="Plan" className="flex min-h-0 flex-col gap-4 overflow-auto p-5">
      <div className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
        <h2 className="text-xl">
          {lookName}, {plural(errand.copies, 'copy', 'copies')}
        </h2>
        <p className="text-pencil">planned on {longDay(errand.createdAt)}</p>
        {/* Only a finished plan is taken away, so that the list is the one on the screen. */}
        {plan && plan.status !== 'infeasible' && job.state !== 'running' && (
          <p className="ml-auto flex gap-4">
            <a
              download
              href={`/api/errands/${errand.id}/shopping-list.csv`}
              className="text-lagoon inline-flex items-center gap-1 underline"
            >
              <Download size={16} strokeWidth={1.75} /> Shopping list (CSV)
            </a>
            <a download href={`/api/errands/${errand.id}/plan.json`} className="text-lagoon inline-flex items-center gap-1 underline">
              <Download size={16} strokeWidth={1.75} /> Plan (JSON)
            </a>
          </p>
        )}
      </div>
      {job.state === 'running' && (
        <div role="status" className="border-lagoon bg-lagoon-wash flex items-center gap-4 border-l-[3px] px-3 py-2">
          <span>
            {job.progress ? PHASES[job.progress.phase] : 'Starting'}
            {job.progress && job.progress.bestMinor !== null && `: best so far ${money(job.progress.bestMinor, currency)}`}
            {job.progress && job.progress.gap !== null && `, at most ${(job.progress.gap * 100).toFixed(1)} % too dear`}
          </span>
          <Button onClick={() => void stop({ id: job.id })}>Stop and keep the best</Button>
        </div>
      )}
      {job.error !== null && (
        <p role="alert" className="text-madder">
          {job.error}
        </p>
      )}
      {plan && plan.status === 'infeasible' && (
        <div role="alert">
          <p className="text-madder font-semibold">{STATUS.infeasible(0)}</p>
          <ul className="mt-1 list-disc pl-5">
            {plan.reasons.map((reason) => (
              <li key={reason}>{reason}</li>
            ))}
          </ul>
          <p className="text-pencil mt-2">Loosen a rule on the left and plan again.</p>
        </div>
      )}
      {plan && plan.status !== 'infeasible' && (
        <>
          <Summary errand={errand} plan={plan} />
          <div className="grid grid-cols-[repeat(auto-fill,minmax(19rem,26rem))] items-start gap-4">
            {plan.parcels.map((parcel) => (
              <ParcelCard key={parcel.seller} parcel={parcel} errand={errand} sellerName={sellerName} />
            ))}
          </div>
          <PartTable errand={errand} plan={plan} sellerName={sellerName} />
        </>
      )}
    </section>
  );
}

function Summary({ errand, plan }: { readonly errand: ErrandDto; readonly plan: PlanDto }) {
  const { currency } = errand;
  const sumOf = (key: 'goodsMinor' | 'postageMinor' | 'handlingMinor'): number =>
    plan.parcels.reduce((all, parcel) => all + parcel[key], 0);
  const format = (minor: number): string => money(minor, currency);
  const missing = plan.short.reduce((all, row) => all + row.quantity, 0);
  // Both totals count what cannot be had the same way, so their difference is what planning saves.
  const saved = plan.compared.cheapestEachMinor === null ? null : plan.compared.cheapestEachMinor - plan.costMinor;
  const owned = plan.fills.filter((fill) => fill.from === 'owned').reduce((all, fill) => all + fill.quantity, 0);
  const bought = plan.fills.filter((fill) => fill.from === 'bought').reduce((all, fill) => all + fill.quantity, 0);
  return (
    <div className="border-ink border-y py-3">
      <div className="flex flex-wrap items-end gap-x-8 gap-y-2">
        <Figure name="to pay">
          <Why
            title="What is paid"
            className="text-[2.1rem] leading-none"
            terms={[
              { label: 'Goods', value: sumOf('goodsMinor') },
              { label: 'Postage', value: sumOf('postageMinor') },
              { label: 'Handling', value: sumOf('handlingMinor') },
            ]}
            format={format}
            total={format(plan.paidMinor)}
          >
            <span data-testid="paid">{format(plan.paidMinor)}</span>
          </Why>
        </Figure>
        {errand.copies > 1 && <Figure name="a figure">{format(Math.round(plan.paidMinor / errand.copies))}</Figure>}
        <Figure name={plan.parcels.length === 1 ? 'parcel' : 'parcels'}>{plan.parcels.length}</Figure>
        <Figure name="from your wardrobe">
          <span data-testid="from-wardrobe">{owned}</span>
        </Figure>
        <Figure name="to buy">
          <span data-testid="bought">{bought}</span>
        </Figure>
        {saved !== null && plan.compared.cheapestEachMinor !== null && (
          <Figure name="saved against each part at its cheapest">
            <Why
              title="Against each part at its cheapest"
              terms={[
                { label: 'Every part from whoever asks least, with the postage that really costs', value: plan.paidMinor + saved },
                { label: 'This plan', value: -plan.paidMinor },
              ]}
              format={format}
              total={format(saved)}
            >
              <span data-testid="saved">{format(saved)}</span>
            </Why>
          </Figure>
        )}
      </div>
      {errand.job.state !== 'running' && <p className="text-moss mt-2">{STATUS[plan.status](plan.gap)}</p>}
      {missing > 0 && <p className="text-madder">{plural(missing, 'part')} cannot be had under these rules.</p>}
      {plan.reasons.length > 0 && (
        <ul className="text-pencil mt-1 list-disc pl-5 text-[0.93rem]">
          {plan.reasons.map((reason) => (
            <li key={reason}>{reason}</li>
          ))}
        </ul>
      )}
    </div>
  );
}

function Figure({ name, children }: { readonly name: string; readonly children: React.ReactNode }) {
  return (
    <div>
      <div className="font-mono text-[1.35rem] leading-tight">{children}</div>
      <div className="text-pencil text-[0.87rem]">{name}</div>
    </div>
  );
}
