import { Ellipsis } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { Link } from 'react-router';
import { type LineUpNamesDto, useBinLineUpMutation, useCreateLineUpMutation, useRenameLineUpMutation } from '@/api';
import { FigurePicture } from '@/parts';
import { attempt, Button, KeptInput, longDay, Menu, plural, tell } from '@/ui';
import { chosenLookOf, useLineUp, useWorkspace } from '@/workspace';

/** So many stand abreast on a card. */
const MOST_SHOWN = 9;
const PX_PER_MM = 2.3;

interface LineUpCardProps {
  readonly lineUp: LineUpNamesDto;
  readonly isFirst: boolean;
  readonly isLast: boolean;
  readonly onMove: (by: -1 | 1) => void;
}

/** One line-up: who stands in it, and what can be done with it as a whole. */
export function LineUpCard({ lineUp, isFirst, isLast, onMove }: LineUpCardProps) {
  const { id, name, figures } = lineUp;
  const [isRenamed, setRenamed] = useState(false);
  const [rename] = useRenameLineUpMutation();
  const [copy] = useCreateLineUpMutation();
  const [bin] = useBinLineUpMutation();
  return (
    <article aria-label={name} className="border-rule bg-sheet border">
      <div className="border-rule flex items-baseline gap-3 border-b px-4 py-2">
        {isRenamed ? (
          <KeptInput
            label="Name of the line-up"
            value={name}
            maxLength={80}
            onKeep={(next) => void attempt(rename({ id, lineUpNameDto: { name: next, on: 'workroom' } }).unwrap())}
            onLeft={() => setRenamed(false)}
          />
        ) : (
          <h2 className="min-w-0 truncate text-[1.13rem]">
            <Link to={`/line-ups/${id}`} className="hover:text-lagoon">
              {name}
            </Link>
          </h2>
        )}
        <span className="text-pencil ml-auto text-[0.93rem] whitespace-nowrap">{factOf(lineUp)}</span>
        <Menu
          trigger={
            <Button tone="quiet" className="!px-1.5" aria-label={`More for ${name}`}>
              <Ellipsis size={17} strokeWidth={1.75} />
            </Button>
          }
          items={[
            { label: 'Rename', act: () => setRenamed(true) },
            {
              label: 'Copy it with its figures',
              act: () => void attempt(copy({ newLineUpDto: { name: `Copy of ${name}`.slice(0, 80), copyOf: id } }).unwrap()),
            },
            {
              label: 'Copy its briefs alone',
              act: () =>
                void attempt(copy({ newLineUpDto: { name: `Copy of ${name}`.slice(0, 80), copyOf: id, isBriefsAlone: true } }).unwrap()),
            },
            { label: 'Move forward', act: () => onMove(-1), disabled: isFirst },
            { label: 'Move back', act: () => onMove(1), disabled: isLast },
            {
              label: 'Put it in the bin',
              act: () =>
                void attempt(bin({ id, binnedFlagDto: { isAway: true } }).unwrap()).then(
                  (done) => done && tell(`“${name}” lies in the bin. Undo brings it back.`),
                ),
            },
          ]}
        />
      </div>
      <Standing id={id} count={figures.length} />
    </article>
  );
}

/** "crew, 6 of 6, due 20 June 2027": how many of how many, and by when. */
function factOf({ kind, promised, dueOn, figures }: LineUpNamesDto): string {
  const count = kind === 'army' ? figures.reduce((all, { copies }) => all + copies, 0) : figures.length;
  const many = promised === null ? plural(count, 'figure') : `${count} of ${promised}`;
  return [...(kind === 'collection' ? [] : [kind]), many, ...(dueOn === null ? [] : [`due ${longDay(dueOn)}`])].join(', ');
}

/** The first figures of a line-up, drawn once the card is in sight. */
function Standing({ id, count }: { readonly id: string; readonly count: number }) {
  const card = useRef<HTMLDivElement>(null);
  const isSeen = useSeen(card);
  return (
    <Link ref={card as never} to={`/line-ups/${id}`} tabIndex={-1} aria-hidden="true" className="dotted flex h-28 items-end gap-1 px-3">
      {isSeen && count > 0 && <Figures id={id} />}
      {count === 0 && <span className="text-pencil self-center px-1">Nobody stands here yet.</span>}
      {count > MOST_SHOWN && <span className="text-pencil ml-auto self-center text-[0.93rem]">and {count - MOST_SHOWN} more</span>}
    </Link>
  );
}

function Figures({ id }: { readonly id: string }) {
  const { catalogue } = useWorkspace();
  const lineUp = useLineUp(id);
  return lineUp?.figures
    .slice(0, MOST_SHOWN)
    .map((figure) => <FigurePicture key={figure.id} look={chosenLookOf(figure)} catalogue={catalogue} pxPerMm={PX_PER_MM} label="" />);
}

/** Has it ever been in sight? A hundred line-ups are not read to show four. */
function useSeen(of: { readonly current: Element | null }): boolean {
  const [isSeen, setSeen] = useState(false);
  useEffect(() => {
    if (!of.current) return;
    const watcher = new IntersectionObserver((entries) => {
      if (entries.some((entry) => entry.isIntersecting)) setSeen(true);
    });
    watcher.observe(of.current);
    return () => watcher.disconnect();
  }, [of]);
  return isSeen;
}
