import { ChevronDown, ChevronUp } from 'lucide-react';
import { lazy, startTransition, Suspense, useEffect, useState } from 'react';
import { useNavigate } from 'react-router';
import { useLineUp, useNames, useOpen, useOpenLineUp } from '@/workspace';

/** Read, and drawn, after the page. */
const ShelfRow = lazy(() => import('./ShelfRow'));

/** The figures of the open line-up at their true relative heights: the way round the application. It folds away. */
export function Shelf() {
  const isItsTurn = useAfterPage();
  const lineUps = useNames();
  const { figure } = useOpen();
  const [folded, setFolded] = useState(false);
  const open = useOpenLineUp();
  const shown = lineUps.find((row) => row.id === open) ?? lineUps[0];
  const lineUp = useLineUp(shown?.id);
  const navigate = useNavigate();
  if (!shown) return null;
  return (
    <footer className="border-rule bg-sheet border-t print:hidden [contain:layout_paint] will-change-transform" aria-label="Shelf">
      {/* As high as it will be: the page above does not move when the figures come. */}
      <div className={`flex items-stretch ${folded ? '' : 'min-h-23.5'}`}>
        <div className="border-rule flex w-36 shrink-0 flex-col justify-center gap-1 border-r px-3 py-1">
          <select
            aria-label="Line-up on the shelf"
            className="w-full truncate bg-transparent text-[0.87rem] font-medium"
            value={shown.id}
            onChange={(event) => void navigate(`/line-ups/${event.target.value}`)}
          >
            {lineUps.map((row) => (
              <option key={row.id} value={row.id}>
                {row.name}
              </option>
            ))}
          </select>
          <button
            type="button"
            className="text-pencil hover:text-ink flex items-center gap-1 text-[0.8rem]"
            aria-expanded={!folded}
            onClick={() => setFolded(!folded)}
          >
            {folded ? <ChevronUp size={14} strokeWidth={1.75} /> : <ChevronDown size={14} strokeWidth={1.75} />}
            {folded ? 'Unfold the shelf' : 'Fold away'}
          </button>
        </div>
        <Suspense>{!folded && lineUp && isItsTurn && <ShelfRow lineUp={lineUp} open={figure?.id ?? null} />}</Suspense>
      </div>
    </footer>
  );
}

/** True once the page has been drawn: twenty figures on the shelf do not keep it waiting. */
function useAfterPage(): boolean {
  const [isDrawn, setDrawn] = useState(false);
  useEffect(() => startTransition(() => setDrawn(true)), []);
  return isDrawn;
}
