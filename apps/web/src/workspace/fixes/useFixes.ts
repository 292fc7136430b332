import { type Fix, worth } from '@outfit/core/lineup';
import { type Remote, wrap } from 'comlink';
import { useEffect, useMemo, useState } from 'react';
import { packedOf } from '@/api';
import type { Judged } from '../judged/judgements';
import type { Workspace } from '../workspace';
import { useWorkspace } from '../WorkspaceContext';
import type { Fixer, FixQuestion } from './fixes.worker';

/** A figure with the one change that gains most for it. */
export interface FigureFix {
  readonly figure: Judged['figure'];
  readonly fix: Fix;
}

interface Room {
  readonly worker: Worker;
  readonly remote: Remote<Fixer>;
  catalogue: Workspace['catalogue'] | null;
  workspace: Workspace | null;
}
let room: Room | null = null;

/** What was found, for the very look, brief and supply: an edit of one figure has that one looked at again, and no other. */
interface Kept {
  readonly look: unknown;
  readonly brief: unknown;
  readonly workspace: Workspace;
  readonly fix: Fix;
}
const kept = new Map<string, Kept>();
const MOST_KEPT = 400;
const TELL_MS = 150;

const knownFix = ({ figure, look, workspace }: Judged): Fix | null => {
  const before = kept.get(figure.id);
  return before?.look === look && before.brief === figure.brief && before.workspace === workspace ? before.fix : null;
};

const order = (a: FigureFix, b: FigureFix): number => worth(b.fix) - worth(a.fix) || (a.figure.id < b.figure.id ? -1 : 1);

/**
 * The best change for every figure of a line-up, worked out in a worker figure by figure: each is shown as soon as it is known. Sorted by
 * gain for cost and effort.
 */
export function useFixes(judged: readonly Judged[]): {
  readonly fixes: readonly FigureFix[];
  readonly isDone: boolean;
  readonly failure: string | null;
} {
  const base = useWorkspace();
  const [round, setRound] = useState(0);
  const [failure, setFailure] = useState<string | null>(null);
  const asked = judged.filter(({ judgement }) => judgement !== null);
  const isJudged = asked.length === judged.length;
  // The worker reads the catalogue while the figures are being judged.
  useEffect(() => void openRoom(base).catch(() => undefined), [base]);
  useEffect(() => {
    if (!isJudged) return;
    let isWanted = true;
    const work = async (): Promise<void> => {
      const missing = judged.filter((row) => knownFix(row) === null);
      if (missing.length === 0) return;
      const own = await openRoom(base);
      let told = performance.now();
      for (const [i, row] of missing.entries()) {
        if (!isWanted) return;
        const fix = await own.remote.best(questionOf(row, base));
        if (kept.size >= MOST_KEPT) kept.clear();
        kept.set(row.figure.id, { look: row.look, brief: row.figure.brief, workspace: row.workspace, fix });
        // Each is shown soon after it is known; a list that is drawn anew for every one holds up the rest.
        const isTime = i === missing.length - 1 || performance.now() - told > TELL_MS;
        if (!isWanted || !isTime) continue;
        told = performance.now();
        setRound((before) => before + 1);
      }
      if (isWanted) setFailure(null);
    };
    work().catch((error: unknown) => {
      room?.worker.terminate();
      room = null;
      if (isWanted) setFailure(error instanceof Error ? error.message : String(error));
    });
    return () => {
      isWanted = false;
    };
  }, [judged, isJudged, base]);
  return useMemo(() => {
    const fixes = judged.flatMap((row): FigureFix[] => {
      const fix = knownFix(row);
      return fix ? [{ figure: row.figure, fix }] : [];
    });
    return { fixes: fixes.sort(order), isDone: fixes.length === judged.length, failure };
    // eslint-disable-next-line react-hooks/exhaustive-deps -- each round has found one more
  }, [judged, round, failure]);
}

async function openRoom(workspace: Workspace): Promise<Room> {
  const { catalogue, currency, owned, prices } = workspace;
  const stock = { currency, owned: owned.byRow(catalogue), onDonors: owned.donorsByRow(catalogue), landedMinor: prices.byRow(catalogue) };
  if (!room) {
    const worker = new Worker(new URL('./fixes.worker.ts', import.meta.url), { type: 'module' });
    room = { worker, remote: wrap<Fixer>(worker), catalogue: null, workspace: null };
  }
  const own = room;
  const { catalogue: known, workspace: stocked } = own;
  // Noted before it is answered: whoever asks meanwhile waits in the same line, and sends nothing twice.
  own.catalogue = catalogue;
  own.workspace = workspace;
  if (known !== catalogue) await own.remote.open(packedOf(catalogue), stock);
  else if (stocked !== workspace) await own.remote.restock(stock);
  return own;
}

/** What a figure can count on is told by what differs from the stock of its own parts and of what it might wear: the rest is all there is. */
function questionOf({ figure, look, workspace, faces }: Judged, base: Workspace): FixQuestion {
  const { parts, overrules, variation, verdict } = look;
  const differing = workspace === base ? [] : workspace.owned.differingFrom(base.owned);
  return { look: { parts, overrules, variation, verdict }, brief: figure.brief, faces, owned: differing };
}
