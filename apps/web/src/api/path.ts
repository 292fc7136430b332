const address = typeof location === 'undefined' ? '' : location.pathname;

/** Where the pages of the open workspace are: nothing for the one the server was started on, "/w/…" for one beside it. */
export const BASE = /^\/w\/[a-z0-9][a-z0-9-]*(?=\/|$)/.exec(address)?.[0] ?? '';

/** The address of something the open workspace's server answers. */
export const apiPath = (path: string): string => `${BASE}/api/${path}`;
