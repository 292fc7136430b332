import type { Catalogue, Variant } from '../../catalogue/index.js';

/** A line of a list on paper as it was typed, and what it was taken for. */
export interface TypedLine {
  readonly text: string;
  readonly quantity: number;
  /** The part that is meant; null when none or several are, and then `reason` says what would do. */
  readonly variant: string | null;
  readonly reason: string | null;
}

const MOST = 10_000;

/**
 * Reads lines such as "3 HA-118 woad" or "2x TO-401·chalk·deck-collar": how many, a mould by its number and colours by their names in
 * their order, or a part by its own number. A line without a count is one piece. Empty lines are passed over.
 *
 * For example: readLines('3 HA-118 raven', catalogue) gives [{ quantity: 3, variant: 'HA-118·raven', … }].
 */
export const readLines = (text: string, catalogue: Catalogue): readonly TypedLine[] =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== '')
    .map((line) => readLine(line, catalogue));

function readLine(text: string, catalogue: Catalogue): TypedLine {
  const [, count, rest = ''] = /^(?:(\d{1,6})\s*[x×*]?\s+)?(.+)$/.exec(text) ?? [];
  const quantity = Number(count ?? 1);
  const refused = (reason: string): TypedLine => ({ text, quantity, variant: null, reason });
  if (quantity < 1 || quantity > MOST) return refused(`How many? A number from 1 to ${MOST.toLocaleString('en')}.`);
  const whole = rest.replace(/\s+/g, '·');
  for (const id of [rest, whole]) if (catalogue.has(id)) return { text, quantity, variant: catalogue.resolve(id), reason: null };
  const [number = '', ...words] = rest.split(/[\s·+,]+/);
  const mould = catalogue.data.moulds.find((row) => row.number.toLowerCase() === number.toLowerCase());
  if (!mould) return refused(`“${number}” is the number of no mould.`);
  const wanted = words.map((word) => word.toLowerCase());
  const fitting = catalogue.variantsOf(mould.number).filter((variant) => says(variant, wanted, catalogue));
  const [only, ...others] = narrowBy(fitting, wanted);
  if (!only) return refused(`No part of ${mould.number} ${mould.name} is “${words.join(' ')}”.`);
  if (others.length > 0)
    return refused(
      `${others.length + 1} parts of ${mould.number} ${mould.name} fit: say more, such as “${[only, ...others]
        .slice(0, 2)
        .map((row) => row.id)
        .join('” or “')}”.`,
    );
  return { text, quantity, variant: only.id, reason: null };
}

const namesOf = ({ colours, print }: Variant, catalogue: Catalogue): readonly string[] =>
  [...colours.flatMap((id) => [id, catalogue.colour(id).name]), ...(print === undefined ? [] : [print, catalogue.print(print).name])].map(
    (name) => name.toLowerCase(),
  );

/** Is every word one of a part's colours or its print, by name or number? */
const says = (variant: Variant, words: readonly string[], catalogue: Catalogue): boolean => {
  const names = namesOf(variant, catalogue);
  return words.every((word) => names.some((name) => name === word || name.split(/[\s-]+/).includes(word)));
};

/** Of several parts that fit, the plain ones in just the colours that were said go before those that say more. */
function narrowBy(fitting: readonly Variant[], words: readonly string[]): readonly Variant[] {
  const just = fitting.filter((variant) => variant.print === undefined && new Set(variant.colours).size <= Math.max(1, words.length));
  const plain = just.filter((variant) => words.length > 0 && variant.colours[0]?.toLowerCase() === words[0]);
  return plain.length === 1 ? plain : just.length === 1 ? just : fitting;
}
