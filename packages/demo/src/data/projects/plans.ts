import type { Position } from '@outfit/core';
import { EMPTY_PLAN, type LineUpPlan, NO_HOUSE_RULES, type UniformPart } from '@outfit/core/lineup';

const plan = (given: Partial<LineUpPlan>): LineUpPlan => ({ ...EMPTY_PLAN, ...given });
const crewRoles = (steer: string, more: LineUpPlan['roles'] = []): LineUpPlan['roles'] => [
  { name: steer, least: 1, most: 1 },
  { name: 'Bow lantern', least: 1, most: 1 },
  { name: 'Drum', least: 1, most: 1 },
  { name: 'Oar', least: 2, most: 2 },
  ...more,
];
const wears = (kind: UniformPart['scope']['kind'], of: string, position: Position, variant: string): UniformPart => ({
  scope: { kind, of },
  part: { position, variant, turned: false },
});
const boat = (id: string, name: string, crew: readonly (readonly [place: string, figure: string])[]): LineUpPlan['seatings'][number] => ({
  ...{ id, name, kind: 'seat' as const },
  places: crew.map(([place, figure]) => ({ name: place, figure })),
});
const oars = (of: string): LineUpPlan['spares'][number] => ({ variant: of, count: 1, each: true, scope: { kind: 'role', of: 'Oar' } });

