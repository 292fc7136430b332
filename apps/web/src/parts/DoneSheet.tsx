import { type LineOfUndo, useListChangesQuery } from '@/api';
import { useState } from 'react';
import { Button, longMoment, Sheet } from '@/ui';

const AT_FIRST = 500;
/** What is listed grows so many times with each press. */
const TIMES = 4;

interface DoneSheetProps {
  readonly line: LineOfUndo;
  readonly open: boolean;
  readonly onOpenChange: (open: boolean) => void;
  /** Takes one deed back by itself. */
  readonly takeBack: (id: number) => void;
}

/** What was done on a page, the newest first; each deed that stands can be taken back by itself, whatever came after it. */
export default function DoneSheet({ line, open, onOpenChange, takeBack }: DoneSheetProps) {
  return (
    <Sheet
      wide
      title="What was done here"
      about="Each of these can be taken back by itself, and what came after it stays. Where something later rests on it, that is named."
      open={open}
      onOpenChange={onOpenChange}
    >
      {open && <Deeds line={line} takeBack={takeBack} />}
    </Sheet>
  );
}

function Deeds({ line, takeBack }: Pick<DoneSheetProps, 'line' | 'takeBack'>) {
  const [most, setMost] = useState(AT_FIRST);
  const { data, isFetching } = useListChangesQuery({ ...line, most });
  const deeds = data?.filter((change) => change.kind === 'edit');
  if (!deeds) return <p className="text-pencil mt-4">Looking it up…</p>;
  if (deeds.length === 0) return <p className="text-pencil mt-4">Nothing was done here yet.</p>;
  return (
    <ol aria-label="Deeds, the newest first" className="mt-3 min-h-0 overflow-auto">
      {deeds.map((deed) => (
        <li key={deed.id} className="border-rule flex min-h-10 items-center gap-3 border-t py-1">
          <time dateTime={deed.at} className="text-pencil w-44 shrink-0 text-[0.87rem]">
            {longMoment(deed.at)}
          </time>
          <span className={`min-w-0 flex-1 ${deed.stands ? '' : 'text-pencil line-through'}`}>{deed.label}</span>
          {deed.stands ? (
            <Button aria-label={`Take back: ${deed.label}`} onClick={() => takeBack(deed.id)}>
              Take back
            </Button>
          ) : (
            <span className="text-pencil text-[0.87rem]">taken back</span>
          )}
        </li>
      ))}
      {(data?.length ?? 0) >= most && (
        <li className="border-rule border-t py-2">
          <Button disabled={isFetching} onClick={() => setMost(most * TIMES)}>
            Show earlier ones
          </Button>
        </li>
      )}
    </ol>
  );
}
