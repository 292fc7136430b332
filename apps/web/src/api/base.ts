import { createApi, fetchBaseQuery } from '@reduxjs/toolkit/query/react';

/** The one API slice; `generated.ts` adds the endpoints, `index.ts` what the cache should do. */
export const api = createApi({
  reducerPath: 'api',
  baseQuery: fetchBaseQuery({ baseUrl: '/' }),
  endpoints: () => ({}),
});
