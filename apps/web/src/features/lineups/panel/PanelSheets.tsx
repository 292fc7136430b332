import { AboutSheet } from '../sheets/AboutSheet';
import { HouseSheet } from '../sheets/HouseSheet';
import { RolesSheet } from '../sheets/RolesSheet';
import { SeatsSheet } from '../sheets/SeatsSheet';
import { VariationsSheet } from '../sheets/VariationsSheet';
import type { WayProps } from '../wayProps';
import type { SheetName } from './sheetNames';

interface PanelSheetsProps extends Pick<WayProps, 'lineUp' | 'told' | 'selection'> {
  readonly open: SheetName | null;
  onOpen(name: SheetName | null): void;
}

/** What a line-up keeps, sheet by sheet: fetched when the first of them is opened. */
export default function PanelSheets({ lineUp, told, selection, open, onOpen }: PanelSheetsProps) {
  const props = (name: SheetName) => ({ lineUp, open: open === name, onOpenChange: (isOpen: boolean) => onOpen(isOpen ? name : null) });
  return (
    <>
      <AboutSheet {...props('about')} />
      <HouseSheet {...props('house')} selection={selection} />
      <RolesSheet {...props('roles')} />
      <SeatsSheet {...props('seats')} told={told} />
      <VariationsSheet {...props('copies')} />
    </>
  );
}
