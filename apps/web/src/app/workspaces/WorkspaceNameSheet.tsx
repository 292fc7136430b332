import { useState } from 'react';
import { useCreateWorkspaceMutation, useRenameWorkspaceMutation } from '@/api';
import { Button, Input, Label, sentenceOf, Sheet, tell } from '@/ui';

interface WorkspaceNameSheetProps {
  readonly task: 'new' | 'rename';
  readonly name: string;
  readonly onDone: () => void;
}

/** Asks for the name of a workspace, of a new one or of the one that is open. */
export function WorkspaceNameSheet({ task, name: first, onDone }: WorkspaceNameSheetProps) {
  const [name, setName] = useState(first);
  const [create, creating] = useCreateWorkspaceMutation();
  const [rename, renaming] = useRenameWorkspaceMutation();
  const submit = async (): Promise<void> => {
    try {
      if (task === 'rename') {
        await rename({ workspaceNameDto: { name: name.trim() } }).unwrap();
        onDone();
      } else {
        const { path } = await create({ newWorkspaceDto: { name: name.trim(), begin: 'empty' } }).unwrap();
        window.location.assign(`${path}/`);
      }
    } catch (error) {
      tell.error(sentenceOf(error));
    }
  };
  return (
    <Sheet
      title={task === 'new' ? 'A new workspace' : 'Rename this workspace'}
      about={task === 'new' ? 'It has a catalogue, wardrobe, line-ups and market of its own; nothing of another is seen in it.' : ''}
      open
      onOpenChange={(isOpen) => !isOpen && onDone()}
    >
      <form
        className="mt-3 space-y-3"
        onSubmit={(event) => {
          event.preventDefault();
          void submit();
        }}
      >
        <Label text="Name of the workspace">
          <Input autoFocus value={name} maxLength={80} onChange={(event) => setName(event.target.value)} />
        </Label>
        <Button type="submit" tone="act" disabled={name.trim() === '' || name.trim() === first || creating.isLoading || renaming.isLoading}>
          {task === 'new' ? 'Make and open it' : 'Rename it'}
        </Button>
      </form>
    </Sheet>
  );
}
