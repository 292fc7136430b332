import { Download } from 'lucide-react';
import { useCallback, useEffect, useState } from 'react';
import { Link } from 'react-router';
import { apiPath, type PieceDto, useImportPiecesMutation, useListPlacesQuery } from '@/api';
import { ImportDialog, UndoButtons } from '@/parts';
import { OwnInput, plural, useAddress } from '@/ui';
import { isTyping, useUndo } from '@/workspace';
import { AddSheet, CountSheet, DEED_WORDS, type OpenDeed, useDeeds } from './deeds';
import { PieceChanges } from './PieceChanges';
import { PieceGrid, PiecePanel, PlaceDeeds, PlaceTree } from './places';
import { PieceTable } from './table';
import { usePieces } from './usePieces';

const COLUMNS = [
  { name: 'variant', about: 'its number, such as HA-118·raven' },
  { name: 'quantity', about: '1 or more' },
  { name: 'condition', about: 'new, used or worn; used when empty' },
  { name: 'place', about: 'where it lies, such as Cabinet › Drawer 2 (may be left out)' },
  { name: 'note', about: 'anything else (may be left out)' },
];

/** What is owned: place by place as it lies there, or as a table of parts; and what is done with it. */
export function WardrobePage() {
  const [importPieces] = useImportPiecesMutation();
  const [params, changeAddress] = useAddress();
  const words = params.get('words') ?? '';
  const isTable = params.get('show') === 'parts';
  const place = isTable ? null : params.get('place');
  const { data: places = [] } = useListPlacesQuery();
  const open = places.find((row) => row.id === place) ?? null;
  const pieces = usePieces(words, open?.id ?? null);
  const undoing = useUndo('wardrobe', 'all');
  const { all } = pieces;
  const [chosen, setChosen] = useState<readonly PieceDto[]>([]);
  const [deed, setDeed] = useState<OpenDeed | null>(null);
  const [isAdding, setAdding] = useState(false);
  const act = useDeeds();
  const leave = useCallback(() => {
    setChosen([]);
    setDeed(null);
  }, []);
  const choosePlace = (id: string | null): void => {
    leave();
    changeAddress((next) => (id === null ? next.delete('place') : next.set('place', id)));
  };
  const choose = (piece: PieceDto, adds: boolean): void => {
    const isThere = chosen.some((row) => row.id === piece.id);
    if (adds) setChosen(isThere ? chosen.filter((row) => row.id !== piece.id) : [...chosen, piece]);
    else setChosen(isThere && chosen.length === 1 ? [] : [piece]);
    setDeed(null);
  };
  const drop = (to: string, dropped: readonly { readonly id: number; readonly quantity: number }[]): void => {
    if (dropped.length > 0) void act({ deed: 'move', to }, dropped).then((done) => done && leave());
  };
  useDeedKeys(chosen.length > 0, setDeed, () => setAdding(true));
  return (
    <div className="flex h-full flex-col">
      <div className="border-rule flex flex-wrap items-center gap-x-4 gap-y-2 border-b px-5 py-2.5">
        <h1 className="text-2xl">Wardrobe</h1>
        <p className="text-pencil" data-testid="wardrobe-total">
          {all ? `${plural(all.pieces, 'piece')} in ${plural(all.runs, 'run')}` : 'Looking…'}
        </p>
        <nav aria-label="Ways to look" className="border-rule rounded-cut flex border">
          {(
            [
              ['', 'Places'],
              ['parts', 'Parts'],
            ] as const
          ).map(([show, name]) => (
            <Link
              key={name}
              to={show === '' ? '/wardrobe' : '/wardrobe?show=parts'}
              aria-current={isTable === (show === 'parts') ? 'page' : undefined}
              className={`px-3 py-1 text-[0.93rem] ${isTable === (show === 'parts') ? 'bg-ink text-sheet font-semibold' : 'hover:bg-paper'}`}
            >
              {name}
            </Link>
          ))}
        </nav>
        <UndoButtons undoing={undoing} />
        <div className="ml-auto flex flex-wrap items-center gap-2">
          {open && open.own > 0 && open.kind !== 'lent' && <CountSheet key={open.id} place={open} />}
          <a href={apiPath('wardrobe/pieces.csv')} download className="text-lagoon inline-flex items-center gap-1 underline">
            <Download size={16} strokeWidth={1.75} /> Export CSV
          </a>
          <ImportDialog
            title="Import owned pieces"
            opens="Import CSV…"
            columns={COLUMNS}
            what="row"
            send={(body, agree) => importPieces({ body, ...(agree ? { agree } : {}) }).unwrap()}
            more={(report) => <PieceChanges report={report} />}
          />
          <AddSheet place={open} isOpen={isAdding} onOpenChange={setAdding} />
        </div>
      </div>
      <div
        className={`grid min-h-0 flex-1 max-sm:flex max-sm:flex-col ${isTable ? '' : chosen.length > 0 ? 'grid-cols-[16rem_minmax(0,1fr)_19rem]' : 'grid-cols-[16rem_minmax(0,1fr)]'}`}
      >
        {!isTable && <PlaceTree places={places} chosen={open?.id ?? null} onChoose={choosePlace} onDrop={drop} />}
        <div className={`flex min-h-0 flex-col ${isTable ? 'mx-auto w-full max-w-6xl px-6 py-3' : ''}`}>
          <div className={`flex items-baseline gap-3 ${isTable ? '' : 'px-3 pt-3'}`}>
            {open && <PlaceDeeds key={open.id} place={open} places={places} onGone={() => choosePlace(null)} />}
            <OwnInput
              aria-label="Search the wardrobe"
              placeholder={open ? `Search in ${open.name}` : 'Search: part, colour, nickname, drawer'}
              value={words}
              className="w-full"
              onFollow={(text) => changeAddress((next) => (text === '' ? next.delete('words') : next.set('words', text)))}
            />
          </div>
          {isTable ? (
            <PieceTable pieces={pieces} words={words} />
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
        {!isTable && chosen.length > 0 && <PiecePanel pieces={chosen} places={places} open={deed} onOpen={setDeed} onDone={leave} />}
      </div>
    </div>
  );
}

/** Keys for what is done with chosen pieces, and `N` for new ones. */
function useDeedKeys(hasChosen: boolean, onDeed: (deed: OpenDeed) => void, onNew: () => void): void {
  useEffect(() => {
    const onKey = (event: KeyboardEvent): void => {
      if (event.ctrlKey || event.metaKey || event.altKey || isTyping(event.target)) return;
      const key = event.key.toLowerCase();
      const deed = hasChosen ? DEED_WORDS.find(([, , own]) => own === key) : undefined;
      if (!deed && key !== 'n') return;
      event.preventDefault();
      if (deed) onDeed(deed[0]);
      else onNew();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  });
}
