import { GUIDE, guideTo, LINE_UP_WAYS, pathTo } from '@/parts';
import { apiPath } from '@/api';
import type { FigureDto, LineUpNamesDto } from '@/api';

/** Something to do: a place to go for it, or to be done where one is. */
export type Deed = { readonly label: string; readonly keys?: string } & ({ readonly path: string } | { readonly run: () => void });

export const PLACES: readonly (readonly [label: string, path: string])[] = [
  ['Workroom', '/'],
  ['Wardrobe', '/wardrobe'],
  ['Catalogue', '/catalogue'],
  ['Sources', '/catalogue/sources'],
  ['Own entries', '/catalogue/own'],
  ['Market', '/market'],
  ['Ideas', '/ideas'],
  ['Owed', '/ideas?show=owed'],
  ['Bin', '/bin'],
  ['Settings', '/settings'],
  ...GUIDE.map(({ id, title }): [string, string] => [`Guide: ${title}`, guideTo(id)]),
];

/** Presses a key for the person: every page takes back and does again by the same keys, each what is its own. */
const press =
  (key: string, shiftKey = false) =>
  (): void =>
    void window.dispatchEvent(new KeyboardEvent('keydown', { key, ctrlKey: true, shiftKey }));

const download = (path: string) => (): void => window.location.assign(apiPath(path));

interface Here {
  readonly figure: FigureDto | null;
  readonly lineUps: readonly LineUpNamesDto[];
  /** The line-up that a new figure would stand in. */
  readonly openLineUp: string | undefined;
  /** The address as it is, with what is chosen there. */
  readonly address: string;
}

/** What can be done from here. */
export function deedsFor({ figure, lineUps, openLineUp, address }: Here): readonly Deed[] {
  const lineUp = lineUps.find((row) => row.id === openLineUp);
  const [path = '', search = ''] = address.split('?');
  const withTask = (task: string): string => {
    const params = new URLSearchParams(search);
    params.set('task', task);
    return `${path}?${params.toString()}`;
  };
  const isFitting = path.endsWith('/fitting');
  return [
    { label: 'Undo', keys: 'Ctrl Z', run: press('z') },
    { label: 'Do again', keys: 'Ctrl Shift Z', run: press('z', true) },
    ...(isFitting
      ? [
          { label: 'Recolour the part that is on', path: withTask('colour') },
          { label: 'Alter the part that is on', path: withTask('alter') },
        ]
      : []),
    ...(figure
      ? [
          { label: `Brief of ${figure.brief.name}`, keys: 'B', path: `/figures/${figure.id}/brief` },
          { label: `Pictures of ${figure.brief.name}`, path: `/figures/${figure.id}/brief?show=pictures` },
          { label: `Fitting of ${figure.brief.name}`, path: `/figures/${figure.id}/fitting` },
          {
            label: `Compare the looks of ${figure.brief.name}`,
            keys: 'C',
            path: `/figures/${figure.id}/compare?looks=${figure.looks
              .slice(0, 2)
              .map((look) => look.id)
              .join(',')}`,
          },
          { label: `Errand for ${figure.brief.name}`, path: `/figures/${figure.id}/errand` },
        ]
      : []),
    ...(lineUp
      ? [
          { label: `New figure in ${lineUp.name}`, path: `/line-ups/${lineUp.id}?new=nothing` },
          { label: `New figure from a picture, in ${lineUp.name}`, path: `/line-ups/${lineUp.id}?new=picture` },
          { label: `New figure from an official one, in ${lineUp.name}`, path: `/line-ups/${lineUp.id}?new=official` },
          ...LINE_UP_WAYS.filter(({ id }) => id !== 'stage').map(({ id, title }) => ({
            label: title(lineUp.name),
            path: pathTo(lineUp.id, id),
          })),
          { label: `Rank ${lineUp.name} by pairs`, path: `/line-ups/${lineUp.id}/order?show=ranking` },
          { label: `Errand for all of ${lineUp.name}`, path: `/line-ups/${lineUp.id}/errand` },
        ]
      : []),
    { label: 'New line-up', path: '/?new=1' },
    { label: 'Export owned pieces', run: download('wardrobe/pieces.csv') },
    { label: 'Export the parts of the catalogue', run: download('catalogue/export?what=variants') },
  ];
}
