import type { ReactNode } from 'react';

interface ChipsProps<T extends string | number | null> {
  readonly label: string;
  readonly chosen: T;
  readonly options: readonly (readonly [value: T, words: ReactNode])[];
  readonly onChoose: (value: T) => void;
}

/** One of a few, all in sight. */
export const Chips = <T extends string | number | null>({ label, chosen, options, onChoose }: ChipsProps<T>) => (
  <div role="radiogroup" aria-label={label} className="flex flex-wrap gap-1.5">
    {options.map(([value, words]) => (
      <button
        key={value}
        type="button"
        role="radio"
        aria-checked={value === chosen}
        className={`rounded-cut border px-2 py-0.5 text-[0.93rem] ${value === chosen ? 'border-lagoon text-lagoon font-semibold' : 'border-rule hover:border-pencil'}`}
        onClick={() => onChoose(value)}
      >
        {words}
      </button>
    ))}
  </div>
);
