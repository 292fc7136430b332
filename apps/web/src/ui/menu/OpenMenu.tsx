import { DropdownMenu } from 'radix-ui';
import type { MenuItem, MenuProps } from './menuItem';

const ITEM = 'data-highlighted:bg-lagoon-wash data-disabled:text-pencil block cursor-pointer px-4 py-1 outline-none';

/** A menu that is open when it comes, and from then on whenever its trigger is pressed. */
export function OpenMenu({ trigger, items, align = 'end' }: MenuProps) {
  return (
    <DropdownMenu.Root defaultOpen>
      <DropdownMenu.Trigger asChild>{trigger}</DropdownMenu.Trigger>
      <DropdownMenu.Portal>
        <DropdownMenu.Content
          sideOffset={6}
          align={align}
          className="border-pencil bg-sheet rounded-cut z-50 max-h-[70vh] max-w-72 overflow-auto border py-1"
        >
          {items.map((item) => (
            <Item key={'href' in item ? item.href : item.label} item={item} />
          ))}
        </DropdownMenu.Content>
      </DropdownMenu.Portal>
    </DropdownMenu.Root>
  );
}

function Item({ item }: { readonly item: MenuItem }) {
  return (
    <>
      {item.isUnderRule && <DropdownMenu.Separator className="bg-rule my-1 h-px" />}
      {'href' in item ? (
        <DropdownMenu.Item asChild className={ITEM}>
          <a
            href={item.href}
            download={item.download}
            aria-current={item.isCurrent ? 'true' : undefined}
            className={item.isCurrent ? 'font-semibold' : ''}
          >
            {item.label}
          </a>
        </DropdownMenu.Item>
      ) : (
        <DropdownMenu.Item disabled={item.disabled ?? false} className={ITEM} onSelect={item.act}>
          {item.label}
        </DropdownMenu.Item>
      )}
    </>
  );
}
