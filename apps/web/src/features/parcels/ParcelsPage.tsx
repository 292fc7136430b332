import { daysBetween, money } from '@outfit/core';
import { CalendarDays } from 'lucide-react';
import { useState } from 'react';
import { useParams } from 'react-router';
import { apiPath, type OrderedParcelDto, useListParcelsQuery, useListServingParcelsQuery, useReadSpentQuery } from '@/api';
import { UndoButtons } from '@/parts';
import { Empty, longDay, plural, useAddress } from '@/ui';
import { useFigure, useUndo, useWorkspace } from '@/workspace';
import { AddParcelSheet } from './AddParcelSheet';
import { ParcelPanel } from './ParcelPanel';
import { Deadlines } from './Deadlines';
import { Spent } from './Spent';

const NONE: readonly OrderedParcelDto[] = [];

/** Orders along the days: what is late to the front, what is here and not put away, what is expected when, what is settled. */
export function ParcelsPage() {
  const { today, currency } = useWorkspace();
  const { figureId } = useParams();
  const figure = useFigure(figureId);
  const { data: all = NONE, isLoading } = useListParcelsQuery();
  const { data: serving } = useListServingParcelsQuery({ figure: figureId ?? '' }, { skip: figureId === undefined });
  const parcels = figureId === undefined ? all : all.filter((parcel) => serving?.some((row) => row.parcel === parcel.id));
  const { data: spent } = useReadSpentQuery();
  const [params, changeAddress] = useAddress();
  const open = parcels.find((parcel) => parcel.id === params.get('parcel')) ?? null;
  const undoing = useUndo('wardrobe', 'all');
  const [showsSpent, setShowsSpent] = useState(false);
  const choose = (id: string | null): void => changeAddress((next) => (id === null ? next.delete('parcel') : next.set('parcel', id)));
  return (
    <div className="flex h-full flex-col">
      <div className="border-rule flex flex-wrap items-center gap-x-4 gap-y-2 border-b px-5 py-2.5">
        <h1 className="text-2xl">{figure ? `Parcels for ${figure.brief.name}` : 'Parcels'}</h1>
        <p className="text-pencil" data-testid="expected">
          {plural(
            parcels.reduce((all, parcel) => all + parcel.lines.reduce((sum, line) => sum + line.open, 0), 0),
            'piece',
          )}{' '}
          expected
        </p>
        <UndoButtons undoing={undoing} />
        <div className="ml-auto flex flex-wrap items-center gap-3">
          {spent && spent.months.length > 0 && (
            <button type="button" className="text-lagoon underline" aria-expanded={showsSpent} onClick={() => setShowsSpent(!showsSpent)}>
              {money(spent.costMinor, currency)} spent
            </button>
          )}
          <a href={apiPath('parcels/calendar.ics')} download className="text-lagoon inline-flex items-center gap-1 underline">
            <CalendarDays size={16} strokeWidth={1.75} /> Calendar
          </a>
          <AddParcelSheet />
        </div>
      </div>
      {showsSpent && spent && <Spent spent={spent} />}
      {figureId === undefined && <Deadlines />}
      <div
        className={`grid min-h-0 flex-1 max-sm:flex max-sm:flex-col ${open ? 'grid-cols-[minmax(0,1fr)_26rem]' : 'grid-cols-[minmax(0,1fr)]'}`}
      >
        <div className="dotted min-h-0 overflow-auto p-4">
          {!isLoading && parcels.length === 0 && (
            <Empty title={figure ? `Nothing is on its way for ${figure.brief.name}` : 'No parcels yet'}>
              <p>Order what an errand plans, or write down a find of your own. Its pieces are on their way from then on.</p>
            </Empty>
          )}
          <div className="flex flex-wrap items-start gap-4">
            {columnsOf(parcels, today).map(([name, rows]) => (
              <section key={name} aria-label={name} className="w-60">
                <h2 className={`mb-1 text-[1rem] ${name === 'Late' ? 'text-madder' : ''}`}>
                  {name} <span className="text-pencil font-mono text-[0.87rem] font-normal">{rows.length}</span>
                </h2>
                <ul className="space-y-2">
                  {rows.map((parcel) => (
                    <li key={parcel.id}>
                      <Card
                        parcel={parcel}
                        isOpen={parcel.id === open?.id}
                        onOpen={() => choose(parcel.id === open?.id ? null : parcel.id)}
                      />
                    </li>
                  ))}
                </ul>
              </section>
            ))}
          </div>
        </div>
        {open && <ParcelPanel key={open.id} parcel={open} />}
      </div>
    </div>
  );
}

/** The parcels in columns: late, here, then by how soon they are expected, then settled; empty columns are left out. */
function columnsOf(parcels: readonly OrderedParcelDto[], today: string): readonly (readonly [string, readonly OrderedParcelDto[]])[] {
  const nameOf = (parcel: OrderedParcelDto): string => {
    if (parcel.state === 'settled' || parcel.state === 'lost' || parcel.state === 'cancelled') return 'Settled';
    if (parcel.state === 'arrived') return 'Here, to put away';
    if (parcel.isLate) return 'Late';
    if (parcel.expectedOn === null) return 'Some day';
    const days = daysBetween(today, parcel.expectedOn);
    return days <= 2 ? 'In the next days' : days <= 7 ? 'This week' : days <= 14 ? 'Next week' : 'Later';
  };
  const order = ['Late', 'Here, to put away', 'In the next days', 'This week', 'Next week', 'Later', 'Some day', 'Settled'];
  return order.flatMap((name) => {
    const rows = parcels
      .filter((parcel) => nameOf(parcel) === name)
      .sort((a, b) => ((a.expectedOn ?? a.orderedOn) < (b.expectedOn ?? b.orderedOn) ? -1 : 1));
    return rows.length > 0 ? [[name, rows] as const] : [];
  });
}

function Card({ parcel, isOpen, onOpen }: { readonly parcel: OrderedParcelDto; readonly isOpen: boolean; readonly onOpen: () => void }) {
  const pieces = parcel.lines.reduce((all, line) => all + line.quantity, 0);
  const open = parcel.lines.reduce((all, line) => all + line.open, 0);
  return (
    <button
      type="button"
      aria-pressed={isOpen}
      onClick={onOpen}
      className={`bg-sheet rounded-cut block w-full border px-3 py-2 text-left ${isOpen ? 'border-lagoon outline-lagoon outline-1' : 'border-rule hover:border-pencil'}`}
    >
      <span className="flex items-baseline gap-2">
        <b className="min-w-0 flex-1 truncate">{parcel.sellerName}</b>
        <span className="font-mono text-[0.93rem]">{money(parcel.costMinor, parcel.currency)}</span>
      </span>
      <span className="text-pencil block text-[0.93rem]">
        {open === pieces ? plural(pieces, 'piece') : `${open} of ${plural(pieces, 'piece')} open`}, {parcel.state}
      </span>
      {parcel.expectedOn !== null && (parcel.state === 'ordered' || parcel.state === 'sent') && (
        <span className={`block text-[0.87rem] ${parcel.isLate ? 'text-madder' : 'text-pencil'}`}>
          {parcel.isLate ? 'was expected' : 'expected'} {longDay(parcel.expectedOn)}
        </span>
      )}
    </button>
  );
}
