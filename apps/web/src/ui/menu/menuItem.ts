/** Something to do from a menu: here, or at an address. */
export type MenuItem = { readonly label: string; readonly isUnderRule?: boolean } & (
  | { readonly act: () => void; readonly disabled?: boolean }
  | { readonly href: string; readonly download?: boolean; readonly isCurrent?: boolean }
);

export interface MenuProps {
  readonly trigger: React.ReactElement<React.HTMLAttributes<HTMLElement>>;
  readonly items: readonly MenuItem[];
  readonly align?: 'start' | 'end';
}
