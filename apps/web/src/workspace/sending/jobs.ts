import { apiPath } from '@/api';
import { useEffect, useRef, useState } from 'react';

/** What every job has, whatever its kind. */
interface AnyJob {
  readonly id: string;
  readonly state: string;
}

/** Listens to a job until it has ended; call what it returns to listen no longer. */
export function listenToJob<Job extends AnyJob>(id: string, heard: (job: Job) => void): () => void {
  const events = new EventSource(apiPath(`jobs/${id}/events`));
  events.onmessage = (event: MessageEvent<string>) => {
    const job = JSON.parse(event.data) as Job;
    heard(job);
    if (job.state !== 'running') events.close();
  };
  return () => events.close();
}

/** A job as it goes on; null before one is begun. `onEnd` hears of it once, when it has ended. */
export function useJob<Job extends AnyJob>(begun: Job | null, onEnd?: (job: Job) => void): Job | null {
  const [heard, setHeard] = useState<Job | null>(null);
  const ended = useRef(onEnd);
  useEffect(() => {
    ended.current = onEnd;
  }, [onEnd]);
  const running = begun?.state === 'running' ? begun.id : null;
  useEffect(
    () =>
      running === null
        ? undefined
        : listenToJob<Job>(running, (job) => {
            setHeard(job);
            if (job.state !== 'running') ended.current?.(job);
          }),
    [running],
  );
  return heard !== null && heard.id === begun?.id ? heard : begun;
}
