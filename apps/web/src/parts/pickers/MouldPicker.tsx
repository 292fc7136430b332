import type { Mould } from '@outfit/core';
import { useMemo } from 'react';
import { type Pick, Picker } from '@/ui';
import { useWorkspace } from '@/workspace';
import { SmallMould } from './pictured';

interface MouldPickerProps {
  readonly label: string;
  readonly value: string | null;
  readonly onChoose: (mould: string) => void;
  readonly among?: (mould: Mould) => boolean;
}

type MouldPick = Pick & { readonly mould: Mould };

/** A mould, chosen by how it looks, by its name, a nickname, its number or its family. */
export function MouldPicker({ among, ...rest }: MouldPickerProps) {
  const { catalogue } = useWorkspace();
  const options = useMemo(
    () =>
      catalogue.data.moulds
        .filter((mould) => among?.(mould) ?? true)
        .map((mould): MouldPick => ({
          value: mould.number,
          text: mould.name,
          more: [mould.number, mould.family, ...mould.nicknames].join(', '),
          mould,
        })),
    [catalogue, among],
  );
  return <Picker {...rest} options={options} picture={(option) => <SmallMould mould={option.mould} />} />;
}
