import { useState } from 'react';
import { useLatestErrandQuery, useListDonorsQuery } from '@/api';
import { Button, Empty, plural, sentenceOf, useAddress } from '@/ui';
import { EarlierErrands } from './EarlierErrands';
import { PlanView } from './plan';
import { useErrandEvents } from './useErrandEvents';
import { useReplanning, asAsked } from './useReplanning';

const SCOPE = 'wardrobe';

/** An errand that makes whole figures whole again: copies of the same part are bought together over all of them. */
export function HolesErrandPage() {
  const { data: donors = [] } = useListDonorsQuery();
  const holed = donors.filter((donor) => donor.holes.length > 0);
  const [params] = useAddress();
  const named = params.get('figure');
  const [left, setLeft] = useState<ReadonlySet<string> | null>(null);
  const out = left ?? new Set(named === null ? [] : holed.flatMap((donor) => (donor.id === named ? [] : [donor.id])));
  const chosen = holed.filter((donor) => !out.has(donor.id));
  const { data: errands, isLoading } = useLatestErrandQuery({ scope: SCOPE });
  const [newest, before] = errands ?? [];
  useErrandEvents(SCOPE, newest);
  const { asked, isBusy, error, plan, replan } = useReplanning(SCOPE, newest);
  const old = newest && !newest.job.result && before ? before : undefined;
  const shown = old ?? newest;
  const toggle = (id: string): void => {
    const next = new Set(out);
    if (!next.delete(id)) next.add(id);
    setLeft(next);
  };
  return (
    <div className="grid h-full grid-cols-[18rem_minmax(0,1fr)] max-md:auto-rows-max max-md:grid-cols-[minmax(0,1fr)] max-md:overflow-auto">
      <form
        aria-label="Plan an errand"
        className="border-rule bg-sheet flex min-h-0 flex-col gap-3 overflow-auto border-r p-4"
        onSubmit={(event) => {
          event.preventDefault();
          plan({ scope: SCOPE, lines: chosen.map((donor) => ({ look: donor.id, copies: 1, group: null })), useDonors: false });
        }}
      >
        <h1 className="text-xl">Errand for whole figures</h1>
        <p className="text-pencil text-[0.93rem]">
          {plural(holed.length, 'figure')} with holes. Copies of one part are bought together, and what lies loose and serves nobody is used
          first.
        </p>
        <ul className="divide-rule divide-y">
          {holed.map((donor) => (
            <li key={donor.id}>
              <label className="flex items-baseline gap-2 py-1">
                <input type="checkbox" className="accent-lagoon" checked={!out.has(donor.id)} onChange={() => toggle(donor.id)} />
                <span className="min-w-0 flex-1">
                  {donor.name} <span className="text-pencil block text-[0.87rem]">{donor.place}</span>
                </span>
                <span className="text-pencil text-[0.87rem]">{plural(donor.holes.length, 'hole')}</span>
              </label>
            </li>
          ))}
        </ul>
        <Button type="submit" tone="act" disabled={chosen.length === 0 || isBusy} className="justify-center !py-2">
          Plan the errand
        </Button>
        {error !== undefined && (
          <p role="alert" className="text-madder">
            {sentenceOf(error)}
          </p>
        )}
        <EarlierErrands scope={SCOPE} open={newest?.id ?? null} />
      </form>
      {shown && newest ? (
        <PlanView
          errand={asAsked(shown, asked)}
          making={old || asked ? newest : null}
          earlier={false}
          isOutdated={false}
          onReplan={replan}
        />
      ) : (
        !isLoading && <Empty title="No errand yet">Choose the figures that are to be whole again, and plan what it takes.</Empty>
      )}
    </div>
  );
}
