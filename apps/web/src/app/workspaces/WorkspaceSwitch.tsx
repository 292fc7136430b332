import { ChevronDown } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import { apiPath, bringWorkspaceBack, useListWorkspacesQuery } from '@/api';
import { chooseFile, sentenceOf, tell } from '@/ui';
import { WorkspaceNameSheet } from './WorkspaceNameSheet';

const ITEM = 'data-highlighted:bg-lagoon-wash block cursor-pointer px-4 py-1 outline-none';

/** Which workspace is open, and the way to the others: made, named, carried away as a file, brought back from one. */
export function WorkspaceSwitch() {
  const { data: workspaces = [] } = useListWorkspacesQuery();
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
  return (
    <>
      <DropdownMenu.Root>
        <DropdownMenu.Trigger className="text-pencil hover:text-ink flex max-w-36 items-center gap-1 text-[0.87rem]">
          <span className="truncate">{open?.name ?? 'Workspace'}</span>
          <ChevronDown size={14} strokeWidth={1.75} className="shrink-0" />
        </DropdownMenu.Trigger>
        <DropdownMenu.Portal>
          <DropdownMenu.Content
            sideOffset={6}
            align="start"
            className="border-pencil bg-sheet rounded-cut z-50 max-h-[70vh] w-60 overflow-auto border py-1"
          >
            {workspaces.map((row) => (
              <DropdownMenu.Item key={row.path} asChild className={ITEM}>
                {/* Another workspace is another application: its page is read anew. */}
                <a href={`${row.path}/`} aria-current={row.isOpen ? 'true' : undefined} className={row.isOpen ? 'font-semibold' : ''}>
                  {row.name}
                </a>
              </DropdownMenu.Item>
            ))}
            <DropdownMenu.Separator className="bg-rule my-1 h-px" />
            <DropdownMenu.Item className={ITEM} onSelect={() => ask('new')}>
              New workspace…
            </DropdownMenu.Item>
            <DropdownMenu.Item className={ITEM} onSelect={() => ask('rename')}>
              Rename this one…
            </DropdownMenu.Item>
            <DropdownMenu.Item asChild className={ITEM}>
              <a href={apiPath('workspaces/archive')} download>
                Carry it away as a file
              </a>
            </DropdownMenu.Item>
            <DropdownMenu.Item className={ITEM} onSelect={() => chooseFile('.outfit', (chosen) => void bringBack(chosen))}>
              Bring one back from a file…
            </DropdownMenu.Item>
          </DropdownMenu.Content>
        </DropdownMenu.Portal>
      </DropdownMenu.Root>
      {asked !== null && <WorkspaceNameSheet task={asked} name={asked === 'rename' ? (open?.name ?? '') : ''} onDone={() => ask(null)} />}
    </>
  );
}
