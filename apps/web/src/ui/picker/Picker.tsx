import { ChevronsUpDown } from 'lucide-react';
import { Popover } from 'radix-ui';
import { type ReactNode, useState } from 'react';
import { PickList } from './PickList';

/** Something to choose: its value, its name, and what tells it from its likes. */
export interface Pick {
  readonly value: string;
  readonly text: string;
  readonly more?: string | undefined;
}

export interface PickerProps<P extends Pick> {
  readonly label: string;
  /** Null, or a value that is not among the options, while nothing is chosen. */
  readonly value: string | null;
  readonly options: readonly P[];
  readonly onChoose: (value: string, option: P) => void;
  /** What stands before a name, here and in the list. */
  readonly picture?: (option: P) => ReactNode;
  /** What is shown while nothing is chosen. */
  readonly placeholder?: string;
  /** What is chosen, where it need not be among the options. */
  readonly chosen?: Pick | null;
  /** The words typed, for whoever fills the options from elsewhere; they are filtered here otherwise. */
  readonly onWords?: (words: string) => void;
  readonly className?: string;
  readonly disabled?: boolean;
}

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
