import { money } from '@outfit/core';
import { type ErrandJobDto, type ProgressDto, useStopJobMutation } from '@/api';
import { Button, plural } from '@/ui';

const PHASES: Record<ProgressDto['phase'], string> = {
  searching: 'Searching for a first plan',
  bounding: 'Working out what it cannot cost less than',
  proving: 'Proving how good it is',
  comparing: 'Comparing with fewer parcels and looser rules',
};

/** How far the planning has come: what the best so far pays, how much dearer it may be than the best there is, the seconds; and the way to stop. */
export function Progress({ job, currency }: { readonly job: ErrandJobDto; readonly currency: string }) {
  const [stop] = useStopJobMutation();
  const { progress } = job;
  const words = [
    progress ? PHASES[progress.phase] : job.ahead > 0 ? `Waiting for ${plural(job.ahead, 'other job')}` : 'Starting',
    ...(progress?.paidMinor != null ? [`best so far ${money(progress.paidMinor, currency)} to pay`] : []),
    ...(progress?.short ? [`${plural(progress.short, 'part')} lacking`] : []),
    ...(progress?.gap != null && progress.gap < 1 ? [`at most ${(progress.gap * 100).toFixed(1)} % too dear`] : []),
    ...(progress ? [`${progress.seconds.toFixed(0)} s`] : []),
  ];
  return (
    <div role="status" className="border-lagoon bg-lagoon-wash mt-2 flex items-center gap-4 border-l-[3px] px-3 py-2">
      <span>{words.join(', ')}</span>
      <Button onClick={() => void stop({ id: job.id })}>Stop and keep the best</Button>
    </div>
  );
}
