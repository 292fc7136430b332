import { Search } from 'lucide-react';
import { Dialog } from 'radix-ui';
import { lazy, Suspense, useEffect, useRef, useState } from 'react';
import { whenIdle } from '@/ui';
import { ASKS, FIELD } from './field';

const load = async () => ({ default: (await import('./FindAnything')).FindAnything });
const FindAnything = lazy(load);
/** It is loaded once a page stands, long before most open it. */
const LATEST_MS = 4000;

/** Find anything and do anything. Ctrl K opens it. */
export function Palette() {
  const [open, setOpen] = useState(false);
  const [text, setText] = useState('');
  // Gone somewhere, the focus belongs to the page that was gone to; closed without, it goes back to where it was.
  const hasGone = useRef(false);
  useEffect(() => whenIdle(() => void load(), LATEST_MS), []);
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.key.toLowerCase() !== 'k' || !(event.ctrlKey || event.metaKey)) return;
      event.preventDefault();
      setText('');
      setOpen((before) => !before);
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
  return (
    <Dialog.Root
      open={open}
      onOpenChange={(isOpen) => {
        setText('');
        setOpen(isOpen);
      }}
    >
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
          {/* Whoever types at once types into a field, which gives what it has to the one that follows. */}
          <Suspense
            fallback={
              <input autoFocus value={text} onChange={(event) => setText(event.target.value)} placeholder={ASKS} className={FIELD} />
            }
          >
            {open && (
              <FindAnything
                text={text}
                onText={setText}
                onDone={() => {
                  hasGone.current = true;
                  setOpen(false);
                }}
              />
            )}
          </Suspense>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
