import { X } from 'lucide-react';
import { FigurePicture } from '@/parts';
import { Choice, Input, Label } from '@/ui';
import { useLineUps, useWorkspace } from '@/workspace';
import { copiesOf, type DraftLine, lineOf } from './lines';

const GROUPS = ['', 'A', 'B', 'C', 'D'] as const;

interface LinesEditorProps {
  readonly lines: readonly DraftLine[];
  readonly onChange: (lines: readonly DraftLine[]) => void;
}

/** The looks to shop for, each with its copies; figures of any line-up can be added. */
export function LinesEditor({ lines, onChange }: LinesEditorProps) {
  const { catalogue } = useWorkspace();
  const lineUps = useLineUps();
  const figures = lineUps.flatMap((lineUp) => lineUp.figures);
  const set = (i: number, changes: Partial<DraftLine>): void =>
    onChange(lines.map((line, k) => (k === i ? { ...line, ...changes } : line)));
  const add = (id: string): void => {
    const lineUp = lineUps.find((row) => row.id === id);
    const added = (lineUp?.figures ?? figures.filter((row) => row.id === id)).filter((figure) => figure.looks.length > 0);
    onChange([...lines, ...added.map((figure) => lineOf(figure))]);
  };
  const [only] = lines.length === 1 ? lines : [];
  return (
    <fieldset className="space-y-2">
      <legend className="sr-only">Looks to shop for</legend>
      {lines.map((line, i) => {
        const figure = figures.find((row) => row.id === line.figure);
        const look = figure?.looks.find((row) => row.id === line.look);
        if (!figure) return null;
        return (
          <div
            key={`${line.figure}-${i}`}
            className="border-rule flex items-end gap-2.5 border-b pb-2"
            aria-label={figure.brief.name}
            role="group"
          >
            {look && <FigurePicture look={look} catalogue={catalogue} pxPerMm={only ? 3.2 : 1.5} label={look.name} />}
            <div className="min-w-0 flex-1">
              {!only && (
                <p className="flex justify-between gap-1 leading-tight font-medium">
                  {figure.brief.name}
                  <button
                    type="button"
                    aria-label={`Leave ${figure.brief.name} out`}
                    onClick={() => onChange(lines.filter((_, k) => k !== i))}
                  >
                    <X size={15} strokeWidth={1.75} />
                  </button>
                </p>
              )}
              <Label text="Look">
                <Choice
                  value={line.look}
                  options={figure.looks.map((row) => ({ value: row.id, label: row.name }))}
                  onChoose={(id) => set(i, { look: id })}
                />
              </Label>
              <div className="mt-1 grid grid-cols-2 gap-2">
                <Label text="Copies">
                  <Input
                    inputMode="numeric"
                    value={line.copies}
                    onChange={(event) => set(i, { copies: event.target.value })}
                    aria-invalid={copiesOf(line.copies) === null}
                  />
                </Label>
                {!only && (
                  <Label text="Never with">
                    <Choice
                      value={line.group}
                      options={GROUPS.map((value) => ({ value, label: value === '' ? 'alone' : `group ${value}` }))}
                      onChoose={(group) => set(i, { group })}
                    />
                  </Label>
                )}
              </div>
            </div>
          </div>
        );
      })}
      {lines.length > 1 && (
        <p className="text-pencil text-[0.87rem]">Looks in one group are never shown together: they share their parts.</p>
      )}
      <Label text="Add to the trip">
        <select className="border-rule bg-sheet rounded-cut w-full border px-2 py-1" value="" onChange={(event) => add(event.target.value)}>
          <option value="">a figure or a line-up …</option>
          {lineUps.map((lineUp) => (
            <optgroup key={lineUp.id} label={lineUp.name}>
              <option value={lineUp.id}>All of {lineUp.name}</option>
              {lineUp.figures.map((figure) => (
                <option key={figure.id} value={figure.id}>
                  {figure.brief.name}
                </option>
              ))}
            </optgroup>
          ))}
        </select>
      </Label>
    </fieldset>
  );
}
