import { rememberCatalogue, webApi } from '@/api';
import type { store as Store } from './store';
import { lineUpOf } from './WorkspaceContext';

/** Nobody holds on to what is asked for ahead: it is kept for as long as the cache keeps what nobody uses. */
const AHEAD = { subscribe: false } as const;

/**
 * Asks for what every page begins with, and for the line-up that an address is about, while the page's own script is still on its
 * way; components find the answers in the cache. What fails is asked for again by whoever needs it, and told there.
 */
export async function begin({ dispatch }: typeof Store, path: string): Promise<void> {
  const { readPackedCatalogue, readPrices, readStock, listNames, readLineUp } = webApi.endpoints;
  const names = dispatch(listNames.initiate(undefined, AHEAD));
  const packed = dispatch(readPackedCatalogue.initiate(undefined, AHEAD));
  void dispatch(readStock.initiate(undefined, AHEAD));
  void dispatch(readPrices.initiate(undefined, AHEAD));
  const [, kind, id = ''] = path.split('/').map(decodeURIComponent);
  const { data = [] } = await names;
  const lineUp = kind === 'figures' ? lineUpOf(data, id) : data.find((row) => kind === 'line-ups' && row.id === id)?.id;
  if (lineUp !== undefined) void dispatch(readLineUp.initiate({ id: lineUp }, AHEAD));
  const { data: catalogue } = await packed;
  if (catalogue) rememberCatalogue(catalogue);
}
