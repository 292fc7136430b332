import { Photographs } from '@/parts';
import { useEffect, useState } from 'react';
import { type PieceInPageDto, useListPlacesQuery } from '@/api';
import { Link } from 'react-router';
import { Chips, Choice, OwnInput, plural, useAddress } from '@/ui';
import { isTyping } from '@/workspace';
import { DEED_WORDS, type OpenDeed, useDeeds } from '../deeds';
import { PieceTable } from '../table';
import { PIECE_ORDERS, type PieceOrder, type PiecesAsked, usePieces } from '../usePieces';
import { PieceGrid } from './PieceGrid';
import { PiecePanel } from './PiecePanel';
import { PlaceDeeds } from './PlaceDeeds';
import { PlaceTree } from './PlaceTree';

interface Selection {
  readonly chosen: readonly PieceInPageDto[];
  /** What is about to be done with them. */
  readonly deed: OpenDeed | null;
}
const NOTHING: Selection = { chosen: [], deed: null };

const DOINGS = ['', 'free', 'promised'] as const;

/** What is owned, as it lies in its places or as a table of parts; and what is done with it. */
export function PlacesView({ isTable, onNew }: { readonly isTable: boolean; readonly onNew: () => void }) {
  const [params, changeAddress] = useAddress();
  const words = params.get('words') ?? '';
  const { data: places = [] } = useListPlacesQuery();
  const open = isTable ? null : (places.find((row) => row.id === params.get('place')) ?? null);
  const doing = DOINGS.find((name) => name === params.get('doing')) ?? '';
  const order = PIECE_ORDERS.find((name) => name === params.get('order')) ?? 'part';
  const asked: PiecesAsked = {
    ...(words === '' ? {} : { words }),
    ...(open === null ? {} : { place: open.id }),
    ...(doing === '' ? {} : { doing }),
    ...(order === 'part' ? {} : { order }),
  };
  const pieces = usePieces(asked);
  const [selection, setSelection] = useState<Selection>(NOTHING);
  const { chosen, deed } = selection;
  const setChosen = (pieces: readonly PieceInPageDto[]): void => setSelection({ chosen: pieces, deed: null });
  const setDeed = (next: OpenDeed | null): void => setSelection((now) => ({ ...now, deed: next }));
  const act = useDeeds();
  /** What was to be done with the chosen pieces is done. Others that were chosen meanwhile stay chosen. */
  const leave = (): void => setSelection((now) => (now.chosen === chosen ? NOTHING : now));
  const put = (key: string, value: string): void => changeAddress((next) => (value === '' ? next.delete(key) : next.set(key, value)));
  const choosePlace = (id: string | null): void => {
    setSelection(NOTHING);
    put('place', id ?? '');
  };
  /** The place is taken away; another that was opened meanwhile stays open. */
  const putAway = (id: string): void => changeAddress((next) => next.get('place') === id && next.delete('place'));
  const choose = (piece: PieceInPageDto, adds: boolean): void => {
    const isThere = chosen.some((row) => row.id === piece.id);
    if (adds) setChosen(isThere ? chosen.filter((row) => row.id !== piece.id) : [...chosen, piece]);
    else setChosen(isThere && chosen.length === 1 ? [] : [piece]);
  };
  const drop = (to: string, dropped: readonly { readonly id: number; readonly quantity: number }[]): void => {
    if (dropped.length > 0) void act({ deed: 'move', to }, dropped).then((done) => done && leave());
  };
  const confirm = (): void => {
    const unsure = chosen.filter((piece) => piece.certainty !== 'sure');
    if (unsure.length > 0) void act({ deed: 'confirm' }, unsure).then((done) => done && leave());
  };
  const chooseAll = (): void => {
    const loaded = Array.from({ length: pieces.total ?? 0 }, (_, i) => pieces.at(i)).filter((piece) => piece !== null);
    setSelection({ chosen: chosen.length >= loaded.length ? [] : loaded, deed });
  };
  useDeedKeys(chosen.length > 0, setDeed, onNew, confirm);
  const { shares } = pieces;
  return (
    <div
      className={`grid min-h-0 flex-1 max-sm:flex max-sm:flex-col ${isTable ? (chosen.length > 0 ? 'grid-cols-[minmax(0,1fr)_19rem]' : '') : chosen.length > 0 ? 'grid-cols-[16rem_minmax(0,1fr)_19rem]' : 'grid-cols-[16rem_minmax(0,1fr)]'}`}
    >
      {!isTable && <PlaceTree places={places} chosen={open?.id ?? null} onChoose={choosePlace} onDrop={drop} />}
      <div className={`flex min-h-0 flex-col ${isTable ? 'mx-auto w-full max-w-6xl px-6 py-3' : ''}`}>
        <div className={`flex flex-wrap items-baseline gap-3 ${isTable ? '' : 'px-3 pt-3'}`}>
          {open && <PlaceDeeds key={open.id} place={open} places={places} onGone={() => putAway(open.id)} />}
          <OwnInput
            aria-label="Search the wardrobe"
            placeholder={open ? `Search in ${open.name}` : 'Search: part, colour, nickname, drawer'}
            value={words}
            className="min-w-40 flex-1"
            onFollow={(text) => put('words', text)}
          />
          <Chips
            label="Which pieces"
            chosen={doing}
            options={[
              ['', 'All'],
              ['free', shares ? `Free ${shares.free}` : 'Free'],
              ['promised', shares ? `Promised ${shares.promised}` : 'Promised'],
            ]}
            onChoose={(value) => put('doing', value)}
          />
          <Choice<PieceOrder>
            aria-label="Sorted by"
            className="!w-auto"
            value={order}
            options={[
              { value: 'part', label: 'by part' },
              { value: 'colour', label: 'by colour' },
              { value: 'place', label: 'by place' },
              { value: 'most', label: 'most first' },
            ]}
            onChoose={(value) => put('order', value === 'part' ? '' : value)}
          />
        </div>
        {open && open.path !== '' && open.kind !== 'lent' && (
          <div className="px-3 pt-1">
            <Photographs of={open.id} label={open.name} />
          </div>
        )}
        {open && open.note !== '' && <p className="text-pencil px-3 pt-1 text-[0.93rem]">{open.note}</p>}
        {open && open.wholeFigures > 0 && open.kind !== 'donor' && (
          <p className="px-3 pt-2 text-[0.93rem]">
            <Link to="/wardrobe?show=figures" className="text-lagoon underline">
              {plural(open.wholeFigures, 'whole figure')} {open.wholeFigures === 1 ? 'stands' : 'stand'} here
            </Link>
          </p>
        )}
        {isTable ? (
          <PieceTable
            pieces={pieces}
            words={words}
            chosen={new Set(chosen.map((piece) => piece.id))}
            onChoose={choose}
            onChooseAll={chooseAll}
          />
        ) : (
          <PieceGrid
            pieces={pieces}
            chosen={new Set(chosen.map((piece) => piece.id))}
            chosenPieces={chosen}
            place={open?.id ?? null}
            onChoose={choose}
          />
        )}
      </div>
      {chosen.length > 0 && <PiecePanel pieces={chosen} places={places} open={deed} onOpen={setDeed} onDone={leave} />}
    </div>
  );
}

/** Keys for what is done with chosen pieces, `Y` to say that they are right, and `N` for new ones. */
function useDeedKeys(hasChosen: boolean, onDeed: (deed: OpenDeed) => void, onNew: () => void, onConfirm: () => void): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      const key = event.key.toLowerCase();
      const deed = hasChosen ? DEED_WORDS.find(([, , own]) => own === key) : undefined;
      if (!deed && key !== 'n' && !(key === 'y' && hasChosen)) return;
      event.preventDefault();
      if (deed) onDeed(deed[0]);
      else if (key === 'y') onConfirm();
      else onNew();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
}
