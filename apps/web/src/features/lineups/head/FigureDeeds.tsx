import { useState } from 'react';
import { type LineUpDto, useBinFiguresMutation, useCopyFiguresMutation, useEnrolFiguresMutation, useMoveFiguresMutation } from '@/api';
import { LineUpPicker } from '@/parts';
import { attempt, Button, Choice, plural, tell } from '@/ui';

interface FigureDeedsProps {
  readonly lineUp: LineUpDto;
  readonly chosen: readonly string[];
  readonly onDone: () => void;
}

/** What can be done with the figures that are chosen: each deed is one step back for Undo. */
export function FigureDeeds({ lineUp: { id: lineUp, plan }, chosen, onDone }: FigureDeedsProps) {
  const [move] = useMoveFiguresMutation();
  const [copy] = useCopyFiguresMutation();
  const [bin] = useBinFiguresMutation();
  const [enrol] = useEnrolFiguresMutation();
  const [isWithLooks, setWithLooks] = useState(true);
  const figures = [...chosen];
  const what = plural(figures.length, 'figure');
  const finish = (said: string) => (done: unknown) => {
    if (done === null) return;
    tell(`${said} Undo takes it back.`);
    onDone();
  };
  const give = (change: { role?: string; faction?: string }, said: string): void =>
    void attempt(enrol({ id: lineUp, enrolDto: { figures, ...change } }).unwrap()).then(
      (done) => done && tell(`${said} Undo takes it back.`),
    );
  return (
    <div role="group" aria-label="With what is chosen" className="flex flex-wrap items-center gap-1.5 text-[0.93rem]">
      <b className="whitespace-nowrap">{what}</b>
      {plan.roles.length > 0 && (
        <Choice
          aria-label="Role for them"
          className="!w-28 !py-0.5"
          value=""
          options={[{ value: '', label: 'Role…' }, ...plan.roles.map(({ name }) => ({ value: name, label: name }))]}
          onChoose={(role) => role !== '' && give({ role }, `${what}: ${role}.`)}
        />
      )}
      {plan.factions.length > 0 && (
        <Choice
          aria-label="Faction for them"
          className="!w-28 !py-0.5"
          value=""
          options={[{ value: '', label: 'Faction…' }, ...plan.factions.map(({ id, name }) => ({ value: id, label: name }))]}
          onChoose={(faction) => faction !== '' && give({ faction }, `${what} stand elsewhere now.`)}
        />
      )}
      <LineUpPicker
        label="Move to"
        placeholder="Move to…"
        className="!w-28 !py-0.5"
        value={null}
        except={lineUp}
        onChoose={(to) => void attempt(move({ figuresToDto: { figures, lineUp: to } }).unwrap()).then(finish(`${what} moved.`))}
      />
      <LineUpPicker
        label="Copy to"
        placeholder="Copy to…"
        className="!w-28 !py-0.5"
        value={null}
        onChoose={(to) =>
          void attempt(copy({ figureCopiesDto: { figures, lineUp: to, isBriefsAlone: !isWithLooks } }).unwrap()).then(
            finish(`${what} copied.`),
          )
        }
      />
      <label className="flex items-center gap-1 whitespace-nowrap">
        <input type="checkbox" className="accent-lagoon" checked={isWithLooks} onChange={() => setWithLooks(!isWithLooks)} />
        looks too
      </label>
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
