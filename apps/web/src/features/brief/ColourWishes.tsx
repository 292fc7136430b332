import { type Look, nearestWornTo, readDifference } from '@outfit/core';
import { X } from 'lucide-react';
import { ColourPicker, Swatch } from '@/parts';
import { useWorkspace } from '@/workspace';

interface ColourWishesProps {
  readonly colours: readonly string[];
  readonly look: Look;
  readonly onChange: (colours: string[]) => void;
}

/** The wanted main colours, each with how near the chosen look comes. */
export function ColourWishes({ colours, look, onChange }: ColourWishesProps) {
  const { catalogue } = useWorkspace();
  return (
    <fieldset>
      <legend className="text-pencil mb-1 text-[0.87rem]">Main colours</legend>
      <ul className="space-y-1">
        {colours.map((id) => {
          const colour = catalogue.colour(id);
          const near = nearestWornTo(colour, look, catalogue);
          return (
            <li key={id} className="flex items-center justify-between">
              <Swatch
                colour={colour}
                size="large"
                reading={
                  near ? `${readDifference(near.deltaE)}${near.deltaE < 2.3 ? '' : `, ${near.deltaE.toFixed(1)}`}` : 'nothing worn yet'
                }
              />
              <button
                type="button"
                aria-label={`Remove ${colour.name}`}
                className="text-pencil hover:text-ink"
                onClick={() => onChange(colours.filter((other) => other !== id))}
              >
                <X size={16} strokeWidth={1.75} />
              </button>
            </li>
          );
        })}
      </ul>
      {colours.length < 8 && (
        <ColourPicker
          label="Add a colour"
          className="mt-1.5"
          placeholder="Add a colour…"
          value={null}
          among={(colour) => !colours.includes(colour.id) && colour.kind !== 'skin'}
          onChoose={(id) => onChange([...colours, id])}
        />
      )}
    </fieldset>
  );
}
