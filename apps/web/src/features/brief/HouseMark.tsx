import { followingOf, houseFor, type HouseKey } from '@outfit/core/lineup';
import { type BriefDto, type FigureDto, useSetFreeMutation } from '@/api';
import { attempt } from '@/ui';
import { useLineUp } from '@/workspace';

interface HouseMarkProps {
  readonly figure: FigureDto;
  readonly brief: BriefDto;
  readonly rule: HouseKey;
}

/** Whether a field of a brief is as the line-up has it or its own; nothing where the line-up says nothing. */
export function HouseMark({ figure, brief, rule }: HouseMarkProps) {
  const lineUp = useLineUp(figure.lineUp);
  const [setFree] = useSetFreeMutation();
  if (!lineUp) return null;
  const following = followingOf(brief, rule, houseFor(lineUp.plan, figure), figure.free);
  if (following === 'nothing said') return null;
  const set = (isFree: boolean): void =>
    void attempt(setFree({ id: lineUp.id, freeDto: { figures: [figure.id], what: [rule], isFree } }).unwrap());
  return (
    <p className="text-pencil -mt-1 flex gap-2 text-[0.8rem]">
      {following === 'follows'
        ? `as ${lineUp.name} has it`
        : following === 'set free'
          ? `its own, set free of ${lineUp.name}`
          : `its own; ${lineUp.name} says otherwise`}
      <button type="button" className="text-lagoon underline" onClick={() => set(following === 'follows')}>
        {following === 'follows' ? 'set free' : 'follow'}
      </button>
    </p>
  );
}
