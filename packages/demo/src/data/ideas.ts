import type { IdeaKind, IdeaState } from '@outfit/core/ideas';

export interface DemoIdea {
  readonly kind: IdeaKind;
  readonly title: string;
  readonly words: string;
  readonly who: string;
  readonly heardAt: string;
  readonly parts: readonly string[];
  readonly votes: number;
  readonly state: IdeaState;
  readonly reason: string;
}

const idea = (
  kind: IdeaKind,
  title: string,
  words: string,
  from: readonly [who: string, heardAt: string],
  votes: number,
  more: Partial<DemoIdea> = {},
): DemoIdea => ({
  ...{ kind, title, words, who: from[0], heardAt: from[1], votes, parts: [], state: 'heard', reason: '' },
  ...more,
});

/** Nine ideas, with who had them and where. */
export const IDEAS: readonly DemoIdea[] = [
  idea(
    'figure',
    'The lantern maker',
    'Somebody has to glue the paper. Paste on the apron, spectacles pushed up.',
    ['Wilma Ketch', 'the regatta table'],
    6,
    {
      state: 'liked',
      parts: ['HD-101·umber·reader', 'HE-907·walnut+clear-amber'],
    },
  ),
  idea(
    'figure',
    'A keeper on her first day',
    'The coat is too long, the hat too large, and she would not have it otherwise.',
    ['Anders Poole', 'the club evening'],
    4,
    {
      parts: ['TO-401·bottle·keeper-coat', 'HT-220·bottle+weld'],
    },
  ),
  idea('swap', 'Give Hob his own spectacles', 'The square ones belong to the other sorter.', ['Wilma Ketch', 'a letter'], 2),
  idea('line-up', 'The boat yard', 'Five who build the boats that the crews only row.', ['Tobin Marl', 'the regatta table'], 7, {
    state: 'liked',
  }),
  idea('line-up', 'Night shift at the sorting office', 'All asleep but one.', ['', ''], 1),
  idea(
    'part wanted',
    'A paddle shorter than the oar',
    'For children, and for whoever sits in the bow.',
    ['Pernille Aske', 'the club evening'],
    5,
  ),
  idea('figure', 'The one who fires the starting gun', 'Deaf in one ear, proud of it.', ['Anders Poole', 'the regatta table'], 3),
  idea('swap', 'Lanterns in rose for the Kingfishers', 'So that one can tell them apart at night.', ['Tobin Marl', ''], 3, {
    state: 'made',
  }),
  idea('figure', 'A post goose', 'It delivers.', ['Ola, aged seven', 'the club evening'], 9, {
    state: 'declined',
    reason: 'There is no goose that stands on its own feet. Asked again when there is one.',
  }),
];

export interface DemoOwed {
  readonly who: string;
  readonly what: string;
  readonly agreed: string;
  /** Days from today; negative for one that is late. */
  readonly inDays: number | null;
  readonly figures: readonly string[];
}

/** Four figures owed to people, one of them late. */
export const OWED: readonly DemoOwed[] = [
  {
    who: 'Pernille Aske',
    what: 'Marta at the helm',
    agreed: 'For the loan of the lantern pole. No jacket with a tear.',
    inDays: -9,
    figures: ['marta-quill'],
  },
  {
    who: 'Tobin Marl',
    what: 'two rowers',
    agreed: 'Against six pairs of boots, which are here.',
    inDays: 24,
    figures: ['juno-sedge', 'corvin-pell'],
  },
  {
    who: 'The winter fair',
    what: 'the first carrier, for the poster',
    agreed: 'Photographed from the front; comes back.',
    inDays: 45,
    figures: ['perrin-oake'],
  },
  { who: 'Ola, aged seven', what: 'a bird of some kind', agreed: 'No day was said. It is remembered.', inDays: null, figures: [] },
];
