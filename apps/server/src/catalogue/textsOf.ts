import type { Catalogue } from '@outfit/core';

/**
 * A text about each thing of a catalogue, made when it is first asked for and kept as long as that state of the catalogue is.
 *
 * @param keyOf tells things apart
 */
export function textsOf<Thing>(
  keyOf: (thing: Thing) => string,
  make: (thing: Thing, catalogue: Catalogue) => string,
): (thing: Thing, catalogue: Catalogue) => string {
  const texts = new WeakMap<Catalogue, Map<string, string>>();
  return (thing, catalogue) => {
    let known = texts.get(catalogue);
    if (!known) texts.set(catalogue, (known = new Map()));
    const key = keyOf(thing);
    let text = known.get(key);
    if (text === undefined) known.set(key, (text = make(thing, catalogue)));
    return text;
  };
}
