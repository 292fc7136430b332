/** A page of the guide: where it lies, what it is called, and which addresses it is about. */
export interface GuidePage {
  readonly id: string;
  readonly title: string;
  readonly about: RegExp;
}

/** The pages in the order they are read. The first that is about an address is the one its `?` opens. */
export const GUIDE: readonly GuidePage[] = [
  { id: 'begin', title: 'Beginning', about: /^\/guide/ },
  { id: 'workroom', title: 'Workroom', about: /^\/($|bin)/ },
  { id: 'line-ups', title: 'Line-ups', about: /^\/line-ups\/[^/]+(\/(table|variety|order|fixes))?$/ },
  { id: 'ideas', title: 'Ideas and what is owed', about: /^\/ideas/ },
  { id: 'parts', title: 'Parts of your own', about: /^\/catalogue/ },
  { id: 'brief', title: 'Brief', about: /\/brief$/ },
  { id: 'fitting', title: 'Fitting', about: /\/(fitting|compare)$/ },
  { id: 'wardrobe', title: 'Wardrobe', about: /^\/wardrobe/ },
  { id: 'parcels', title: 'Parcels', about: /^\/parcels|\/parcels$/ },
  { id: 'bench', title: 'Bench', about: /^\/bench|\/bench/ },
  { id: 'cautions', title: 'What to mind at the bench', about: /$^/ },
  { id: 'market', title: 'Market', about: /^\/market/ },
  { id: 'errand', title: 'Errand', about: /errand/ },
  { id: 'files', title: 'Files', about: /$^/ },
];

export const guideTo = (id: string): string => `/guide/${id}`;

/** Which page of the guide is about an address. */
export const guideAbout = (path: string): GuidePage | undefined => GUIDE.find((page) => page.about.test(path)) ?? GUIDE[0];
