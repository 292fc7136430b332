import { Download } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { apiPath, useImportPiecesMutation, useListDonorsQuery, useListPlacesQuery, usePagePiecesQuery } from '@/api';
import { ImportDialog, UndoButtons } from '@/parts';
import { plural, useAddress } from '@/ui';
import { useUndo } from '@/workspace';
import { AddSheet, CountSheet, WhereSheet } from './deeds';
import { AddProductSheet, FiguresView, OpenBoxSheet, TogetherSheet } from './figures';
import { LedgerFile } from './LedgerFile';
import { PieceChanges } from './PieceChanges';
import { PlacesView } from './places';
import { SortOutView } from './sorting';
import { readWay, WAYS } from './ways';

const COLUMNS = [
  { name: 'variant', about: 'its number, such as HA-118·raven' },
  { name: 'quantity', about: '1 or more' },
  { name: 'condition', about: 'new, used or worn; used when empty' },
  { name: 'place', about: 'where it lies, such as Cabinet › Drawer 2 (may be left out)' },
  { name: 'note', about: 'anything else (may be left out)' },
];

/** What is owned, looked at in four ways: where it lies, part by part, as whole figures, and what waits for a decision. */
export function WardrobePage() {
  const [params] = useAddress();
  const way = readWay(params.get('show'));
  const { data: places = [] } = useListPlacesQuery();
  const open = way === 'places' ? (places.find((row) => row.id === params.get('place')) ?? null) : null;
  const undoing = useUndo('wardrobe', 'all');
  const [isAdding, setAdding] = useState(false);
  return (
    <div className="flex h-full flex-col">
      <div className="border-rule flex flex-wrap items-center gap-x-4 gap-y-2 border-b px-5 py-2.5">
        <h1 className="text-2xl">Wardrobe</h1>
        <Totals />
        <nav aria-label="Ways to look" className="border-rule rounded-cut flex border">
          {WAYS.map(({ id, name }) => (
            <Link
              key={id}
              to={id === 'places' ? '/wardrobe' : `/wardrobe?show=${id}`}
              aria-current={way === id ? 'page' : undefined}
              className={`px-2.5 py-1 text-[0.93rem] whitespace-nowrap ${way === id ? 'bg-ink text-sheet font-semibold' : 'hover:bg-paper'}`}
            >
              {name}
            </Link>
          ))}
        </nav>
        <UndoButtons undoing={undoing} />
        <div className="ml-auto flex flex-wrap items-center gap-2">
          {open?.kind === 'sealed' && open.product !== null && <OpenBoxSheet key={open.id} box={open} />}
          {open && open.own > 0 && open.kind !== 'lent' && <CountSheet key={open.id} place={open} />}
          {way === 'parts' && (
            <>
              <a href={apiPath('wardrobe/pieces.csv')} download className="text-lagoon inline-flex items-center gap-1 underline">
                <Download size={16} strokeWidth={1.75} /> Export CSV
              </a>
              <Import />
              <LedgerFile />
            </>
          )}
          {way === 'places' && <WhereSheet />}
          {way === 'figures' && <TogetherSheet />}
          <AddProductSheet place={open} />
          <AddSheet place={open} isOpen={isAdding} onOpenChange={setAdding} />
        </div>
      </div>
      {way === 'figures' ? (
        <FiguresView />
      ) : way === 'sort-out' ? (
        <SortOutView />
      ) : (
        <PlacesView isTable={way === 'parts'} onNew={() => setAdding(true)} />
      )}
    </div>
  );
}

function Totals() {
  const { data: all } = usePagePiecesQuery({ offset: 0, limit: 1 });
  const { data: donors } = useListDonorsQuery();
  return (
    <p className="text-pencil" data-testid="wardrobe-total">
      {all && donors ? `${plural(all.pieces, 'piece')}, ${plural(donors.length, 'whole figure')}` : 'Looking…'}
    </p>
  );
}

function Import() {
  const [importPieces] = useImportPiecesMutation();
  return (
    <ImportDialog
      title="Import owned pieces"
      opens="Import CSV…"
      columns={COLUMNS}
      what="row"
      send={(body, agree) => importPieces({ body, ...(agree ? { agree } : {}) }).unwrap()}
      more={(report) => <PieceChanges report={report} />}
    />
  );
}
