import { DropdownMenu } from 'radix-ui';
import type { ReactElement } from 'react';

interface MenuItem {
  readonly label: string;
  readonly act: () => void;
  readonly disabled?: boolean;
}

/** A short list of things to do, behind a button. */
export function Menu({ trigger, items }: { readonly trigger: ReactElement; readonly items: readonly MenuItem[] }) {
  return (
    <DropdownMenu.Root>
      <DropdownMenu.Trigger asChild>{trigger}</DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content sideOffset={6} align="end" className="border-pencil bg-sheet rounded-cut z-50 border py-1">
          {items.map(({ label, act, disabled = false }) => (
            <DropdownMenu.Item
              key={label}
              disabled={disabled}
              className="data-highlighted:bg-lagoon-wash data-disabled:text-pencil cursor-pointer px-4 py-1 outline-none"
              onSelect={act}
            >
              {label}
            </DropdownMenu.Item>
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}
