import { type BaseQueryApi, createApi, fetchBaseQuery, type FetchBaseQueryError, retry } from '@reduxjs/toolkit/query/react';
import { BASE } from './path';
import { TAB } from './tab';

/** A list is sent as one value after another under the same name; what is undefined is left out. */
function serialize(params: Readonly<Record<string, unknown>>): string {
  const pairs = Object.entries(params).flatMap(([key, value]) =>
    (Array.isArray(value) ? (value as unknown[]) : [value])
      .filter((one) => one !== undefined)
      .map((one): [string, string] => [key, String(one)]),
  );
  return new URLSearchParams(pairs).toString();
}

/**
 * Whoever writes says which tab it is, so that it is not told of its own deed. Whoever reads does not: such a request is the one
 * the page has preloaded, and is not sent twice.
 */
const ask = fetchBaseQuery({
  baseUrl: `${BASE}/`,
  paramsSerializer: serialize,
  prepareHeaders: (headers, { type }) => {
    if (type === 'mutation') headers.set('x-outfit-tab', TAB);
    headers.delete('accept');
  },
});

/** How often a deed whose answer was lost on the way is asked for again, and how long after. */
const MOST_TIMES_AGAIN = 2;
const AGAIN_AFTER_MS = 400;

/** Asks once more where nothing came back; what is refused is not asked again. */
const askAgain = retry(ask, {
  retryCondition: (error, _, { attempt }) =>
    (error as Partial<FetchBaseQueryError>).status === 'FETCH_ERROR' && attempt <= MOST_TIMES_AGAIN,
  backoff: (attempt) => new Promise((done) => setTimeout(done, AGAIN_AFTER_MS * attempt)),
});

/** A deed goes out under a key of its own: however often it is sent, it is done once. */
const askOnce: typeof ask = (args, store, extra) => {
  if (store.type === 'query') return ask(args, store, extra);
  const deed = typeof args === 'string' ? { url: args } : args;
  const key = { 'x-outfit-deed': crypto.randomUUID() };
  return askAgain({ ...deed, headers: { ...(deed.headers as Readonly<Record<string, string>> | undefined), ...key } }, store, extra ?? {});
};

/**
 * Asks, and freezes the answer at its top. The store then takes it as it is; otherwise it would go through every row of a catalogue
 * of 60,000 to freeze that too, which takes a second, and what the types say is read only is not written anyway.
 */
const askAndFreeze: typeof ask = async (args, store, extra) => {
  const answer = await askOnce(args, store, extra);
  if (store.type === 'query') await catalogueReadAgain(store);
  return answer.error === undefined ? { ...answer, data: Object.freeze(answer.data) } : answer;
};

/** What tells all parts there are. */
const CATALOGUE = 'readPackedCatalogue';

/**
 * Answers name parts by their numbers. While the catalogue is read again, none overtakes it: a page would meet parts that it does not know
 * yet. At the start nothing waits, as no page is drawn without a catalogue.
 */
async function catalogueReadAgain({ endpoint, dispatch, getState }: BaseQueryApi): Promise<void> {
  if (endpoint === CATALOGUE) return;
  const { queries } = (getState() as { readonly api: ReturnType<typeof api.reducer> }).api;
  if (queries[`${CATALOGUE}(undefined)`]?.data === undefined) return;
  await dispatch(api.util.getRunningQueryThunk(CATALOGUE as never, undefined as never));
}

/** The one API slice; `generated.ts` adds the endpoints, `index.ts` what the cache should do. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: askAndFreeze,
  endpoints: () => ({}),
});