/** What the line-ups of the demo keep: roles and rivals, a series with three groups and its stamps, an army with its variations. */
export const PLANS: Readonly<Record<string, LineUpPlan>> = {
  'heron-crew': plan({
    ...{ kind: 'crew', promised: 6, dueOn: '2027-06-20' },
    notes: 'All of them stand by the day of the race. The jackets come from one box only: whoever has one to spare is asked first.',
    house: { ...NO_HOUSE_RULES, skinSchool: 'natural', mainColours: 3 },
    packColour: 'sky-wash',
    roles: crewRoles('Steer', [{ name: 'Rival steer', least: 0, most: 1 }]),
    uniform: [wears('role', 'Oar', 'torso', 'TO-401·woad·heron-jersey')],
    seatings: [
      boat('heron-boat', 'The Heron boat', [
        ['Bow', 'ibbe-lantry'],
        ['Drum seat', 'toss-hallam'],
        ['Port oar', 'juno-sedge'],
        ['Starboard oar', 'corvin-pell'],
        ['Stern', 'marta-quill'],
      ]),
    ],
    props: [
      { id: 'bow-lantern', name: 'The bow lantern', variant: 'HE-901·walnut+clear-amber', carriedBy: 'ibbe-lantry' },
      { id: 'finish-flag', name: 'The finish flag', variant: '', carriedBy: 'toss-hallam' },
    ],
    spares: [oars('HE-904·teak+madder')],
    relations: [{ kind: 'rival of', from: 'bram-otterby', to: 'marta-quill' }],
  }),
  'otter-crew': plan({
    ...{ kind: 'crew', promised: 5 },
    roles: crewRoles('Steer'),
    uniform: [wears('role', 'Oar', 'torso', 'TO-401·moss·crew-jersey'), wears('role', 'Oar', 'hips', 'LG-701·ink+walnut')],
    relations: [{ kind: 'parent of', from: 'wick-sallow', to: 'pim-otterby' }],
  }),
  'kingfisher-crew': plan({
    ...{ kind: 'crew', promised: 5 },
    roles: crewRoles('Steer'),
    uniform: [
      wears('all', '', 'torso', 'TO-401·lagoon·crew-kingfisher'),
      wears('all', '', 'hips', 'LG-701·slate+soot·crew-kingfisher-legs'),
    ],
  }),
  'winter-post': plan({
    ...{ kind: 'series', promised: 12, edition: 'Edition 1', dueOn: '2027-02-14', budgetAllMinor: 6000, packColour: 'storm' },
    notes: 'Twelve packs for the winter fair, eight of them with a brass stamp, four with a piece of the tandem.',
    house: { ...NO_HOUSE_RULES, skinSchool: 'natural', alterationSchool: 'as moulded' },
    roles: [
      { name: 'Carrier', least: 3, most: 4 },
      { name: 'Sorter', least: 2, most: 4 },
      { name: 'Weather keeper', least: 2, most: 4 },
    ],
    factions: [
      faction('carriers', 'Carriers', ['woad', 'ink'], 'Coat of the post, tails below, the satchel.', 'perrin-oake'),
      faction('sorters', 'Sorters', ['storm', 'fog'], 'Something to sort in, and nothing that catches in the trays.', 'celia-franking'),
      faction('keepers', 'Weather keepers', ['bottle', 'storm'], 'Keeper coat and tails; whatever keeps the wind off above.', 'vesper-arl'),
    ],
    uniform: [
      wears('faction', 'carriers', 'torso', 'TO-401·woad·carrier-coat'),
      wears('faction', 'carriers', 'hips', 'LG-701·ink+soot·carrier-tails'),
      wears('faction', 'carriers', 'neck.1', 'BG-820·teak+brass'),
      wears('faction', 'keepers', 'torso', 'TO-401·bottle·keeper-coat'),
      wears('faction', 'keepers', 'hips', 'LG-701·storm+soot·keeper-tails'),
    ],
    tokens: [{ id: 'stamps', name: 'Brass stamps', count: 8, mostInOne: 1, leadersGetOne: true, isApartFromBuilds: true, seed: 1905 }],
    builds: [
      {
        ...{ id: 'tandem', name: 'The tandem', packs: 4, seed: 12 },
        elements: [
          { name: 'Wheel', variant: '', count: 2 },
          { name: 'Frame half', variant: '', count: 2 },
          { name: 'Saddle', variant: '', count: 2 },
          { name: 'Handlebar', variant: '', count: 2 },
        ],
      },
    ],
    relations: [
      { kind: 'twin of', from: 'gale-minchin', to: 'ivo-drift' },
      { kind: 'belongs to', from: 'ned-parcel', to: 'celia-franking' },
    ],
  }),
  better: plan({ kind: 'collection', promised: 9 }),
  odile: plan({ kind: 'ages' }),
  lamplighters: plan({
    ...{ kind: 'army', promised: 40, dueOn: '2027-06-20', packColour: 'ink' },
    house: { ...NO_HOUSE_RULES, skinSchool: 'house' },
    factions: [{ ...faction('watch', 'The watch', [], 'One recipe, forty times.', ''), sharesFaces: true }],
    variations: [
      {
        ...{ id: 'beards', figure: 'lamplighter', name: 'with a beard', position: 'head' as const, copies: 3, isApart: true, seed: 7 },
        variants: ['HD-101·biscuit·early-beard'],
      },
      {
        ...{
          id: 'drum',
          figure: 'lamplighter',
          name: 'with the small lantern',
          position: 'held.L' as const,
          copies: 1,
          isApart: true,
          seed: 11,
        },
        variants: ['HE-907·walnut+clear-amber'],
      },
    ],
    spares: [{ variant: 'HE-901·walnut+clear-amber', count: 1, each: false, scope: { kind: 'all', of: '' } }],
  }),
};

function faction(id: string, name: string, colours: readonly string[], recipe: string, leader: string): LineUpPlan['factions'][number] {
  return { id, name, colours, recipe, leader, sharesFaces: false };
}

/** Who stands in which faction, by the role they play. */
const FACTION_OF_ROLE: Readonly<Record<string, string>> = {
  Carrier: 'carriers',
  Sorter: 'sorters',
  'Weather keeper': 'keepers',
  'One of forty': 'watch',
};

export const factionOf = (lineUp: string, role: string): string => (PLANS[lineUp]?.factions.length ? (FACTION_OF_ROLE[role] ?? '') : '');
