import { Outlet, useLocation } from 'react-router';
import { Empty, Toasts } from '@/ui';
import { LossQuestion, useIsOpenRead, useLive, useWorkspaceState, WorkspaceContext } from '@/workspace';
import { Shelf } from './Shelf';
import { Thread } from './Thread';
import { useFocusOnArrival } from './useFocusOnArrival';

/** The frame of every screen: thread above, shelf below, the page between. */
export function Shell() {
  const { pathname } = useLocation();
  const loaded = useWorkspaceState();
  useLive();
  useFocusOnArrival();
  if (loaded.state === 'failed')
    return (
      <Empty title="Outfit cannot be reached">
        <p>Check that it is still running where you started it, then reload this page. Nothing you saved is lost.</p>
      </Empty>
    );
  if (loaded.state === 'loading') return <p className="text-pencil p-6">Opening the workroom…</p>;
  return (
    <WorkspaceContext.Provider value={loaded.workspace}>
      <div className="grid h-full print:block print:h-auto grid-cols-[minmax(0,1fr)] grid-rows-[auto_minmax(0,1fr)_auto]">
        <Thread />
        <main className="min-h-0 overflow-auto print:overflow-visible">
          <Page />
        </main>
        {/* At the bench a phone is read at arm's length: the step has all of it. */}
        <div className={/\/bench\/./.test(pathname) ? 'max-sm:hidden' : ''}>
          <Shelf />
        </div>
      </div>
      <Toasts />
      <LossQuestion />
    </WorkspaceContext.Provider>
  );
}

/** The page, once what it is about is there. */
const Page = () => (useIsOpenRead() ? <Outlet /> : null);
