import { isAtHand } from '@outfit/core/wardrobe';
import { Box, FolderPlus, Package, PersonStanding, Truck, UserRound, Wrench } from 'lucide-react';
import { useState } from 'react';
import { type PlaceDto, useAddPlaceMutation, useChangePlaceMutation } from '@/api';
import { attempt, Button, Input, longDay } from '@/ui';
import { useWorkspace } from '@/workspace';
import { readDragged, readDraggedPlace, writeDraggedPlace } from './dragged';

interface PlaceTreeProps {
  readonly places: readonly PlaceDto[];
  readonly chosen: string | null;
  readonly onChoose: (place: string | null) => void;
  /** Pieces were dropped on a place. */
  readonly onDrop: (place: string, pieces: readonly { readonly id: number; readonly quantity: number }[]) => void;
}

const ICONS = {
  made: Box,
  sealed: Package,
  donor: PersonStanding,
  figure: PersonStanding,
  parcel: Truck,
  lent: UserRound,
  bench: Wrench,
  outside: Box,
} as const;

/** The places within places, each with how many pieces lie in it and below. Pieces are dropped on a place to go there. */
export function PlaceTree({ places, chosen, onChoose, onDrop }: PlaceTreeProps) {
  const { today } = useWorkspace();
  const [isOver, setOver] = useState<string | null>(null);
  const [change] = useChangePlaceMutation();
  const dropPlace = (id: string, parent: string | null): void => {
    if (id !== parent) void attempt(change({ id, placeChangeDto: { parent } }).unwrap());
  };
  // What is sealed or with somebody else is opened for itself: the list of everything is of what can be taken in hand.
  const total = places.filter((place) => isAtHand(place.kind)).reduce((all, place) => all + place.own, 0);
  const aside = asideOf(places);
  const built = places.filter((place) => place.kind === 'figure');
  const row = (place: PlaceDto, depth: number) => {
    const Icon = ICONS[place.kind];
    const isLate = place.dueOn !== null && place.dueOn < today;
    return (
      <li key={place.id}>
        <button
          type="button"
          aria-current={place.id === chosen ? 'true' : undefined}
          draggable={isMovable(place)}
          onDragStart={(event) => writeDraggedPlace(event.dataTransfer, place.id)}
          onClick={() => onChoose(place.id)}
          onDragOver={(event) => {
            if (place.kind === 'lent') return;
            event.preventDefault();
            setOver(place.id);
          }}
          onDragLeave={() => setOver(null)}
          onDrop={(event) => {
            event.preventDefault();
            setOver(null);
            const moved = readDraggedPlace(event.dataTransfer);
            if (moved === null) onDrop(place.id, readDragged(event.dataTransfer));
            else dropPlace(moved, place.id);
          }}
          style={{ paddingLeft: `${0.6 + depth * 1}rem` }}
          className={`flex w-full items-baseline gap-2 py-1.5 pr-3 text-left ${place.id === chosen ? 'bg-lagoon/10 font-semibold' : 'hover:bg-paper'} ${isOver === place.id ? 'outline-lagoon outline-2 -outline-offset-2' : ''}`}
        >
          <Icon size={15} strokeWidth={1.75} className="text-pencil shrink-0 translate-y-0.5" />
          <span className="min-w-0 flex-1">
            {place.kind === 'lent' ? place.path : place.name}
            {place.dueOn !== null && (
              <span className={`block text-[0.8rem] font-normal ${isLate ? 'text-madder' : 'text-pencil'}`}>
                {place.kind === 'parcel' ? (isLate ? 'was expected' : 'expected') : isLate ? 'was due back' : 'due back'}{' '}
                {longDay(place.dueOn)}
              </span>
            )}
          </span>
          <span className="text-pencil text-[0.87rem] font-normal whitespace-nowrap">{countOf(place)}</span>
        </button>
        {branch(place.id, depth + 1)}
      </li>
    );
  };
  const branch = (parent: string | null, depth: number) => {
    // Whole figures stand on a page of their own: here they are counted.
    const here = places
      .filter((place) => place.parent === parent && place.kind !== 'figure' && (place.kind !== 'donor' || place.id === chosen))
      .sort((a, b) => rankOf(a) - rankOf(b));
    return here.length === 0 ? null : <ul>{here.map((place) => row(place, depth))}</ul>;
  };
  return (
    <nav
      aria-label="Places"
      className="border-rule bg-sheet flex min-h-0 flex-col border-r max-sm:h-40 max-sm:shrink-0 max-sm:border-r-0 max-sm:border-b"
    >
      <div className="min-h-0 flex-1 overflow-auto py-1">
        <button
          type="button"
          aria-current={chosen === null ? 'true' : undefined}
          onDragOver={(event) => event.preventDefault()}
          onDrop={(event) => {
            event.preventDefault();
            const moved = readDraggedPlace(event.dataTransfer);
            if (moved !== null) dropPlace(moved, null);
          }}
          onClick={() => onChoose(null)}
          className={`flex w-full items-baseline gap-2 py-1.5 pr-3 pl-2.5 text-left ${chosen === null ? 'bg-lagoon/10 font-semibold' : 'hover:bg-paper'}`}
        >
          <span className="flex-1">
            Everything at hand
            {aside !== '' && <span className="text-pencil block text-[0.8rem] font-normal">besides {aside}</span>}
          </span>
          <span className="text-pencil font-mono text-[0.93rem] font-normal">{total}</span>
        </button>
        {branch(null, 0)}
        {built.length > 0 && (
          <details open={built.some((place) => place.id === chosen)}>
            <summary className="hover:bg-paper flex cursor-pointer items-baseline gap-2 py-1.5 pr-3 pl-2.5">
              <span className="flex-1">Built figures</span>
              <span className="text-pencil font-mono text-[0.93rem]">{built.length}</span>
            </summary>
            <ul>{built.map((place) => row(place, 1))}</ul>
          </details>
        )}
      </div>
      <NewPlace places={places} within={places.find((place) => place.id === chosen) ?? null} />
      <p className="text-pencil border-rule border-t px-3 py-2 text-[0.87rem] max-sm:hidden">
        Drop pieces, or a drawer, on a place to move them. <kbd className="font-mono">M</kbd> moves by name.
      </p>
    </nav>
  );
}

