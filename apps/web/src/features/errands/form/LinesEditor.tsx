import { lineUpOfSpares } from '@outfit/core/lineup';
import { X } from 'lucide-react';
import { useMemo } from 'react';
import { webApi } from '@/api';
import { FigurePicture } from '@/parts';
import { Choice, Input, Label, Picker, plural } from '@/ui';
import { lineUpOf, useAppDispatch, useFigure, useNames, useWorkspace } from '@/workspace';
import { copiesOf, type DraftLine, lineOf } from './lines';

const GROUPS = ['', 'A', 'B', 'C', 'D'] as const;

interface LinesEditorProps {
  readonly lines: readonly DraftLine[];
  readonly onChange: (lines: readonly DraftLine[]) => void;
}

/** The looks to shop for, each with its copies; figures of any line-up can be added. */
export function LinesEditor({ lines, onChange }: LinesEditorProps) {
  const dispatch = useAppDispatch();
  const lineUps = useNames();
  const options = useMemo(
    () =>
      lineUps.flatMap((lineUp) => [
        { value: lineUp.id, text: `All of ${lineUp.name}`, more: plural(lineUp.figures.length, 'figure') },
        ...lineUp.figures.map((figure) => ({ value: figure.id, text: figure.name, more: lineUp.name })),
      ]),
    [lineUps],
  );
  const add = async (id: string): Promise<void> => {
    const lineUp = lineUps.some((row) => row.id === id) ? id : lineUpOf(lineUps, id);
    if (lineUp === undefined) return;
    const { data } = await dispatch(webApi.endpoints.readLineUp.initiate({ id: lineUp }, { subscribe: false }));
    const added = (data?.figures ?? []).filter((figure) => (lineUp === id || figure.id === id) && figure.looks.length > 0);
    onChange([...lines, ...added.map((figure) => lineOf(figure))]);
  };
  return (
    <fieldset className="space-y-2">
      <legend className="sr-only">Looks to shop for</legend>
      {lines.map((line, i) => (
        <Line
          key={`${line.figure}-${i}`}
          line={line}
          isOnly={lines.length === 1}
          onSet={(changes) => onChange(lines.map((other, k) => (k === i ? { ...other, ...changes } : other)))}
          onLeaveOut={() => onChange(lines.filter((_, k) => k !== i))}
        />
      ))}
      {lines.length > 1 && (
        <p className="text-pencil text-[0.87rem]">Looks in one group are never shown together: they share their parts.</p>
      )}
      <Picker
        label="Add to the trip"
        placeholder="Add a figure or a line-up…"
        value={null}
        options={options}
        onChoose={(id) => void add(id)}
      />
    </fieldset>
  );
}

interface LineProps {
  readonly line: DraftLine;
  readonly isOnly: boolean;
  readonly onSet: (changes: Partial<DraftLine>) => void;
  readonly onLeaveOut: () => void;
}

/** What is wanted beside the looks, in one line. */
const Spares = ({ onLeaveOut }: Pick<LineProps, 'onLeaveOut'>) => (
  <div className="border-rule flex justify-between gap-1 border-b pb-2 font-medium" aria-label="Spares" role="group">
    Spares
    <button type="button" aria-label="Leave the spares out" onClick={onLeaveOut}>
      <X size={15} strokeWidth={1.75} />
    </button>
  </div>
);

/** One look to shop for. Nothing until its figure has been read. */
function Line({ line, isOnly, onSet, onLeaveOut }: LineProps) {
  const { catalogue } = useWorkspace();
  const figure = useFigure(line.figure);
  const look = figure?.looks.find((row) => row.id === line.look);
  if (lineUpOfSpares(line.figure) !== null) return <Spares onLeaveOut={onLeaveOut} />;
  if (!figure) return null;
  return (
    <div className="border-rule flex items-end gap-2.5 border-b pb-2" aria-label={figure.brief.name} role="group">
      {look && <FigurePicture look={look} catalogue={catalogue} pxPerMm={isOnly ? 3.2 : 1.5} label={look.name} />}
      <div className="min-w-0 flex-1">
        {!isOnly && (
          <p className="flex justify-between gap-1 leading-tight font-medium">
            {figure.brief.name}
            <button type="button" aria-label={`Leave ${figure.brief.name} out`} onClick={onLeaveOut}>
              <X size={15} strokeWidth={1.75} />
            </button>
          </p>
        )}
        <Label text="Look">
          <Choice
            value={line.look}
            options={figure.looks.map((row) => ({ value: row.id, label: row.name }))}
            onChoose={(id) => onSet({ look: id })}
          />
        </Label>
        <div className="mt-1 grid grid-cols-2 gap-2">
          <Label text="Copies">
            <Input
              inputMode="numeric"
              value={line.copies}
              onChange={(event) => onSet({ copies: event.target.value })}
              aria-invalid={copiesOf(line.copies) === null}
            />
          </Label>
          {!isOnly && (
            <Label text="Never with">
              <Choice
                value={line.group}
                options={GROUPS.map((value) => ({ value, label: value === '' ? 'alone' : `group ${value}` }))}
                onChoose={(group) => onSet({ group })}
              />
            </Label>
          )}
        </div>
      </div>
    </div>
  );
}
