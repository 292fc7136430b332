import { orderByFaction, rankingOf, shuffledOrder } from '@outfit/core/lineup';
import { DndContext } from '@dnd-kit/core';
import { useListChoicesQuery } from '@/api';
import { Button, useAddress } from '@/ui';
import type { WayProps } from '../wayProps';
import { newSeed } from '../sheets/PlanSheet';
import { useOrder, onDrop } from '../useOrder';
import { OrderRow } from './OrderRow';
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
  const { ids, put, move, onto, sensors } = useOrder(lineUp);
  const { data } = useListChoicesQuery({ id: lineUp.id });
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
        <DndContext sensors={sensors} onDragEnd={onDrop(onto)}>
          <ol>
            {judged.map((row, i) => (
              <OrderRow
                key={row.figure.id}
                judged={row}
                at={i}
                isLast={i === judged.length - 1}
                isChosen={selection.has(row.figure.id)}
                onMove={(by) => move(row.figure.id, by)}
              />
            ))}
          </ol>
        </DndContext>
      </section>
      <Packs lineUp={lineUp} />
    </div>
  );
}
