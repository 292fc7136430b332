/** The pages of the guide in the order they are read. Which pages of Outfit each is about is said where these are listed. */
export const GUIDE = [
  { id: 'begin', title: 'Beginning' },
  { id: 'workroom', title: 'Workroom' },
  { id: 'line-ups', title: 'Line-ups' },
  { id: 'ideas', title: 'Ideas and what is owed' },
  { id: 'parts', title: 'Parts of your own' },
  { id: 'brief', title: 'Brief' },
  { id: 'fitting', title: 'Fitting' },
  { id: 'wardrobe', title: 'Wardrobe' },
  { id: 'parcels', title: 'Parcels' },
  { id: 'bench', title: 'Bench' },
  { id: 'cautions', title: 'What to mind at the bench' },
  { id: 'market', title: 'Market' },
  { id: 'errand', title: 'Errand' },
  { id: 'files', title: 'Files' },
] as const;
export type GuideId = (typeof GUIDE)[number]['id'];

export const guideTo = (id: string): string => `/guide/${id}`;
