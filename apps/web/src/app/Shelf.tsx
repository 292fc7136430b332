import { ChevronDown, ChevronUp } from 'lucide-react';
import { lazy, startTransition, Suspense, useEffect, useState } from 'react';
import { useLocation, useNavigate } from 'react-router';
import { LineUpPicker } from '@/parts';
import { whenIdle } from '@/ui';
import { useLineUp, useNames, useOpen, useOpenLineUp } from '@/workspace';
import { pageAt } from './pages';

/** Read, and drawn, after the page. */
const ShelfRow = lazy(() => import('./ShelfRow'));

/** The figures of the open line-up at their true relative heights: the way round the application. It folds away. */
export function Shelf() {
  const isItsTurn = useAfterPage();
  const lineUps = useNames();
  const { figure } = useOpen();
  const { pathname } = useLocation();
  const [asked, setFolded] = useState<boolean | null>(null);
  const folded = asked ?? pageAt(pathname)?.foldsShelf ?? false;
  const open = useOpenLineUp();
  const shown = lineUps.find((row) => row.id === open) ?? lineUps[0];
  const lineUp = useLineUp(shown?.id);
  const navigate = useNavigate();
  if (!shown) return null;
  return (
    <footer className="border-rule bg-sheet border-t print:hidden [contain:layout_paint] will-change-transform" aria-label="Shelf">
      {/* As high as it will be: the page above does not move when the figures come. */}
      <div className={`flex items-stretch ${folded ? '' : 'min-h-23.5'}`}>
        <div
          className={`border-rule flex shrink-0 justify-center gap-1 border-r px-3 py-1 ${folded ? 'w-auto flex-row items-center gap-4' : 'w-36 flex-col'}`}
        >
          <LineUpPicker
            label="Line-up on the shelf"
            className={`!border-transparent !bg-transparent !px-1 text-[0.87rem] font-medium ${folded ? '!w-44' : ''}`}
            value={shown.id}
            onChoose={(id) => void navigate(`/line-ups/${id}`)}
          />
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

/** True once the page stands and nothing else is being done: twenty figures on the shelf do not keep it waiting. */
function useAfterPage(): boolean {
  const [isDrawn, setDrawn] = useState(false);
  useEffect(() => whenIdle(() => startTransition(() => setDrawn(true)), LATEST_MS), []);
  return isDrawn;
}

/** A page that is never done does not keep the shelf away. */
const LATEST_MS = 1500;
