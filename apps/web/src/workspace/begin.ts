import { rememberCatalogue, webApi } from '@/api';
import type { store as Store } from './store';
import { lineUpOf } from './WorkspaceContext';

/** Nobody holds on to what is asked for ahead: it is kept for as long as the cache keeps what nobody uses. */
const AHEAD = { subscribe: false } as const;

/**
 * Asks for what every page begins with, and for what an address is about, while the page's own script is still on its
 * way; components find the answers in the cache. What fails is asked for again by whoever needs it, and told there.
 */
export async function begin({ dispatch }: typeof Store, path: string): Promise<void> {
  const { readPackedCatalogue, readPrices, readStock, listNames, readLineUp, readPromises, readWanted } = webApi.endpoints;
  const names = dispatch(listNames.initiate(undefined, AHEAD));
  const packed = dispatch(readPackedCatalogue.initiate(undefined, AHEAD));
  void dispatch(readStock.initiate(undefined, AHEAD));
  void dispatch(readPrices.initiate(undefined, AHEAD));
  const [, kind, id = ''] = path.split('/').map(decodeURIComponent);
  // What is promised to others is not there for a figure: nothing is judged or ranked twice where it is known from the first.
  if (kind === 'figures' || kind === 'line-ups') void dispatch(readPromises.initiate(undefined, AHEAD));
  if (kind === 'line-ups' && id !== '') void dispatch(readLineUp.initiate({ id }, AHEAD));
  // The market is gone through for it: the longest any page waits for.
  if (kind === 'market' && id === '') void dispatch(readWanted.initiate(undefined, AHEAD));
  const { data = [] } = await names;
  const lineUp = kind === 'figures' ? lineUpOf(data, id) : undefined;
  if (lineUp !== undefined) void dispatch(readLineUp.initiate({ id: lineUp }, AHEAD));
  const { data: catalogue } = await packed;
  if (catalogue) rememberCatalogue(catalogue);
}
