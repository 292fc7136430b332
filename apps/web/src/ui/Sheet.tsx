import { Dialog } from 'radix-ui';
import type { ReactElement, ReactNode } from 'react';
import { Button } from './Button';

interface SheetProps {
  readonly title: string;
  readonly about?: string;
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  readonly trigger?: ReactElement;
  readonly wide?: boolean;
  readonly children: ReactNode;
}

/** A sheet over the page for one thing at a time. Escape and the close button put it away. */
export function Sheet({ title, about, open, onOpenChange, trigger, wide = false, children }: SheetProps) {
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      {trigger && <Dialog.Trigger asChild>{trigger}</Dialog.Trigger>}
      <Dialog.Portal>
        <Dialog.Overlay className="bg-ink/30 fixed inset-0 z-40" />
        <Dialog.Content
          {...(about === undefined ? { 'aria-describedby': undefined } : {})}
          className={`border-pencil bg-sheet rounded-cut fixed top-[8vh] left-1/2 z-50 flex max-h-[84vh] -translate-x-1/2 flex-col overflow-auto border p-5 ${wide ? 'w-[min(46rem,94vw)]' : 'w-[min(30rem,94vw)]'}`}
        >
          <Dialog.Title className="text-xl">{title}</Dialog.Title>
          {about !== undefined && <Dialog.Description className="text-pencil mt-1">{about}</Dialog.Description>}
          {children}
          <div className="mt-4 flex justify-end">
            <Dialog.Close asChild>
              <Button>Close</Button>
            </Dialog.Close>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}
