import type { Bundle, LookPart, Mould, OfficialFigure, Position, Print, Source, SourceKind, Yield } from '@outfit/core';
import type { RangeRow } from '../data/catalogue/ranges.js';
import { dice } from './dice.js';
import type { Outfit } from './garments.js';
import { SKINS, type VariantBook } from './variants.js';

interface Role {
  readonly name: string;
  readonly garment: string;
  readonly headgear: readonly string[];
  readonly neck: readonly string[];
  readonly held: readonly string[];
}

function readRole(row: string): Role {
  const [name = '', rest = ''] = row.split(': ');
  const [garment = '', headgear = '', neck = '', held = ''] = rest.split(',').map((cell) => cell.trim());
  const list = (text: string): readonly string[] => text.split(' ').filter(Boolean);
  return { name, garment, headgear: list(headgear), neck: list(neck), held: list(held) };
}

/** What generating a range needs to know of the rest of the world. */
export interface World {
  readonly book: VariantBook;
  readonly moulds: ReadonlyMap<string, Mould>;
  readonly faces: readonly Print[];
  /** Names not yet given to anybody. */
  readonly people: string[];
}

/** The tone of hair a face was printed for, told by its brows or beard. */
const toneOf = (face: Print): string =>
  face.motifs.find((motif) => motif.motif.startsWith('brows') || motif.motif.startsWith('beard'))?.colours[0] ?? 'walnut';

const EARLY_UNTIL = 2016;
const HOUSE_TONE_UNTIL = 2015;

/** One figure of a role as it was sold in a year. */
function dress(id: string, role: Role, outfit: Outfit, year: number, world: World): LookPart[] {
  const { book } = world;
  const roll = dice('figure', id);
  const parts: LookPart[] = [];
  const put = (position: Position, variant: string): void => void parts.push({ position, variant, turned: false });
  const face = roll.pick(world.faces.filter((print) => print.era === (year <= EARLY_UNTIL ? 'early' : 'late')));
  const skin = year <= HOUSE_TONE_UNTIL ? 'biscuit' : roll.pick(SKINS);
  const headgear = world.moulds.get(roll.pick(role.headgear));
  if (headgear) put('headgear', book.make(headgear.number, headgearColours(headgear, outfit, toneOf(face)), year));
  put('head', book.make('HD-101', [skin], year, face.id));
  const neck = role.neck.length > 0 && roll.chance(0.6) ? world.moulds.get(roll.pick(role.neck)) : undefined;
  const coveredNeck = headgear?.fills.some((fills) => fills.includes('neck.1')) ?? false;
  if (neck) put(coveredNeck ? 'neck.2' : 'neck.1', book.make(neck.number, neckColours(neck, outfit, toneOf(face)), year));
  put('torso', book.make('TO-401', [outfit.base], year, outfit.torso.id));
  const arm =
    outfit.arms && roll.chance(0.7) ? book.make('AR-501', [outfit.base], year, outfit.arms.id) : book.make('AR-501', [outfit.base], year);
  put('arm.L', arm);
  put('arm.R', arm);
  const hand = book.make('HN-601', [roll.chance(0.8) ? skin : 'soot'], year);
  put('hand.L', hand);
  put('hand.R', hand);
  if (outfit.skirt) put('lower', book.make('SK-721', [outfit.legColour, 'soot', 'chalk'], year, outfit.legs?.id));
  else if (roll.chance(0.12)) put('hips', book.make('LG-706', [outfit.legColour, 'soot'], year));
  else put('hips', book.make('LG-701', [outfit.legColour, 'soot'], year, outfit.legs?.id));
  const held = role.held.length > 0 && roll.chance(0.8) ? world.moulds.get(roll.pick(role.held)) : undefined;
  if (held) put(roll.chance(0.5) ? 'held.L' : 'held.R', book.make(held.number, heldColours(held, outfit, roll.pick), year));
  return parts;
}

