import { useEffect, useState } from 'react';

/** How large the stage is, as the window changes. */
export function useRoom(of: { readonly current: Element | null }): { readonly widthPx: number; readonly heightPx: number } {
  const [room, setRoom] = useState({ widthPx: 980, heightPx: 600 });
  useEffect(() => {
    if (!of.current) return;
    const watcher = new ResizeObserver(([entry]) => {
      if (entry) setRoom({ widthPx: Math.floor(entry.contentRect.width), heightPx: Math.floor(entry.contentRect.height) });
    });
    watcher.observe(of.current);
    return () => watcher.disconnect();
  }, [of]);
  return room;
}