/** What is owned and not at hand: "18 sealed, 3 lent"; nothing where all is at hand. */
const asideOf = (places: readonly PlaceDto[]): string =>
  (
    [
      ['sealed', 'sealed'],
      ['lent', 'lent'],
      ['parcel', 'on their way'],
    ] as const
  )
    .map(([kind, words]) => [places.reduce((all, place) => all + (place.kind === kind ? place.pieces : 0), 0), words] as const)
    .flatMap(([pieces, words]) => (pieces > 0 ? [`${pieces} ${words}`] : []))
    .join(', ');

/** Rooms and what lies nowhere yet first, then the bench and its trays, what is on its way, what is with somebody. */
const rankOf = ({ kind }: PlaceDto): number => ['made', 'sealed', 'bench', 'parcel', 'lent'].indexOf(kind);

/** "25, 11 whole": loose pieces, and whole figures. */
const countOf = ({ pieces, wholeFigures, kind }: PlaceDto): string =>
  wholeFigures === 0 || kind === 'donor' ? String(pieces) : pieces === 0 ? `${wholeFigures} whole` : `${pieces}, ${wholeFigures} whole`;

/** Places one made, sealed boxes and whole figures can be put elsewhere. */
const isMovable = ({ kind, path }: PlaceDto): boolean => path !== '' && (kind === 'made' || kind === 'sealed' || kind === 'donor');

/** A new place, within the one that is open. */
function NewPlace({ within }: { readonly places: readonly PlaceDto[]; readonly within: PlaceDto | null }) {
  const [add] = useAddPlaceMutation();
  const [name, setName] = useState('');
  const parent = within && (within.kind === 'made' || within.kind === 'sealed') && within.path !== '' ? within : null;
  return (
    <form
      className="border-rule flex gap-1.5 border-t px-2 py-1.5 max-sm:hidden"
      onSubmit={(event) => {
        event.preventDefault();
        if (name.trim() === '') return;
        void attempt(add({ newPlaceDto: { name: name.trim(), parent: parent?.id ?? null } }).unwrap()).then((done) => done && setName(''));
      }}
    >
      <Input
        aria-label={parent ? `New place in ${parent.name}` : 'New place'}
        placeholder={parent ? `New place in ${parent.name}` : 'New place'}
        value={name}
        maxLength={80}
        className="!py-0.5 text-[0.93rem]"
        onChange={(event) => setName(event.target.value)}
      />
      <Button type="submit" tone="quiet" className="!px-1.5" aria-label="Add the place" disabled={name.trim() === ''}>
        <FolderPlus size={17} strokeWidth={1.75} />
      </Button>
    </form>
  );
}
