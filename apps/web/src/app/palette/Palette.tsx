import { Search } from 'lucide-react';
import { Dialog } from 'radix-ui';
import { useEffect, useRef, useState } from 'react';
import { FindAnything } from './FindAnything';

/** Find anything and do anything. Ctrl K opens it. */
export function Palette() {
  const [open, setOpen] = useState(false);
  // Gone somewhere, the focus belongs to the page that was gone to; closed without, it goes back to where it was.
  const hasGone = useRef(false);
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.key.toLowerCase() !== 'k' || !(event.ctrlKey || event.metaKey)) return;
      event.preventDefault();
      setOpen((before) => !before);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  return (
    <Dialog.Root open={open} onOpenChange={setOpen}>
      <Dialog.Trigger className="border-rule text-pencil hover:border-pencil rounded-cut flex items-center gap-2 border px-2.5 py-1 text-[0.87rem]">
        <Search size={15} strokeWidth={1.75} /> Find anything <kbd className="font-mono text-[0.8rem]">Ctrl K</kbd>
      </Dialog.Trigger>
      <Dialog.Portal>
        <Dialog.Overlay className="bg-ink/30 fixed inset-0 z-40" />
        <Dialog.Content
          onCloseAutoFocus={(event) => {
            if (hasGone.current) event.preventDefault();
            hasGone.current = false;
          }}
          aria-describedby={undefined}
          className="border-pencil bg-sheet rounded-cut fixed top-[12vh] left-1/2 z-50 w-[min(36rem,94vw)] -translate-x-1/2 border"
        >
          <Dialog.Title className="sr-only">Find anything</Dialog.Title>
          {open && (
            <FindAnything
              onDone={() => {
                hasGone.current = true;
                setOpen(false);
              }}
            />
          )}
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
