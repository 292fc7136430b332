import type { NextFunction, Request, Response } from 'express';
import { AsyncLocalStorage } from 'node:async_hooks';

const tabs = new AsyncLocalStorage<string | null>();
const TAB = /^[0-9a-zA-Z-]{1,64}$/;

/** Remembers which tab a request comes from, as its header says, for as long as it is worked on. */
export function rememberTab(request: Request, _response: Response, next: NextFunction): void {
  const said = request.headers['x-outfit-tab'];
  tabs.run(typeof said === 'string' && TAB.test(said) ? said : null, next);
}

/** The tab whose request is being worked on; null when it did not say, or when nobody asked. */
export const currentTab = (): string | null => tabs.getStore() ?? null;
