/** The ways to look at the wardrobe, each at an address of its own. */
export const WAYS = [
  { id: 'places', name: 'Places' },
  { id: 'parts', name: 'Parts' },
  { id: 'figures', name: 'Whole figures' },
  { id: 'sort-out', name: 'To sort out' },
] as const;
type Way = (typeof WAYS)[number]['id'];

/** The way an address names; the places when it names none. */
export const readWay = (text: string | null): Way => WAYS.find(({ id }) => id === text)?.id ?? 'places';
