export interface DemoDonor {
  readonly officialFigure: string;
  readonly place: string;
  readonly note: string;
  readonly keepWhole: boolean;
}

/** Whole figures that are owned: place, then "figure ×number", with `keep` for what is not to be taken apart. */
const PLACES: Readonly<Record<string, string>> = {
  'Glass case': 'LR-07-a ×1 keep; LR-09-a ×1 keep; MP-05-a ×1 keep; LR-11-b ×1 keep',
  'Biscuit tin': 'LR-01-a ×6; LR-01-b ×5',
  'Post box': 'MP-02-a ×3; MP-05-b ×3',
  'Window sill': 'LR-07-b ×2; LR-11-a ×2; MP-08-a ×1',
};

export const DONORS: readonly DemoDonor[] = Object.entries(PLACES).flatMap(([place, entries]) =>
  entries.split(';').flatMap((entry): readonly DemoDonor[] => {
    const match = /^(\S+) ×(\d+)( keep)?$/.exec(entry.trim());
    if (!match) throw new RangeError(`"${entry}" is not an entry of the donors`);
    const donor = { officialFigure: match[1] ?? '', place, note: '', keepWhole: match[3] !== undefined };
    return Array.from({ length: Number(match[2]) }, () => donor);
  }),
);
