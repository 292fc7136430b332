import type { DemoDonor } from './deeds.js';
import { PLACES } from './pieces.js';

/** "figure ×number", with `keep` for what is not to be taken apart, and after a minus the parts that are not on it. */
export const donorsIn = (place: keyof typeof PLACES, entries: string): readonly DemoDonor[] =>
  entries.split(';').flatMap((entry): readonly DemoDonor[] => {
    const match = /^(\S+) ×(\d+)( keep)?(?: − (.*))?$/.exec(entry.trim());
    if (!match) throw new RangeError(`"${entry}" is not an entry of the donors`);
    const donor: DemoDonor = {
      officialFigure: match[1] ?? '',
      place: PLACES[place],
      keepWhole: match[3] !== undefined,
      missing: match[4]?.split(', ') ?? [],
    };
    return Array.from({ length: Number(match[2]) }, () => donor);
  });
