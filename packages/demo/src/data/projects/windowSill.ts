import { briefFromOfficial, type Catalogue, type LookPart } from '@outfit/core';
import type { DemoFigure, DemoLineUp } from './row.js';

/** How a figure of the window sill stands in somebody's hands. */
export type InHand =
  | { readonly is: 'built'; readonly daysAgo: number; readonly minutes: number; readonly remark: string }
  /** Built with its first look; its second is the one that is wanted now. */
  | { readonly is: 'built otherwise'; readonly daysAgo: number; readonly minutes: number; readonly remark: string }
  | { readonly is: 'half built' }
  | { readonly is: 'ready' };

/** A figure with what is in hand of it: its pieces are there already. */
export interface DemoInHand {
  readonly figure: string;
  readonly inHand: InHand;
}

/** Whose body and whose headgear, and what became of it. */
const ROWS = `
alder-wren | Alder Wren | CF-03-a | CF-03-c | 330 | 14 | The first one for the sill.
bettany-cole | Bettany Cole | GH-03-a | CF-04-a | 318 | 11 |
cosmo-fell | Cosmo Fell | CF-06-a | CF-02-a | 301 | 9 | The coat was worth the wait.
delphine-oar | Delphine Oar | LR-12-a | GH-03-a | 290 | 12 |
edda-plume | Edda Plume | FL-03-b | FL-05-c | 276 | 10 |
fitch-barrow | Fitch Barrow | GH-05-a | GH-01-a | 262 | 17 | Legs sat tight; warmed them in the hand.
greta-thimble | Greta Thimble | CF-04-b | GH-04-c | 249 | 8 |
hale-osier | Hale Osier | FL-06-a | FL-04-a | 233 | 13 |
isolde-twine | Isolde Twine | GH-04-c | CF-02-b | 221 | 9 | She looks to the left on purpose.
jonas-brack | Jonas Brack | FL-05-a | CF-07-a | 204 | 15 |
kit-sorrel | Kit Sorrel | CF-06-b | CF-03-a | 190 | 7 |
lowri-pine | Lowri Pine | GH-07-a | GH-03-a | 171 | 10 |
milo-gannet | Milo Gannet | LR-14-b | LR-12-b | 158 | 12 | Arms first, then the hands. Never again the other way.
nell-tarbuck | Nell Tarbuck | CF-04-c | CF-06-a | 139 | 9 |
orrin-slate | Orrin Slate | FL-03-c | FL-06-a | 117 | 11 |
posy-quarto | Posy Quarto | LR-03-a | CF-04-b | 98 | 8 | 
ralf-hartley | Ralf Hartley | MP-03-b | LR-12-c | 76 | 13 |
rosalind-keel | Rosalind Keel | LR-13-a | CF-02-b | 52 | 10 | For the shelf by the door.
simeon-crumb | Simeon Crumb | FL-02-b | FL-04-a | 31 | 9 |
thea-bramble | Thea Bramble | GH-06-a | FL-05-c | 12 | 16 | A second pair of hands would have helped.
ulric-moth | Ulric Moth | CF-02-a | CF-04-a | otherwise | 12 | Wants silver hair no more.
vita-lark | Vita Lark | CF-07-a | CF-06-b | half | |
wystan-pool | Wystan Pool | LR-05-a | LR-14-a | ready | |
yara-flint | Yara Flint | GH-03-c | GH-06-a | ready | |
`;

const rows = ROWS.trim()
  .split('\n')
  .map((line) => line.split('|').map((cell) => cell.trim()));

function inHandOf([, , , , when = '', minutes = '', remark = '']: readonly string[]): InHand {
  if (when === 'ready') return { is: 'ready' };
  if (when === 'half') return { is: 'half built' };
  const built = { minutes: Number(minutes), remark };
  return when === 'otherwise' ? { is: 'built otherwise', daysAgo: 40, ...built } : { is: 'built', daysAgo: Number(when), ...built };
}

/** Figures on the window sill: each the body of one official figure under the hair or hat of another. */
export function windowSill(catalogue: Catalogue): DemoLineUp {
  const partsOf = (id: string): readonly LookPart[] => {
    const figure = catalogue.data.officialFigures.find((row) => row.id === id);
    if (!figure) throw new RangeError(`There is no official figure ${id}`);
    return figure.parts;
  };
  const figures = rows.map((row): DemoFigure => {
    const [id = '', name = '', body = '', top = ''] = row;
    const sold = partsOf(body);
    const headgear = partsOf(top).filter((part) => part.position === 'headgear');
    const mixed = [...headgear, ...sold.filter((part) => part.position !== 'headgear')];
    const isOtherwise = inHandOf(row).is === 'built otherwise';
    const look = (title: string, parts: readonly LookPart[]) => ({ name: title, parts, verdict: null, variation: null });
    const parts = isOtherwise ? sold : mixed;
    return {
      id,
      role: '',
      brief: { ...briefFromOfficial({ id, name, parts }, catalogue), name },
      looks: isOtherwise ? [look('As it was', mixed), look('Now', sold)] : [look('As it stands', mixed)],
      chosen: isOtherwise ? 1 : 0,
    };
  });
  return { id: 'window-sill', name: 'On the window sill', figures };
}

/** What is in hand of the figures on the window sill. */
export const IN_HAND: readonly DemoInHand[] = rows.map((row) => ({ figure: row[0] ?? '', inHand: inHandOf(row) }));
