import { ChevronsUpDown } from 'lucide-react';
import { Popover } from 'radix-ui';
import { useState } from 'react';
import { PickList } from './PickList';
import type { Pick, PickerProps } from './pick';

/**
 * A choice among many: a button that tells what is chosen and opens a search field over a list with pictures, of any length. Arrows,
 * Enter and Escape do what they do everywhere.
 */
export function Picker<P extends Pick>(props: PickerProps<P>) {
  const { label, value, options, picture, placeholder = 'Choose…', className = '', disabled = false } = props;
  const [isOpen, setOpen] = useState(false);
  const known = options.find((option) => option.value === value);
  const chosen = known ?? props.chosen;
  return (
    <Popover.Root open={isOpen} onOpenChange={setOpen}>
      <Popover.Trigger asChild>
        <button
          type="button"
          aria-haspopup="listbox"
          aria-label={`${label}: ${chosen?.text ?? 'nothing chosen'}`}
          disabled={disabled}
          className={`border-rule bg-sheet rounded-cut hover:border-pencil inline-flex w-full items-center gap-2 border px-2 py-1 text-left disabled:opacity-50 ${className}`}
        >
          {known && picture?.(known)}
          <span className={`min-w-0 flex-1 truncate ${chosen ? '' : 'text-pencil'}`}>{chosen?.text ?? placeholder}</span>
          <ChevronsUpDown size={14} strokeWidth={1.75} className="text-pencil shrink-0" />
        </button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          align="start"
          sideOffset={4}
          collisionPadding={8}
          className="border-pencil bg-sheet rounded-cut z-50 w-[max(var(--radix-popover-trigger-width),18rem)] border"
        >
          <PickList
            {...props}
            onChoose={(next, option) => {
              setOpen(false);
              props.onChoose(next, option);
            }}
          />
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
