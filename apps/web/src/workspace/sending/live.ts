import { useEffect } from 'react';
import { refreshFigure, TAB, webApi, apiPath } from '@/api';
import { useAppDispatch } from '../store';

/** What the server tells every open tab once something has been changed. */
interface Told {
  readonly area: 'figures' | 'catalogue' | 'wardrobe' | 'market' | 'watches' | 'errands' | 'notices' | 'parcels' | 'bench';
  /** Null for more than one. */
  readonly item: string | null;
  /** The tab that did it; null when none said. */
  readonly by: string | null;
}

const EVERYTHING = [
  'catalogue',
  'figures',
  'wardrobe',
  'market',
  'notices',
  'references',
  'watches',
  'errands',
  'parcels',
  'bench',
  'history',
] as const;

/** Keeps this tab up to date with what others change: one figure is read again, other things by what they are. */
export function useLive(): void {
  const dispatch = useAppDispatch();
  useEffect(() => {
    const events = new EventSource(apiPath('live'));
    let wasOpen = false;
    events.addEventListener('hello', () => {
      // After a break nobody knows what was missed.
      if (wasOpen) dispatch(webApi.util.invalidateTags([...EVERYTHING]));
      wasOpen = true;
    });
    events.addEventListener('changed', (event: MessageEvent<string>) => {
      const { area, item, by } = JSON.parse(event.data) as Told;
      // What this tab did itself it has the answer of.
      if (by === TAB) return;
      if (area === 'figures' && item !== null) {
        void refreshFigure(dispatch, item);
        dispatch(webApi.util.invalidateTags(['references', 'history', 'promises']));
      } else if (area === 'catalogue') dispatch(webApi.util.invalidateTags(['catalogue', 'figures', 'wardrobe', 'market', 'history']));
      else dispatch(webApi.util.invalidateTags([area]));
    });
    return () => events.close();
  }, [dispatch]);
}
