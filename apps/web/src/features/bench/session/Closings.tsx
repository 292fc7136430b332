import { positionName } from '@outfit/core';
import { type BenchSessionDto, useDoWithPiecesMutation, useListClosingsQuery } from '@/api';
import { PartPicture } from '@/parts';
import { attempt, Button, tell } from '@/ui';
import { useWorkspace } from '@/workspace';

/** Holes that this session left in whole figures, and the free pieces that would close them: put on by one press, or left. */
export function Closings({ session }: { readonly session: BenchSessionDto }) {
  const { catalogue } = useWorkspace();
  const hasDonors = session.bodies.some(({ becomes }) => becomes === null);
  const { data: closings = [] } = useListClosingsQuery({ id: session.id }, { skip: !hasDonors });
  const [act, { isLoading }] = useDoWithPiecesMutation();
  if (closings.length === 0) return null;
  return (
    <section aria-label="What would close the holes">
      <h2 className="mb-1 text-[1rem]">What would close the holes</h2>
      <ul>
        {closings.map(({ donor, name, position, run, variant, where }) => (
          <li key={`${donor} ${position} ${run}`} className="border-rule flex items-start gap-2 border-b py-1.5 text-[0.93rem]">
            <PartPicture variant={catalogue.variant(variant)} position={position} catalogue={catalogue} size={46} tacked={false} />
            <span className="min-w-0 flex-1">
              {catalogue.nameOf(catalogue.variant(variant))}
              <span className="text-pencil block text-[0.87rem]" title={where}>
                {positionName(position).toLowerCase()} of {name}, from {where.split(' › ').at(-1)}
              </span>
            </span>
            <Button
              className="!px-2 !py-0.5"
              disabled={isLoading}
              aria-label={`Put ${catalogue.nameOf(catalogue.variant(variant))} on ${name}`}
              onClick={() =>
                void attempt(act({ deedDto: { deed: 'move', to: donor, pieces: [{ id: run, quantity: 1 }] } }).unwrap()).then(
                  (done) => done && tell.success(`${done.sentence}.`),
                )
              }
            >
              Put it on
            </Button>
          </li>
        ))}
      </ul>
    </section>
  );
}
