import { useEffect, useState } from 'react';
import { webApi, type ErrandDto, type JobDto } from '@/api';
import { useAppDispatch } from '@/app/store';

/** Listens to a job until it has ended. */
function listen(jobId: string, heard: (job: JobDto) => void): () => void {
  const events = new EventSource(`/api/jobs/${jobId}/events`);
  events.onmessage = (event: MessageEvent<string>) => {
    const job = JSON.parse(event.data) as JobDto;
    heard(job);
    if (job.state !== 'running') events.close();
  };
  return () => events.close();
}

/** Keeps the cached errand of a figure or line-up up to date while its job runs; what follows from the plan is read at the end. */
export function useJobEvents(scope: string, errand: ErrandDto | undefined): void {
  const dispatch = useAppDispatch();
  const jobId = errand?.job.state === 'running' ? errand.job.id : null;
  useEffect(() => {
    if (jobId === null) return;
    return listen(jobId, (job) => {
      dispatch(
        webApi.util.updateQueryData('latestErrand', { scope }, (errands) => {
          const known = errands.find((row) => row.job.id === job.id);
          if (known) known.job = job;
        }),
      );
      if (job.state !== 'running') dispatch(webApi.util.invalidateTags(['errands']));
    });
  }, [jobId, scope, dispatch]);
}

/** A job as it goes on; null before one is begun. */
export function useJob(begun: JobDto | null): JobDto | null {
  const [heard, setHeard] = useState<JobDto | null>(null);
  const jobId = begun?.id ?? null;
  useEffect(() => (jobId === null ? undefined : listen(jobId, setHeard)), [jobId]);
  return heard?.id === jobId ? heard : begun;
}
