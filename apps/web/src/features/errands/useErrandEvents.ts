import { useEffect } from 'react';
import { type ErrandDto, type ErrandJobDto, webApi } from '@/api';
import { listenToJob, useAppDispatch } from '@/workspace';

/** Keeps the cached errand of a figure or line-up up to date while its job runs; what follows from the plan is read at the end. */
export function useErrandEvents(scope: string, errand: ErrandDto | undefined): void {
  const dispatch = useAppDispatch();
  const jobId = errand?.job.state === 'running' ? errand.job.id : null;
  useEffect(() => {
    if (jobId === null) return;
    return listenToJob<ErrandJobDto>(jobId, (job) => {
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
