import { Injectable } from '@nestjs/common';
import { isWithin, OUTSIDE, PATH_SEPARATOR } from '@outfit/core/wardrobe';
import { Problem } from '../../platform/http/index.js';
import { Ledger } from './ledger.js';
import { placeSlice } from './slices.js';
import type { NewPlaceDto, PlaceChangeDto, PlaceDto } from './ledger.dto.js';
import { type LedgerStore, NO_PLACE, type PlaceRow } from './ledger.store.js';

/** A name of one place; the signs between places cannot stand in it. */
function own(name: string): string {
  if (/[›>]/.test(name)) throw new Problem(422, 'A name of a place cannot hold › or >: make the outer place first, then this one in it.');
  return name.trim();
}

/** Where pieces lie: places within places, named, moved and taken away. */
@Injectable()
export class PlacesService {
  private readonly store: LedgerStore;

  constructor(private readonly ledger: Ledger) {
    this.store = ledger.store;
  }

  /** The tree of places, each with what is in it and below. */
  list(): PlaceDto[] {
    const places = this.store.places().filter(({ id }) => id !== OUTSIDE);
    const own = this.store.counts();
    const [below, whole] = [new Map<string, number>(), new Map<string, number>()];
    const byId = new Map(places.map((place) => [place.id, place]));
    for (const { id, kind } of places) {
      const held = own.get(id) ?? 0;
      if (held === 0) continue;
      if (kind === 'donor') below.set(id, held);
      for (let at = byId.get(id); at; at = at.parent === null ? undefined : byId.get(at.parent)) {
        if (kind === 'donor') whole.set(at.id, (whole.get(at.id) ?? 0) + 1);
        else below.set(at.id, (below.get(at.id) ?? 0) + held);
      }
    }
    return places
      .map((place) => ({
        ...place,
        own: own.get(place.id) ?? 0,
        pieces: below.get(place.id) ?? 0,
        wholeFigures: whole.get(place.id) ?? 0,
      }))
      .filter(
        ({ id, kind, product, pieces }) => pieces > 0 || (kind === 'sealed' && product === null) || (kind === 'made' && id !== NO_PLACE),
      );
  }

  add({ name, parent, isSealed = false }: NewPlaceDto): Promise<PlaceDto[]> {
    return this.ledger.change<PlaceDto[]>(() => {
      const within = parent === null ? null : this.ownPlace(parent);
      const path = [...(within ? [within.path] : []), own(name)].join(PATH_SEPARATOR);
      this.refuseTwin(path, null);
      // What lies in a sealed box is no more at hand than the box is.
      const kind = isSealed || within?.kind === 'sealed' ? 'sealed' : 'made';
      const id = this.store.addPlace({ kind, name: name.trim(), parent, path });
      this.ledger.keep(`Made the place ${path}`, [placeSlice(null, this.ledger.place(id))]);
      return this.list();
    });
  }

  /** Names a place anew, puts it elsewhere with all below, or notes something about it. */
  change(id: string, { name, parent, note, keepWhole }: PlaceChangeDto): Promise<PlaceDto[]> {
    return this.ledger.change<PlaceDto[]>(() => {
      const place = this.changeable(id);
      if (keepWhole !== undefined && place.kind !== 'donor')
        throw new Problem(422, `${place.name} is no whole figure: there is nothing to keep whole.`);
      const next = {
        ...place,
        keepWhole: keepWhole ?? place.keepWhole,
        name: name === undefined ? place.name : own(name),
        note: note ?? place.note,
        parent: parent === undefined ? place.parent : parent,
      };
      const all = this.store.places();
      const into = next.parent === null ? null : this.ownPlace(next.parent);
      if (into?.kind === 'sealed' && place.kind === 'made')
        throw new Problem(409, `${into.name} is sealed: what goes into it would be out of reach. Move the pieces themselves.`);
      const byId = new Map(all.map((row) => [row.id, row]));
      const before = all.filter((row) => isWithin(id, row.id, byId));
      if (next.parent !== null && isWithin(id, next.parent, byId)) throw new Problem(409, `${place.name} cannot go into itself.`);
      const above = into?.path ?? '';
      const path = [...(above === '' ? [] : [above]), next.name].join(PATH_SEPARATOR);
      if (place.kind !== 'donor') this.refuseTwin(path, id);
      const after = before.map((row) => ({ ...(row.id === id ? next : row), path: `${path}${row.path.slice(place.path.length)}` }));
      for (const row of after) this.store.writePlace(row);
      this.ledger.keep(
        next.keepWhole !== place.keepWhole
          ? `${place.name} ${next.keepWhole ? 'is kept whole' : 'may be taken apart'}`
          : next.parent === place.parent
            ? `Changed the place ${path}`
            : `Put ${place.name} into ${above || 'the workroom'}`,
        after.map((row, i) => placeSlice(before[i] ?? null, row)),
      );
      return this.list();
    });
  }

  /** Takes away a place that nothing lies in. What passed through it keeps its name in the story. */
  remove(id: string): Promise<PlaceDto[]> {
    return this.ledger.change<PlaceDto[]>(() => {
      const place = this.ownPlace(id);
      const shown = this.list().find((row) => row.id === id);
      if ((shown?.pieces ?? 0) > 0) throw new Problem(409, `${shown?.pieces} pieces lie in ${place.name}. Move them first.`);
      if (!this.store.isEmpty(id)) throw new Problem(409, `Other places lie in ${place.name}. Put them elsewhere first.`);
      this.store.removePlace(id, this.ledger.now());
      this.ledger.keep(`Took the place ${place.path} away`, [placeSlice(place, null)]);
      return this.list();
    });
  }

  private refuseTwin(path: string, except: string | null): void {
    const twin = this.store
      .places()
      .find(
        (place) =>
          (place.kind === 'made' || place.kind === 'sealed') && place.path.toLowerCase() === path.toLowerCase() && place.id !== except,
      );
    if (twin) throw new Problem(409, `There is a place “${twin.path}” already.`);
  }

  /** A place that a person made; those that Outfit keeps stay as they are. */
  private ownPlace(id: string): PlaceRow {
    const place = this.ledger.place(id);
    if ((place.kind !== 'made' && place.kind !== 'sealed') || id === NO_PLACE)
      throw new Problem(409, `${place.name} is kept by Outfit and stays as it is.`);
    return place;
  }

  /** A place whose name, whereabouts or note may change: those that a person made, and whole figures. */
  private changeable(id: string): PlaceRow {
    const place = this.ledger.place(id);
    return place.kind === 'donor' ? place : this.ownPlace(id);
  }
}
