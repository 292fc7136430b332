import type { OfficialFigure } from '@outfit/core';
import { useMemo } from 'react';
import { type Pick, Picker } from '@/ui';
import { useWorkspace } from '@/workspace';
import { FigurePicture } from '../FigurePicture';

interface OfficialPickerProps {
  readonly label: string;
  readonly value: string | null;
  readonly onChoose: (official: string) => void;
}

type OfficialPick = Pick & { readonly figure: OfficialFigure };

/** An official figure, chosen by how it looks, who it is, its name or number. */
export function OfficialPicker(props: OfficialPickerProps) {
  const { catalogue } = useWorkspace();
  const options = useMemo(
    () =>
      catalogue.data.officialFigures
        .map((figure): OfficialPick => ({
          value: figure.id,
          text: `${figure.person ? `${figure.person}, ` : ''}${figure.name}`,
          more: figure.id,
          figure,
        }))
        .sort((a, b) => a.text.localeCompare(b.text)),
    [catalogue],
  );
  return <Picker {...props} options={options} picture={(option) => <Small figure={option.figure} />} />;
}

const Small = ({ figure }: { readonly figure: OfficialFigure }) => {
  const { catalogue } = useWorkspace();
  const look = useMemo(() => ({ parts: figure.parts, overrules: [] }), [figure]);
  return (
    <span className="flex h-10 w-8 shrink-0 items-end justify-center overflow-hidden">
      <FigurePicture look={look} catalogue={catalogue} pxPerMm={0.95} label="" />
    </span>
  );
};
