import { type Catalogue, sourcesByVariant, type VariantSource } from '../../../catalogue/index.js';
import type { Check } from '../../marks.js';
import { keyOf, withAnotherPrint, spot, swaps } from '../../remedies/index.js';

const known = new WeakMap<Catalogue, ReadonlyMap<string, readonly VariantSource[]>>();

function sourcesOf(catalogue: Catalogue): ReadonlyMap<string, readonly VariantSource[]> {
  let map = known.get(catalogue);
  if (!map) known.set(catalogue, (map = sourcesByVariant(catalogue.data)));
  return map;
}

/** Why a variant is banned, or null: a banned figure wears it, or it comes from banned sources alone. */
function banOf(variant: string, figures: ReadonlySet<string>, sources: ReadonlySet<string>, catalogue: Catalogue): string | null {
  const wearer = catalogue.data.officialFigures.find(
    (figure) => figures.has(figure.id) && figure.parts.some((part) => part.variant === variant),
  );
  if (wearer) return `${wearer.name} wears it`;
  const from = sources.size === 0 ? [] : (sourcesOf(catalogue).get(variant) ?? []);
  return from.length > 0 && from.every(({ source }) => sources.has(source.id))
    ? `it comes from ${from.map(({ source }) => source.id).join(', ')} alone`
    : null;
}

/** `school.banned`: parts of a figure, or from sources, that the brief rules out. */
export const schoolBanned: Check = (subject) => {
  const { worn, brief, catalogue } = subject;
  if (brief.bannedFigures.length + brief.bannedSources.length === 0) return [];
  const [figures, sources] = [new Set(brief.bannedFigures), new Set(brief.bannedSources)];
  return worn.flatMap((item) => {
    const why = banOf(item.variant.id, figures, sources, catalogue);
    if (why === null) return [];
    return [
      {
        check: 'school.banned' as const,
        key: keyOf('school.banned', item),
        severity: 'blocks' as const,
        position: item.part.position,
        region: null,
        sentence: `${catalogue.nameOf(item.variant)} is ruled out by the brief: ${why}.`,
        proposals: () =>
          swaps(
            subject,
            [spot(item)],
            withAnotherPrint(item, (variant) => banOf(variant.id, figures, sources, catalogue) === null),
            item,
          ),
      },
    ];
  });
};