function headgearColours(mould: Mould, outfit: Outfit, tone: string): readonly string[] {
  const trim = outfit.torso.motifs[0]?.colours[0] ?? 'soot';
  if (mould.family === 'hair') return /tail|plait/.test(mould.silhouette) ? [tone, trim] : [tone];
  if (mould.family === 'hat with hair') return mould.hairColour === 1 ? [outfit.base, tone] : [outfit.base, trim, tone];
  if (mould.family === 'helmet') return ['brass', 'walnut', 'clear-glass'];
  if (mould.family === 'hood') return [outfit.base, 'oatmeal'];
  return [outfit.legColour === outfit.base ? trim : outfit.legColour, trim, 'brass'];
}

function neckColours(mould: Mould, outfit: Outfit, tone: string): readonly string[] {
  const trim = outfit.torso.motifs[0]?.colours[0] ?? 'chalk';
  if (mould.family === 'beard') return [tone];
  if (mould.family === 'fur') return ['oatmeal'];
  if (mould.family === 'armour') return ['pewter', 'brass'];
  if (mould.family === 'bag') return ['teak', 'brass'];
  return mould.family === 'cape' ? [outfit.legColour, 'brass'] : [trim, outfit.base];
}

function heldColours(mould: Mould, outfit: Outfit, pick: <T>(from: readonly T[]) => T): readonly string[] {
  if (mould.motifs.includes('lantern')) return ['walnut', pick(['clear-amber', 'clear-rose'])];
  return [pick(['walnut', 'teak', 'brass']), outfit.base, 'chalk'];
}

/** Everything a range sold: figures, sources with what they yield, and the bundles spare-part bags held. */
export function sellRange(
  range: RangeRow,
  outfits: readonly Outfit[],
  world: World,
): { figures: readonly OfficialFigure[]; sources: readonly Source[]; bundles: readonly Bundle[] } {
  const roles = range.roles.map(readRole);
  const figures: OfficialFigure[] = [];
  const bundles: Bundle[] = [];
  let turn = 0;
  const sources = range.sources.map((row): Source => {
    const [naming = '', kind = '', yearText = '', count = ''] = row.split(', ');
    const id = naming.slice(0, naming.indexOf(' '));
    const year = Number(yearText);
    const roll = dice('source', id);
    const yields: Yield[] = [];
    for (let i = 0; i < Number(count); i += 1, turn += 1) {
      const role = roles[turn % roles.length];
      if (!role) break;
      const ways = outfits.filter((outfit) => outfit.garment === role.garment);
      const fitting = ways.filter((way) => (way.era === 'early') === year <= EARLY_UNTIL);
      const outfit = dice('way', id, i).pick(fitting.length > 0 ? fitting : ways);
      const figureId = `${id}-${'abcdef'[i] ?? i}`;
      const person = dice('person', figureId).chance(0.25) ? world.people.shift() : undefined;
      figures.push({ id: figureId, name: role.name, ...(person ? { person } : {}), parts: dress(figureId, role, outfit, year, world) });
      yields.push({
        kind: 'figure',
        item: figureId,
        quantity: 1,
        certainty: kind === 'blind bag' && roll.chance(0.4) ? 'think so' : 'sure',
      });
    }
    if (kind === 'boxed set') yields.push(spareBundle(figures[figures.length - 1], id, bundles));
    return {
      id,
      name: naming.slice(id.length + 1),
      kind: kind as SourceKind,
      range: range.name,
      year,
      ...(kind === 'event exclusive' ? { printRun: { copies: 1500 + roll.below(20) * 100, certainty: 'think so' as const } } : {}),
      yields,
    };
  });
  return { figures, sources, bundles };
}

/** Boxed sets come with a spare body: the last figure's torso joined to its arms and hands. */
function spareBundle(figure: OfficialFigure | undefined, source: string, bundles: Bundle[]): Yield {
  if (!figure) throw new RangeError(`${source} has no figure to take a spare body from`);
  const counted = new Map<string, number>();
  for (const { position, variant } of figure.parts)
    if (/^(torso|arm|hand)/.test(position)) counted.set(variant, (counted.get(variant) ?? 0) + 1);
  const id = `BU-${source}`;
  bundles.push({ id, name: `${figure.name}, body`, parts: [...counted].map(([variant, quantity]) => ({ variant, quantity })) });
  return { kind: 'bundle', item: id, quantity: 1, certainty: 'sure' };
}
