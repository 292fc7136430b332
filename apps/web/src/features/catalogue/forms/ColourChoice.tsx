import { PINKED } from '@/parts';
import { Choice } from '@/ui';
import { useWorkspace } from '@/workspace';

interface ColourChoiceProps {
  readonly label: string;
  readonly value: string;
  readonly onChoose: (colour: string) => void;
}

/** A colour of the palette to choose, its swatch beside its name. */
export function ColourChoice({ label, value, onChoose }: ColourChoiceProps) {
  const { catalogue } = useWorkspace();
  const colour = catalogue.hasColour(value) ? catalogue.colour(value) : null;
  return (
    <span className="inline-flex items-center gap-1">
      <svg width={15} height={17} viewBox="-0.5 -0.5 21 24" aria-hidden="true">
        <path d={PINKED} fill={colour?.hex ?? '#fff'} className="stroke-ink" strokeOpacity="0.35" strokeWidth="0.8" />
      </svg>
      <Choice
        aria-label={label}
        className="!w-auto !py-0 text-[0.87rem]"
        value={value}
        options={catalogue.data.colours.map((row) => ({ value: row.id, label: row.name }))}
        onChoose={onChoose}
      />
    </span>
  );
}
