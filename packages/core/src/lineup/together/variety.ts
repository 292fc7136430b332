import type { Catalogue } from '../../catalogue/index.js';
import { type Colour, labOf } from '../../colour/index.js';
import { count, list } from '../../kernel/index.js';
import type { LineUpPlan } from '../plan/index.js';
import type { Seen } from './member.js';

/** What figures of a line-up can have in common. */
export const TRAITS = ['face', 'expression', 'hair', 'hair colour', 'skin', 'torso', 'legs'] as const;
export type Trait = (typeof TRAITS)[number];

/** One value of a trait, and who has it. `key` tells it from others, `label` is what a person reads. */
export interface TraitValue {
  readonly key: string;
  readonly label: string;
  readonly figures: readonly string[];
  /** A part that shows it, for a picture; empty for none. */
  readonly variant: string;
}

export interface Variety {
  readonly traits: readonly { readonly trait: Trait; readonly values: readonly TraitValue[] }[];
  /** Repeats and gaps, each a sentence with the figures it is about. */
  readonly remarks: readonly { readonly sentence: string; readonly figures: readonly string[] }[];
}

type Reading = { readonly key: string; readonly label: string; readonly variant: string } | null;

const READERS: Readonly<Record<Trait, (seen: Seen, catalogue: Catalogue) => Reading>> = {
  face: ({ face }, catalogue) =>
    face?.head.print
      ? {
          key: `${face.head.print.id}${face.head.part.turned ? ' turned' : ''}`,
          label: `${face.head.print.name}${face.head.part.turned ? ', turned' : ''}`,
          variant: catalogue.resolve(face.head.variant.id),
        }
      : null,
  expression: ({ face }) => (face?.mood ? { key: face.mood, label: face.mood, variant: '' } : null),
  hair: (seen) => {
    const hair = hairOf(seen);
    return hair ? { key: hair.mould.number, label: hair.mould.name, variant: hair.variant.id } : null;
  },
  'hair colour': (seen, catalogue) => {
    const hair = hairOf(seen);
    const colour = hair?.variant.colours[hair.mould.hairColour ?? 0];
    return colour === undefined || !catalogue.hasColour(colour) ? null : { key: colour, label: catalogue.colour(colour).name, variant: '' };
  },
  skin: ({ face }) => (face ? { key: face.skin.id, label: face.skin.name, variant: '' } : null),
  torso: (seen, catalogue) => partAt(seen, ['torso'], catalogue),
  legs: (seen, catalogue) => partAt(seen, ['hips', 'lower'], catalogue),
};

const hairOf = ({ worn }: Seen) => worn.find(({ part, mould }) => part.position === 'headgear' && mould.hairColour !== undefined);

function partAt({ worn }: Seen, positions: readonly string[], catalogue: Catalogue): Reading {
  const item = worn.find(({ part }) => positions.includes(part.position));
  const id = item?.part.variant;
  if (!item || id === undefined) return null;
  const variant = catalogue.variant(id);
  return { key: variant.id, label: catalogue.nameOf(variant), variant: variant.id };
}

/** So many of one kind among so few are called out. */
const MANY = 0.5;
const LEAST_FIGURES = 4;
/** What people call hair: its lack is worth a word. */
const HAIR_KINDS = ['red', 'black', 'brown', 'blond', 'grey'] as const;

/** The kind of hair a colour is, by lightness, chroma and hue of CIE Lab: rust and ember are red hair, straw and hay blond. */
function hairKind({ hex }: Pick<Colour, 'hex'>): (typeof HAIR_KINDS)[number] {
  const { l, a, b } = labOf(hex);
  const [chroma, hue] = [Math.hypot(a, b), (Math.atan2(b, a) * 180) / Math.PI];
  if (l < 20) return 'black';
  if (chroma < 12) return 'grey';
  if (hue > 0 && hue < 62 && chroma > 40) return 'red';
  return l > 60 && hue < 110 ? 'blond' : 'brown';
}

/**
 * Who has what in common: face, expression, hair shape and colour, skin, torso, legs. Repeats first; then what nobody has. A uniform is
 * alike on purpose, and no remark.
 */
