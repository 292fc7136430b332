import { useBinFiguresMutation, useCopyFiguresMutation, useMoveFiguresMutation } from '@/api';
import { LineUpPicker } from '@/parts';
import { attempt, Button, plural, tell } from '@/ui';

interface FigureDeedsProps {
  readonly lineUp: string;
  readonly chosen: readonly string[];
  readonly onDone: () => void;
}

/** What can be done with the figures that are chosen: each deed is one step back for Undo. */
export function FigureDeeds({ lineUp, chosen, onDone }: FigureDeedsProps) {
  const [move] = useMoveFiguresMutation();
  const [copy] = useCopyFiguresMutation();
  const [bin] = useBinFiguresMutation();
  const figures = [...chosen];
  const what = plural(figures.length, 'figure');
  const finish = (said: string) => (done: unknown) => {
    if (done === null) return;
    tell(`${said} Undo takes it back.`);
    onDone();
  };
  return (
    <div role="group" aria-label="With what is chosen" className="flex items-center gap-2 text-[0.93rem]">
      <b className="whitespace-nowrap">{what}</b>
      <LineUpPicker
        label="Move to"
        placeholder="Move to…"
        className="!w-36 !py-0.5"
        value={null}
        except={lineUp}
        onChoose={(to) => void attempt(move({ figuresToDto: { figures, lineUp: to } }).unwrap()).then(finish(`${what} moved.`))}
      />
      <LineUpPicker
        label="Copy to"
        placeholder="Copy to…"
        className="!w-36 !py-0.5"
        value={null}
        onChoose={(to) => void attempt(copy({ figuresToDto: { figures, lineUp: to } }).unwrap()).then(finish(`${what} copied.`))}
      />
      <Button
        className="!py-0.5"
        onClick={() => void attempt(bin({ figuresBinDto: { figures, isAway: true } }).unwrap()).then(finish(`${what} put in the bin.`))}
      >
        Put in the bin
      </Button>
      <Button tone="quiet" className="!py-0.5" onClick={onDone}>
        Choose none
      </Button>
    </div>
  );
}
