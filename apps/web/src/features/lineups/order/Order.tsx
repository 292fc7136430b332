import { orderByFaction, rankingOf, shuffledOrder } from '@outfit/core/lineup';
import { ArrowDown, ArrowUp } from 'lucide-react';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { useListChoicesQuery, useOrderLineUpMutation } from '@/api';
import { FigurePicture } from '@/parts';
import { attempt, Button, useAddress } from '@/ui';
import { useWorkspace } from '@/workspace';
import type { WayProps } from '../LineUpPage';
import { newSeed } from '../sheets/PlanSheet';
import { Packs } from './Packs';
import { Ranking } from './Ranking';

/** The opening order, what lies in the packs, and the ranking by pairs. */
export default function Order(props: WayProps) {
  const [params, change] = useAddress();
  const isRanking = params.get('show') === 'ranking';
  return (
    <div className="flex min-h-0 flex-1 flex-col">
      <div className="border-rule flex gap-4 border-b px-5 py-1.5">
        {(
          [
            ['packs', 'Order and packs'],
            ['ranking', 'Ranking by pairs'],
          ] as const
        ).map(([value, name]) => (
          <button
            key={value}
            type="button"
            aria-pressed={isRanking === (value === 'ranking')}
            className={`py-0.5 ${isRanking === (value === 'ranking') ? 'text-lagoon font-semibold underline decoration-2 underline-offset-8' : ''}`}
            onClick={() => change((next) => (value === 'ranking' ? next.set('show', 'ranking') : next.delete('show')))}
          >
            {name}
          </button>
        ))}
      </div>
      {isRanking ? <Ranking {...props} /> : <OpeningOrder {...props} />}
    </div>
  );
}

function OpeningOrder({ lineUp, judged, selection }: WayProps) {
  const { catalogue } = useWorkspace();
  const [order, { isLoading }] = useOrderLineUpMutation();
  const { data } = useListChoicesQuery({ id: lineUp.id });
  const ids = useMemo(() => lineUp.figures.map(({ id }) => id), [lineUp]);
  const put = (figures: readonly string[]): void => {
    if (figures.join() === ids.join() || isLoading) return;
    void attempt(order({ id: lineUp.id, version: lineUp.version, orderDto: { figures: [...figures] } }).unwrap());
  };
  const step = (at: number, by: -1 | 1): void => {
    const next = [...ids];
    [next[at], next[at + by]] = [next[at + by] ?? '', next[at] ?? ''];
    put(next);
  };
  const choices = data?.choices ?? [];
  return (
    <div className="flex min-h-0 flex-1 max-md:flex-col max-md:overflow-auto">
      <section aria-label="Opening order" className="border-rule min-w-72 border-r p-4 max-md:border-r-0 md:w-80 md:overflow-auto">
        <div className="mb-2 flex flex-wrap gap-1.5">
          {lineUp.plan.factions.length > 0 && (
            <Button onClick={() => put(orderByFaction(lineUp.figures, lineUp.plan.factions))}>By faction</Button>
          )}
          {choices.length > 0 && <Button onClick={() => put(rankingOf(ids, choices).ranked.map(({ id }) => id))}>By ranking</Button>}
          <Button onClick={() => put(shuffledOrder(ids, newSeed()))}>Shuffle</Button>
        </div>
        <ol>
          {judged.map(({ figure, look }, i) => (
            <li
              key={figure.id}
              className={`border-rule flex items-center gap-2 border-b py-0.5 ${selection.has(figure.id) ? 'bg-lagoon-wash' : ''}`}
            >
              <span className="text-pencil w-6 text-right font-mono text-[0.87rem]">{i + 1}</span>
              <span className="flex h-12 w-10 items-end justify-center overflow-hidden">
                {look.parts.length > 0 && <FigurePicture look={look} catalogue={catalogue} pxPerMm={1} label="" />}
              </span>
              <Link to={`/figures/${figure.id}/brief`} className="hover:text-lagoon min-w-0 flex-1 truncate">
                {figure.brief.name}
              </Link>
              <button
                type="button"
                aria-label={`Move ${figure.brief.name} forward`}
                disabled={i === 0}
                className="text-pencil hover:text-ink p-1 disabled:opacity-30"
                onClick={() => step(i, -1)}
              >
                <ArrowUp size={15} strokeWidth={1.75} />
              </button>
              <button
                type="button"
                aria-label={`Move ${figure.brief.name} back`}
                disabled={i === judged.length - 1}
                className="text-pencil hover:text-ink p-1 disabled:opacity-30"
                onClick={() => step(i, 1)}
              >
                <ArrowDown size={15} strokeWidth={1.75} />
              </button>
            </li>
          ))}
        </ol>
      </section>
      <Packs lineUp={lineUp} />
    </div>
  );
}
