import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';

/** A list is sent as one value after another under the same name; what is undefined is left out. */
function serialize(params: Readonly<Record<string, unknown>>): string {
  const pairs = Object.entries(params).flatMap(([key, value]) =>
    (Array.isArray(value) ? (value as unknown[]) : [value])
      .filter((one) => one !== undefined)
      .map((one): [string, string] => [key, String(one)]),
  );
  return new URLSearchParams(pairs).toString();
}

/** The one API slice; `generated.ts` adds the endpoints, `index.ts` what the cache should do. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: fetchBaseQuery({ baseUrl: '/', paramsSerializer: serialize }),
  endpoints: () => ({}),
});
