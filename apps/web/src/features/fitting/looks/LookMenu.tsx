import { MoreHorizontal } from 'lucide-react';
import { useState } from 'react';
import { type FigureDto, type LookDto, useBinLookMutation, useRenameLookMutation, useRestoreLookMutation } from '@/api';
import { attempt, Button, Input, Menu, Sheet, tell } from '@/ui';
import { EditionSheet } from './EditionSheet';
import { HistorySheet } from './HistorySheet';

interface LookMenuProps {
  readonly figure: FigureDto;
  readonly look: LookDto;
  readonly onOpen: (look: string) => void;
}

type Opened = 'name' | 'history' | 'edition' | null;

/** What else can be done with the open look: a name, its history, an edition in another skin, the bin. */
export function LookMenu({ figure, look, onOpen }: LookMenuProps) {
  const [opened, setOpened] = useState<Opened>(null);
  const [bin] = useBinLookMutation();
  const [restore] = useRestoreLookMutation();
  const throwAway = async (): Promise<void> => {
    if ((await attempt(bin({ id: look.id }).unwrap())) === null) return;
    onOpen(figure.chosenLook);
    tell(`“${look.name}” is in the bin.`, {
      action: { label: 'Take it out', onClick: () => void attempt(restore({ id: look.id }).unwrap()) },
    });
  };
  const items = [
    { label: 'Rename…', act: () => setOpened('name') },
    { label: 'History and snapshots…', act: () => setOpened('history') },
    { label: 'Edition in another skin…', act: () => setOpened('edition') },
    { label: 'Put in the bin', act: () => void throwAway(), disabled: figure.chosenLook === look.id },
  ];
  const close = (open: boolean): void => void (open || setOpened(null));
  return (
    <>
      <Menu
        trigger={
          <Button className="!px-2 !py-0.5" aria-label="More for this look">
            <MoreHorizontal size={15} strokeWidth={1.75} /> More
          </Button>
        }
        items={items}
      />
      <Sheet title="Rename this look" open={opened === 'name'} onOpenChange={close}>
        <Rename look={look} onDone={() => setOpened(null)} />
      </Sheet>
      <Sheet title={`History of “${look.name}”`} wide open={opened === 'history'} onOpenChange={close}>
        {opened === 'history' && <HistorySheet look={look} onDone={() => setOpened(null)} />}
      </Sheet>
      <Sheet title="Edition in another skin" open={opened === 'edition'} onOpenChange={close}>
        {opened === 'edition' && (
          <EditionSheet
            look={look}
            onDone={(id) => {
              setOpened(null);
              if (id !== null) onOpen(id);
            }}
          />
        )}
      </Sheet>
    </>
  );
}

function Rename({ look, onDone }: { readonly look: LookDto; readonly onDone: () => void }) {
  const [name, setName] = useState(look.name);
  const [rename] = useRenameLookMutation();
  const submit = async (): Promise<void> => {
    if (await attempt(rename({ id: look.id, namedDto: { name: name.trim() } }).unwrap())) onDone();
  };
  return (
    <form
      className="mt-3 flex gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        void submit();
      }}
    >
      <Input autoFocus aria-label="Name of the look" value={name} maxLength={60} onChange={(event) => setName(event.target.value)} />
      <Button type="submit" tone="act" disabled={name.trim() === ''}>
        Rename
      </Button>
    </form>
  );
}
