import { Catalogue, mainColourOf, NearestNames, plainWords } from '@outfit/core';
import type { Tables } from '../platform/sqlite/index.js';
import { CatalogueStore } from './catalogue.store.js';

/** So often a part is looked for by its name: a file with more unknown ones than that has another trouble. */
const MOST_ASKED = 40;

/**
 * What part somebody may have meant who wrote something else than its number: a slip in the number, its name ("Low knot in raven"), or
 * its mould with a colour in everyday words ("HA-118·black"). The catalogue is read when the first is asked for.
 */
export class PartNames {
  private readonly numbers: NearestNames;
  private readonly byName: NearestNames;
  private known: { readonly catalogue: Catalogue; readonly ids: ReadonlyMap<string, string> } | null = null;
  private asked = 0;

  /** @param numbers all that may stand in the file: parts, and whole items where those are sold too */
  constructor(
    private readonly tables: Tables,
    numbers: () => Iterable<string>,
  ) {
    this.numbers = new NearestNames(numbers);
    this.byName = new NearestNames(() => this.read().ids.keys());
  }

  /** The number that was likely meant, or null. */
  nearest(typed: string): string | null {
    return this.inColour(typed) ?? this.numbers.to(typed) ?? this.variantByName(typed);
  }

  private variantByName(typed: string): string | null {
    if (!typed.trim().includes(' ') || (this.asked += 1) > MOST_ASKED) return null;
    const { ids } = this.read();
    const name = typed.trim().toLowerCase();
    return ids.get(name) ?? ids.get(this.byName.to(name) ?? '') ?? null;
  }

  /** Of a mould that there is, the part in a colour that is called so; what is made comes first. */
  private inColour(typed: string): string | null {
    const [mould = '', colour = '', ...more] = typed.split('·').map((word) => word.trim());
    if (colour === '' || more.length > 0 || (this.asked += 1) > MOST_ASKED) return null;
    const { catalogue } = this.read();
    const wanted = colour.toLowerCase();
    const inIt = catalogue.variantsOf(mould).filter((variant) => {
      const main = mainColourOf(variant, catalogue);
      return main.name.toLowerCase() === wanted || plainWords(main).includes(wanted);
    });
    return (inIt.find((variant) => variant.made) ?? inIt[0])?.id ?? null;
  }

  private read(): { readonly catalogue: Catalogue; readonly ids: ReadonlyMap<string, string> } {
    if (!this.known) {
      const catalogue = new Catalogue(new CatalogueStore(this.tables).read());
      const ids = new Map<string, string>();
      for (const variant of catalogue.data.variants) {
        const name = catalogue.nameOf(variant).toLowerCase();
        if (variant.mergedInto === undefined && !ids.has(name)) ids.set(name, variant.id);
      }
      this.known = { catalogue, ids };
    }
    return this.known;
  }
}
