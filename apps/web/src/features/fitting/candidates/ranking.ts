import type { Brief, CandidateRanking, FaceElsewhere, Look, Spot } from '@outfit/core';
import { type Remote, wrap } from 'comlink';
import { BASE, packedOf } from '@/api';
import { LatestWork, type Workspace } from '@/workspace';
import type { Ranking } from './candidates.worker';

export interface Question {
  readonly look: Look;
  readonly brief: Brief;
  readonly spot: Spot;
  readonly faces: readonly FaceElsewhere[];
  readonly workspace: Workspace;
}

/** The worker that ranks, and what it has been told so far. */
interface Room {
  readonly worker: Worker;
  readonly remote: Remote<Ranking>;
  /** Fails when the worker dies; never fulfilled. */
  readonly died: Promise<never>;
  supply: Workspace['supply'] | null;
}

/** Opened with the page: it reads the catalogue while the page does. */
let room: Room | null = openRoom();

function openRoom(): Room {
  const worker = new Worker(new URL('./candidates.worker.ts', import.meta.url), {
    type: 'module',
    // It learns from its name which workspace it works for.
    name: BASE,
  });
  const died = new Promise<never>((_, reject) => {
    worker.onerror = (event) => reject(new Error(event.message || 'The worker that ranks has died.'));
  });
  died.catch(() => undefined);
  return { worker, remote: wrap<Ranking>(worker), died, supply: null };
}

/**
 * Ranks in the worker. What it knows already is not sent again, and nothing waits for an answer it can do without: the page
 * may be busy drawing meanwhile. Whatever goes wrong, the next question finds a new worker.
 */
async function rank({ look, brief, spot, faces, workspace }: Question): Promise<CandidateRanking> {
  const own = (room ??= openRoom());
  const within = <T>(work: Promise<T>): Promise<T> => Promise.race([work, own.died]);
  const { catalogue, supply } = workspace;
  const packed = packedOf(catalogue);
  const ask = (): Promise<CandidateRanking | null> => {
    const stocked = own.supply === supply ? null : own.remote.stock(rowSupply(workspace));
    own.supply = supply;
    return within(Promise.all([own.remote.rank(packed.version, look, brief, spot, faces), stocked]).then(([ranking]) => ranking));
  };
  try {
    const ranking = await ask();
    if (ranking) return ranking;
    // It has another state of the catalogue than the page.
    await within(own.remote.open(packed));
    own.supply = null;
    const again = await ask();
    if (!again) throw new Error('The worker that ranks did not take the catalogue.');
    return again;
  } catch (error) {
    own.worker.terminate();
    if (room === own) room = null;
    throw error;
  }
}

const rowSupply = ({ catalogue, currency, owned, prices }: Workspace): Parameters<Ranking['stock']>[0] => ({
  currency,
  owned: owned.byRow(catalogue),
  onDonors: owned.donorsByRow(catalogue),
  landedMinor: prices.byRow(catalogue),
});

const latest = new LatestWork(rank);

/** Ranks the candidates for a spot off the main thread. Only the newest question is answered; others end in Superseded. */
export const rankAsked = (question: Question, signal?: AbortSignal): Promise<CandidateRanking> => latest.do(question, signal);
