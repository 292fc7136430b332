import type { Term } from '@outfit/core';
import { Popover } from 'radix-ui';
import type { ReactNode } from 'react';

interface WhyProps {
  /** The number itself, as it is shown. */
  readonly children: ReactNode;
  /** What the number is, for the heading and for screen readers. */
  readonly title: string;
  readonly terms: readonly Term[];
  readonly total?: string;
  readonly format: (value: number) => string;
  readonly note?: string;
  readonly className?: string;
}

/** A number that can be asked *why*: it opens the short sum that made it. */
export function Why({ children, title, terms, total, format, note, className = '' }: WhyProps) {
  return (
    <Popover.Root>
      <Popover.Trigger
        aria-label={`${title}: why?`}
        className={`decoration-dot hover:decoration-lagoon rounded-cut font-mono underline decoration-dotted underline-offset-4 ${className}`}
      >
        {children}
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content
          sideOffset={6}
          collisionPadding={12}
          className="border-pencil bg-sheet rounded-cut z-50 w-80 border p-3 text-[0.87rem]"
        >
          <h3 className="mb-1.5 text-[1rem]">{title}</h3>
          <table className="w-full">
            <tbody>
              {terms.map((term, i) => (
                <tr key={i} className="border-rule border-t align-top">
                  <td className="py-1 pr-3">{term.label}</td>
                  <td className="py-1 text-right font-mono">{format(term.value)}</td>
                </tr>
              ))}
              {total !== undefined && (
                <tr className="border-ink border-t font-semibold">
                  <td className="py-1">Together</td>
                  <td className="py-1 text-right font-mono">{total}</td>
                </tr>
              )}
            </tbody>
          </table>
          {note !== undefined && <p className="text-pencil mt-2">{note}</p>}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
