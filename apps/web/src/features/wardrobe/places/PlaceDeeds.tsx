import { Ellipsis } from 'lucide-react';
import { useMemo, useState } from 'react';
import { type PlaceDto, useChangePlaceMutation, useRemovePlaceMutation } from '@/api';
import { attempt, Button, KeptInput, Menu, Picker } from '@/ui';

interface PlaceDeedsProps {
  readonly place: PlaceDto;
  readonly places: readonly PlaceDto[];
  readonly onGone: () => void;
}

const TOP = 'top';

/** The open place by its name: named anew, put elsewhere with all below it, or taken away while nothing ever lay in it. */
export function PlaceDeeds({ place, places, onGone }: PlaceDeedsProps) {
  const [doing, setDoing] = useState<'name' | 'move' | 'note' | null>(null);
  const [change] = useChangePlaceMutation();
  const [remove] = useRemovePlaceMutation();
  const options = useMemo(
    () => [
      { value: TOP, text: 'Into no other place' },
      ...places
        .filter((row) => (row.kind === 'made' || row.kind === 'sealed') && row.path !== '' && !isBelow(row, place))
        .map((row) => ({ value: row.id, text: row.path })),
    ],
    [places, place],
  );
  const isMade = (place.kind === 'made' || place.kind === 'sealed') && place.path !== '';
  if (doing === 'name')
    return (
      <KeptInput
        label="Name of the place"
        value={place.name}
        maxLength={80}
        onKeep={(name) => void attempt(change({ id: place.id, placeChangeDto: { name } }).unwrap())}
        onLeft={() => setDoing(null)}
      />
    );
  if (doing === 'note')
    return (
      <KeptInput
        label="Note about the place"
        value={place.note}
        maxLength={500}
        onKeep={(note) => void attempt(change({ id: place.id, placeChangeDto: { note } }).unwrap())}
        onLeft={() => setDoing(null)}
      />
    );
  return (
    <span className="flex items-center gap-1">
      <h2 className="text-[1.07rem] whitespace-nowrap">{place.kind === 'lent' ? place.path : place.name}</h2>
      {isMade && (
        <Menu
          trigger={
            <Button tone="quiet" className="!px-1" aria-label={`More for ${place.name}`}>
              <Ellipsis size={16} strokeWidth={1.75} />
            </Button>
          }
          items={[
            { label: 'Rename', act: () => setDoing('name') },
            { label: 'Put it elsewhere…', act: () => setDoing('move') },
            { label: 'Note', act: () => setDoing('note') },
            {
              label: 'Take it away',
              act: () => void attempt(remove({ id: place.id }).unwrap()).then((done) => done && onGone()),
            },
          ]}
        />
      )}
      {doing === 'move' && (
        <Picker
          label={`Put ${place.name} into`}
          placeholder="Into…"
          value={null}
          options={options}
          className="!w-52"
          onChoose={(to) => {
            setDoing(null);
            void attempt(change({ id: place.id, placeChangeDto: { parent: to === TOP ? null : to } }).unwrap());
          }}
        />
      )}
    </span>
  );
}

const isBelow = (row: PlaceDto, place: PlaceDto): boolean => row.id === place.id || row.path.startsWith(`${place.path} › `);