export function varietyOf(
  figures: readonly Seen[],
  catalogue: Catalogue,
  plan: Pick<LineUpPlan, 'uniform' | 'relations' | 'factions'>,
): Variety {
  const traits = TRAITS.map((trait) => {
    const values = new Map<string, TraitValue & { readonly figures: string[] }>();
    for (const seen of figures) {
      const reading = READERS[trait](seen, catalogue);
      if (!reading) continue;
      const known = values.get(reading.key) ?? { ...reading, figures: [] };
      known.figures.push(seen.id);
      values.set(reading.key, known);
    }
    return { trait, values: [...values.values()].sort((a, b) => b.figures.length - a.figures.length || (a.label < b.label ? -1 : 1)) };
  });
  const valuesOf = (trait: Trait): readonly TraitValue[] => traits.find((row) => row.trait === trait)?.values ?? [];
  const nameOf = new Map(figures.map(({ id, name }) => [id, name]));
  const names = (ids: readonly string[]): string => list(ids.map((id) => nameOf.get(id) ?? ''));
  const remarks: { sentence: string; figures: readonly string[] }[] = [];
  for (const { label, figures: twice } of valuesOf('face'))
    if (twice.length > 1 && !mayShare(twice, figures, plan))
      remarks.push({
        sentence: `One face ${twice.length === 2 ? 'twice' : `${twice.length} times`}: ${names(twice)} wear ${label}.`,
        figures: twice,
      });
  const uniform = new Set(plan.uniform.map(({ part }) => catalogue.resolve(part.variant)));
  const words: Partial<Record<Trait, string>> = { legs: 'wear the same legs', torso: 'wear the same torso', hair: 'wear the same hair' };
  for (const trait of ['legs', 'torso', 'hair'] as const)
    for (const { figures: alike, variant } of valuesOf(trait).slice(0, 1))
      if (figures.length >= LEAST_FIGURES && alike.length >= figures.length * MANY && !uniform.has(variant))
        remarks.push({ sentence: `${alike.length} of ${figures.length} ${words[trait]}.`, figures: alike });
  const [mood] = valuesOf('expression');
  if (mood && figures.length >= LEAST_FIGURES && mood.figures.length > figures.length * MANY)
    remarks.push({ sentence: `${mood.figures.length} of ${figures.length} look ${mood.label}.`, figures: mood.figures });
  const hair = valuesOf('hair colour');
  if (hair.length > 0 && figures.length >= LEAST_FIGURES) {
    const kinds = new Set<string>(hair.map(({ key }) => hairKind(catalogue.colour(key))));
    const lacking = HAIR_KINDS.filter((kind) => !kinds.has(kind));
    if (lacking.length > 0 && lacking.length < HAIR_KINDS.length)
      remarks.push({ sentence: `Nobody has ${list(lacking.slice(0, 3)).replace(' and ', ' or ')} hair.`, figures: [] });
  }
  const [skin, ...otherSkins] = valuesOf('skin');
  if (skin && otherSkins.length === 0 && figures.length >= LEAST_FIGURES)
    remarks.push({ sentence: `${count(skin.figures.length, 'figure')} with one skin, ${skin.label}.`, figures: [] });
  return { traits, remarks };
}

/**
 * May these share a face? Twins may, and copies of one recipe; rank and file of a faction that says so may, its leader may not (line-ups,
 * *Roles*).
 */
export function mayShare(
  ids: readonly string[],
  figures: readonly Pick<Seen, 'id' | 'faction' | 'recipe'>[],
  { relations, factions }: Pick<LineUpPlan, 'relations' | 'factions'>,
): boolean {
  const factionOf = new Map(figures.map(({ id, faction }) => [id, faction]));
  const recipeOf = new Map(figures.map(({ id, recipe = '' }) => [id, recipe === '' ? id : recipe]));
  const isPair = (a: string, b: string): boolean => {
    if (recipeOf.get(a) === recipeOf.get(b)) return true;
    if (relations.some(({ kind, from, to }) => kind === 'twin of' && ((from === a && to === b) || (from === b && to === a)))) return true;
    const faction = factions.find(({ id }) => id !== '' && id === factionOf.get(a) && id === factionOf.get(b));
    return faction !== undefined && faction.sharesFaces && faction.leader !== a && faction.leader !== b;
  };
  return ids.every((a, i) => ids.slice(i + 1).every((b) => isPair(a, b)));
}
