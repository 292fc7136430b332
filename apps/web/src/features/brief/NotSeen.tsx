import { type Area, AREAS } from '@outfit/core';
import { AREA_WORDS } from './areaWords';

/** Areas that will not be seen, such as the legs of somebody shown from the waist up: wishes about them count nothing. */
export function NotSeen({ areas, onChange }: { readonly areas: readonly Area[]; readonly onChange: (areas: Area[]) => void }) {
  const toggle = (area: Area): void => onChange(areas.includes(area) ? areas.filter((other) => other !== area) : [...areas, area]);
  return (
    <fieldset className="border-rule mt-4 border-t pt-3">
      <legend className="sr-only">Not seen</legend>
      <p className="text-[0.93rem]">
        <b>Not seen</b> <span className="text-pencil">in the scene it is for: wishes about these areas count nothing.</span>
      </p>
      <div className="mt-1.5 flex flex-wrap gap-x-5 gap-y-1">
        {AREAS.filter((area) => area !== 'whole').map((area) => (
          <label key={area} className="inline-flex items-center gap-1.5">
            <input type="checkbox" className="accent-lagoon" checked={areas.includes(area)} onChange={() => toggle(area)} />
            {AREA_WORDS[area]}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
