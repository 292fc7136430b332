import { ChevronDown } from 'lucide-react';
import { useState } from 'react';
import { useNavigate } from 'react-router';
import { apiPath, bringWorkspaceBack, useListWorkspacesQuery } from '@/api';
import { chooseFile, Menu, type MenuItem, sentenceOf, tell } from '@/ui';
import { WorkspaceNameSheet } from './WorkspaceNameSheet';

/** Which workspace is open, and the way to the others: made, named, carried away as a file, brought back from one. */
export function WorkspaceSwitch() {
  const { data: workspaces = [] } = useListWorkspacesQuery();
  const navigate = useNavigate();
  const [asked, ask] = useState<'new' | 'rename' | null>(null);
  const open = workspaces.find((row) => row.isOpen);
  const bringBack = async (chosen: File): Promise<void> => {
    tell('Bringing it back. This takes a while for a large workspace.');
    try {
      const { path } = await bringWorkspaceBack(chosen);
      window.location.assign(`${path}/`);
    } catch (error) {
      tell.error(sentenceOf(error));
    }
  };
  const items: readonly MenuItem[] = [
    // Another workspace is another application: its page is read anew.
    ...workspaces.map((row) => ({ label: row.name, href: `${row.path}/`, isCurrent: row.isOpen })),
    { label: 'New workspace…', act: () => ask('new'), isUnderRule: true },
    { label: 'Rename this one…', act: () => ask('rename') },
    { label: 'Settings', act: () => void navigate('/settings') },
    { label: 'Carry it away as a file', href: apiPath('workspaces/archive'), download: true },
    { label: 'Bring one back from a file…', act: () => chooseFile('.outfit', (chosen) => void bringBack(chosen)) },
  ];
  return (
    <>
      <Menu
        align="start"
        trigger={
          <button type="button" className="text-pencil hover:text-ink flex max-w-36 items-center gap-1 text-[0.87rem]">
            <span className="truncate">{open?.name ?? 'Workspace'}</span>
            <ChevronDown size={14} strokeWidth={1.75} className="shrink-0" />
          </button>
        }
        items={items}
      />
      {asked !== null && <WorkspaceNameSheet task={asked} name={asked === 'rename' ? (open?.name ?? '') : ''} onDone={() => ask(null)} />}
    </>
  );
}
