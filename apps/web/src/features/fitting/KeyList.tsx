import { positionName } from '@outfit/core';
import { Keyboard } from 'lucide-react';
import { Popover } from 'radix-ui';
import { Button } from '@/ui';
import { NUMBERED, useKeyListOpener } from './useFittingKeys';

const KEYS: readonly (readonly [keys: string, what: string])[] = [
  ...NUMBERED.map((position, i) => [String(i + 1), positionName(position).toLowerCase()] as const),
  ['↑ ↓, Enter', 'pass over candidates, put one on'],
  ['L', 'to the list of candidates'],
  ['A', 'in the list: a substitute'],
  ['R', 'apply the first remedy of the gravest mark'],
  ['T', 'turn the torso'],
  ['F', 'turn the face'],
  ['V', 'next view'],
  ['← →', 'turn the figure a quarter'],
  ['C', 'compare looks'],
  ['O', 'only owned parts'],
  ['B', 'back to the brief'],
  ['[ ]', 'the neighbouring figure'],
  ['Ctrl Z, Ctrl Shift Z', 'undo, redo'],
  ['Ctrl K', 'find anything, do anything'],
  ['?', 'this list'],
];

/** The keys of the fitting, a click or a question mark away. */
export function KeyList() {
  const [open, setOpen] = useKeyListOpener();
  return (
    <Popover.Root open={open} onOpenChange={setOpen}>
      <Popover.Trigger asChild>
        <Button tone="quiet" className="!px-1.5" aria-label="Keys">
          <Keyboard size={17} strokeWidth={1.75} />
        </Button>
      </Popover.Trigger>
      <Popover.Portal>
        <Popover.Content sideOffset={6} align="end" className="border-pencil bg-sheet rounded-cut z-50 w-80 border p-3 text-[0.93rem]">
          <table>
            <tbody>
              {KEYS.map(([keys, what]) => (
                <tr key={keys}>
                  <td className="py-0.5 pr-4 font-mono whitespace-nowrap">{keys}</td>
                  <td>{what}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
