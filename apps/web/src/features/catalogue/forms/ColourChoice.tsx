import { ColourPicker } from '@/parts';

interface ColourChoiceProps {
  readonly label: string;
  readonly value: string;
  readonly onChoose: (colour: string) => void;
}

/** A colour of the palette to choose, no wider than a form has room for. */
export const ColourChoice = (props: ColourChoiceProps) => <ColourPicker {...props} className="!w-40 !py-0.5 text-[0.93rem]" />;
