import { againstEach, itemName, list, money, variantBehind } from '@outfit/core';
import type { ReactNode } from 'react';
import type { ErrandDto, PlanDto } from '@/api';
import { useWorkspace } from '@/workspace';
import { Why } from '@/parts';
import { plural } from '@/ui';
import { cannotBeHad } from './lacking';

/** `above` is null where the bound is of a plan that might fill more: the two cannot be compared in money. */
const STATUS: Record<PlanDto['status'], (above: string | null) => string> = {
  proven: () => 'Proven: nothing that fills as much is cheaper under these rules.',
  'within-gap': (above) => `At most ${above ?? ''} above the cheapest that fills as much.`,
  stopped: (above) =>
    above === null
      ? 'Stopped early: there may be a plan that fills more.'
      : `Stopped early: at most ${above} above the cheapest that fills as much.`,
  infeasible: () => 'No plan keeps all the rules.',
};

/** What is paid, how it compares, how sure it is, and what shapes it. */
export function Summary({ errand, plan }: { readonly errand: ErrandDto; readonly plan: PlanDto }) {
  const { currency } = errand;
  const sumOf = (key: 'goodsMinor' | 'postageMinor' | 'handlingMinor' | 'dutyMinor'): number =>
    plan.parcels.reduce((all, parcel) => all + parcel[key], 0);
  const format = (minor: number): string => money(minor, currency);
  const missing = plan.short.reduce((all, row) => all + row.quantity, 0);
  const against = againstEach(plan);
  const owned = plan.fills.filter((fill) => fill.from === 'owned').reduce((all, fill) => all + fill.quantity, 0);
  const bought = plan.fills.filter((fill) => fill.from === 'bought').reduce((all, fill) => all + fill.quantity, 0);
  const filler = errand.fillers.reduce((all, row) => all + row.quantity, 0);
  const stand = errand.standing?.complete ?? 0;
  const charges = [
    { label: 'Goods', value: sumOf('goodsMinor') },
    { label: 'Postage', value: sumOf('postageMinor') },
    { label: 'Handling', value: sumOf('handlingMinor') },
    { label: 'Duty', value: sumOf('dutyMinor') },
  ].filter((row) => row.value > 0 || row.label === 'Goods');
  return (
    <div className="border-ink mt-2 border-y py-2.5">
      <div className="flex flex-wrap items-end gap-x-7 gap-y-2">
        <Figure name="to pay">
          <Why title="What is paid" className="text-[2.1rem] leading-none" terms={charges} format={format} total={format(plan.paidMinor)}>
            <span data-testid="paid">{format(plan.paidMinor)}</span>
          </Why>
        </Figure>
        {stand > 1 && plan.paidMinor > 0 && <Figure name="a figure">{format(Math.round(plan.paidMinor / stand))}</Figure>}
        <Figure name={plan.parcels.length === 1 ? 'parcel' : 'parcels'}>
          <span data-testid="parcels">{plan.parcels.length}</span>
        </Figure>
        <Figure name="from what you own">
          <span data-testid="from-wardrobe">{owned}</span>
        </Figure>
        <Figure name="to buy">
          <span data-testid="bought">{bought}</span>
        </Figure>
        {filler > 0 && (
          <Figure name="bought to fill up">
            <span data-testid="filler">{filler}</span>
          </Figure>
        )}
        {against?.kind === 'saves' && (
          <Figure name="saved against each at its cheapest">
            <Why
              title="Against each part at its cheapest"
              terms={[
                { label: 'Every part from whoever asks least, with the postage that really costs', value: plan.paidMinor + against.minor },
                { label: 'This plan', value: -plan.paidMinor },
              ]}
              format={format}
              total={format(against.minor)}
            >
              <span data-testid="saved">{format(against.minor)}</span>
            </Why>
          </Figure>
        )}
        {against?.kind === 'fills more' && (
          <Figure name="more had than by buying each at its cheapest">{plural(against.parts, 'part')}</Figure>
        )}
      </div>
      {errand.job.state !== 'running' && (
        <p className="text-moss mt-1.5" data-testid="proof">
          {STATUS[plan.status](plan.gap < 1 ? `${(plan.gap * 100).toFixed(1)} % (${format(plan.costMinor - plan.boundMinor)})` : null)}
        </p>
      )}
      {errand.donated.length > 0 && <Donated errand={errand} />}
      {missing > 0 && <Lacking errand={errand} plan={plan} />}
      {errand.shapedBy.length > 0 && (
        <ul aria-label="What shapes the plan" className="text-pencil mt-1 list-disc pl-5 text-[0.93rem]">
          {errand.shapedBy.map((reason) => (
            <li key={reason}>{reason}</li>
          ))}
        </ul>
      )}
    </div>
  );
}

function Figure({ name, children }: { readonly name: string; readonly children: ReactNode }) {
  return (
    <div>
      <div className="font-mono text-[1.35rem] leading-tight">{children}</div>
      <div className="text-pencil text-[0.87rem]">{name}</div>
    </div>
  );
}

/** What whole figures lose: it is weighed with the money, and is none. */
function Donated({ errand }: { readonly errand: ErrandDto }) {
  const words = errand.donated.map(({ name, losesMinor }) => `${name} loses ${money(losesMinor, errand.currency)}`);
  return (
    <p data-testid="donated">
      Besides, {list(words)} by what comes off {errand.donated.length === 1 ? 'it' : 'them'}: the plan weighs it, and nobody pays it.
    </p>
  );
}

/** How many figures can stand, and what keeps most of the others from it; the reasons below name the rest. */
function Lacking({ errand, plan }: { readonly errand: ErrandDto; readonly plan: PlanDto }) {
  const { catalogue } = useWorkspace();
  const { standing } = errand;
  const missing = plan.short.reduce((all, row) => all + row.quantity, 0);
  const parts = new Set(plan.short.map((row) => variantBehind(row.need)));
  const nowhere = [...parts].reduce((all, variant) => all + cannotBeHad(plan, variant), 0);
  const [worst] = [...(standing?.lacking ?? [])].sort((a, b) => b.quantity - a.quantity);
  const said = [
    ...(nowhere > 0 ? [`${plural(nowhere, 'part')} cannot be had under these rules`] : []),
    ...(missing > nowhere
      ? [
          `${plural(missing - nowhere, 'part')} ${missing - nowhere === 1 ? 'is' : 'are'} left out to keep ${nowhere > 0 ? 'them' : 'the rules'}`,
        ]
      : []),
  ];
  return (
    <div className="text-madder" data-testid="standing">
      <p>
        {standing && `${standing.complete} of ${plural(standing.figures, 'figure')} can stand. `}
        {standing?.complete === 0 && plan.parcels.length > 0 && 'What is bought are parts for the first of them. '}
        {list(said)}
        {worst
          ? `, most of all ${itemName({ kind: 'variant', item: worst.variant }, catalogue)} (${worst.quantity} of ${worst.wanted}).`
          : '.'}
      </p>
    </div>
  );
}
