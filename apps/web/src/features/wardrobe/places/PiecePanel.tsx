import { Link } from 'react-router';
import { type PieceDto, type PlaceDto, useReadStoryQuery } from '@/api';
import { alterationWords, money } from '@outfit/core';
import { Photographs, PartPicture } from '@/parts';
import { Button, longDay, plural } from '@/ui';
import { useWorkspace } from '@/workspace';
import { DEED_WORDS, DeedForm, type OpenDeed, useDeeds } from '../deeds';
import { Doing } from './Doing';

interface PiecePanelProps {
  readonly pieces: readonly PieceDto[];
  readonly places: readonly PlaceDto[];
  readonly open: OpenDeed | null;
  readonly onOpen: (deed: OpenDeed | null) => void;
  readonly onDone: () => void;
}

/** The chosen run beside the list: what it is, what can be done with it, its story; or several runs, and what can be done with all. */
export function PiecePanel({ pieces, places, open, onOpen, onDone }: PiecePanelProps) {
  const { catalogue } = useWorkspace();
  const act = useDeeds();
  const [only] = pieces.length === 1 ? pieces : [];
  const total = pieces.reduce((all, piece) => all + piece.quantity, 0);
  const isLent = pieces.every((piece) => places.find((place) => place.id === piece.placeId)?.kind === 'lent');
  const isUnsure = pieces.some((piece) => piece.certainty !== 'sure');
  return (
    <aside
      aria-label="Chosen pieces"
      className="border-rule bg-sheet min-h-0 space-y-3 overflow-auto border-l p-4 max-sm:border-t max-sm:border-l-0"
    >
      {only ? (
        <div className="flex gap-3">
          <PartPicture
            variant={catalogue.variant(only.variant)}
            position={catalogue.mouldOf(catalogue.variant(only.variant)).fills[0]?.[0] ?? 'beside'}
            catalogue={catalogue}
            size={92}
            tacked={false}
          />
          <div className="min-w-0">
            <h2 className="text-[1.07rem] leading-tight">{catalogue.nameOf(catalogue.variant(only.variant))}</h2>
            <Link
              to={`/catalogue/variants/${encodeURIComponent(only.variant)}`}
              className="text-pencil block font-mono text-[0.8rem] break-all underline"
            >
              {only.variant}
            </Link>
            <p className="mt-1">
              {plural(only.quantity, 'piece')}, {only.condition}, {only.owner === '' ? 'yours' : `${only.owner}’s`}
            </p>
            <p className="text-pencil text-[0.93rem]">
              {only.place || 'No place yet'}
              {only.dueOn !== null && `, due back ${longDay(only.dueOn)}`}
            </p>
          </div>
        </div>
      ) : (
        <div>
          <h2 className="text-[1.07rem]">{plural(pieces.length, 'run')} chosen</h2>
          <p className="text-pencil">{plural(total, 'piece')}</p>
        </div>
      )}
      {only && only.alterations.length > 0 && (
        <p className="border-l-saffron border-l-[3px] pl-2.5 text-[0.93rem]">{only.alterations.map(alterationWords).join('; ')}</p>
      )}
      {only && only.defects.length > 0 && (
        <ul aria-label="Defects" className="border-l-saffron border-l-[3px] pl-2.5 text-[0.93rem]">
          {only.defects.map((defect, i) => (
            <li key={i}>
              {defect.kind}
              {defect.note !== '' && `: ${defect.note}`}
            </li>
          ))}
        </ul>
      )}
      {only && <Doing piece={only} />}
      {only && only.note !== '' && <p className="text-[0.93rem]">{only.note}</p>}
      <div className="flex flex-wrap gap-1.5">
        {isLent ? (
          <Button tone="act" onClick={() => onOpen('return')}>
            It came back…
          </Button>
        ) : (
          DEED_WORDS.map(([deed, words]) => (
            <Button key={deed} aria-pressed={open === deed} className="!px-2 !py-0.5" onClick={() => onOpen(open === deed ? null : deed)}>
              {words}
            </Button>
          ))
        )}
        {pieces.every((piece) => piece.owner !== '') && (
          <Button className="!px-2 !py-0.5" onClick={() => void act({ deed: 'hand back' }, pieces).then((done) => done && onDone())}>
            Hand it back
          </Button>
        )}
        {isUnsure && (
          <Button className="!px-2 !py-0.5" onClick={() => void act({ deed: 'confirm' }, pieces).then((done) => done && onDone())}>
            It is right
          </Button>
        )}
      </div>
      {open && (
        <DeedForm key={`${open} ${pieces.map((piece) => piece.id).join()}`} deed={open} pieces={pieces} places={places} onDone={onDone} />
      )}
      {only && <Photographs of={`run-${only.id}`} label={catalogue.nameOf(catalogue.variant(only.variant))} />}
      {only && <Story piece={only} />}
    </aside>
  );
}

/** What happened to a run of pieces, in sentences. */
function Story({ piece }: { readonly piece: PieceDto }) {
  const { currency } = useWorkspace();
  const { data: lines = [] } = useReadStoryQuery({ id: piece.id });
  return (
    <section aria-labelledby="story">
      <h3 id="story" className="border-rule border-t pt-2 font-semibold">
        Its story
      </h3>
      <ol className="mt-1 space-y-1 text-[0.93rem]">
        {lines.map((line, i) => (
          <li key={i}>
            <span className="text-pencil">{longDay(line.at.slice(0, 10))}</span> · {line.sentence}
            {line.broughtMinor !== null && `, for ${money(line.broughtMinor, currency)}`}
          </li>
        ))}
      </ol>
    </section>
  );
}
