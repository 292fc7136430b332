import { useEffect } from 'react';
import { webApi, type ErrandDto, type JobDto } from '@/api';
import { useAppDispatch } from '@/app/store';

/** Keeps the cached errand of a figure up to date while its job runs, from the server's events. */
export function useJobEvents(figureId: string, errand: ErrandDto | undefined): void {
  const dispatch = useAppDispatch();
  const jobId = errand?.job.state === 'running' ? errand.job.id : null;
  useEffect(() => {
    if (jobId === null) return;
    const events = new EventSource(`/api/jobs/${jobId}/events`);
    events.onmessage = (event: MessageEvent<string>) => {
      const job = JSON.parse(event.data) as JobDto;
      dispatch(
        webApi.util.updateQueryData('latestErrand', { figure: figureId }, (errands) => {
          const known = errands.find((row) => row.job.id === job.id);
          if (known) known.job = job;
        }),
      );
      if (job.state !== 'running') events.close();
    };
    return () => events.close();
  }, [jobId, figureId, dispatch]);
}
