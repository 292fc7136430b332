import type { Brief, CandidateRanking, Catalogue, FaceElsewhere, Look, Spot } from '@outfit/core';
import { type Remote, wrap } from 'comlink';
import { packedOf } from '@/api';
import { LatestWork, type Workspace } from '@/workspace';
import type { Ranking } from './candidates.worker';

interface Question {
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
  catalogue: Catalogue | null;
  supply: Workspace['supply'] | null;
}

/** Opened with the page: it reads the catalogue while the page does. */
let room: Room | null = openRoom();

function openRoom(): Room {
  const worker = new Worker(new URL('./candidates.worker.ts', import.meta.url), { type: 'module' });
  const died = new Promise<never>((_, reject) => {
    worker.onerror = (event) => reject(new Error(event.message || 'The worker that ranks has died.'));
  });
  died.catch(() => undefined);
  return { worker, remote: wrap<Ranking>(worker), died, catalogue: null, supply: null };
}

/** Ranks in the worker. What it knows already is not sent again; whatever goes wrong, the next question finds a new worker. */
async function rank({ look, brief, spot, faces, workspace }: Question): Promise<CandidateRanking> {
  const own = (room ??= openRoom());
  const within = <T>(work: Promise<T>): Promise<T> => Promise.race([work, own.died]);
  try {
    const { catalogue, supply } = workspace;
    if (own.catalogue !== catalogue) {
      const packed = packedOf(catalogue);
      if (!(await within(own.remote.has(packed.version)))) await within(own.remote.open(packed));
      Object.assign(own, { catalogue, supply: null });
    }
    if (own.supply !== supply) {
      await within(own.remote.stock(rowSupply(workspace)));
      own.supply = supply;
    }
    return await within(own.remote.rank(look, brief, spot, faces));
  } catch (error) {
    own.worker.terminate();
    if (room === own) room = null;
    throw error;
  }
}

function rowSupply({ catalogue, owned, prices }: Workspace): Parameters<Ranking['stock']>[0] {
  const column = new Uint32Array(catalogue.data.variants.length);
  for (const [variant, quantity] of owned) {
    const row = catalogue.rowOf(variant);
    if (row !== undefined) column[row] = quantity;
  }
  return { owned: column, landedMinor: prices.byRow(catalogue) };
}

const latest = new LatestWork(rank);

/** Ranks the candidates for a spot off the main thread. Only the newest question is answered; others end in Superseded. */
export const rankAsked = (question: Question, signal: AbortSignal): Promise<CandidateRanking> => latest.do(question, signal);
