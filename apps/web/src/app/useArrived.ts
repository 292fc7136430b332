import { type ComponentType, useEffect, useState } from 'react';
import { type Location, useLocation } from 'react-router';
import { pageAt, type PageAt } from './pages';

const loaded = new Map<PageAt, ComponentType>();

/** What a page is drawn by, once its script has come. */
export const componentOf = (page: PageAt): ComponentType | undefined => loaded.get(page);

const loadPage = async (page: PageAt): Promise<void> => void loaded.set(page, await page.load());

/**
 * Loads the script of the page that the application is opened at. Fulfilled once it is there, or has failed, which is told when the page
 * asks for it again.
 */
export async function beginPage(path: string): Promise<void> {
  const page = pageAt(path);
  if (page) await loadPage(page).catch(() => undefined);
}

/**
 * The address whose page is shown: the one that was gone to as soon as its script is there, until then the one before. A page never
 * gives way to an empty one. Null until the first page has come; what fails to come is thrown, for the frame around to tell.
 */
export function useArrived(): Location | null {
  const location = useLocation();
  const page = pageAt(location.pathname);
  const isHere = !page || loaded.has(page);
  const [arrived, setArrived] = useState<Location | null>(isHere ? location : null);
  const [failed, setFailed] = useState<{ readonly at: Location; readonly error: unknown } | null>(null);
  if (isHere && arrived !== location) setArrived(location);
  useEffect(() => {
    // As it was when this was drawn: a script that came in between is told here.
    if (!page || isHere) return undefined;
    let hasLeft = false;
    loadPage(page).then(
      () => {
        if (!hasLeft) setArrived(location);
      },
      (error: unknown) => {
        if (!hasLeft) setFailed({ at: location, error });
      },
    );
    return () => {
      hasLeft = true;
    };
  }, [page, isHere, location]);
  if (failed?.at === location) throw failed.error;
  return isHere ? location : arrived;
}
