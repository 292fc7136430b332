import type { Face, Print, PrintMotif, Zone } from '@outfit/core';
import { motifsOn, type Surface } from '@outfit/drawing';
import { X } from 'lucide-react';
import { useMemo, useState } from 'react';
import { Button, Picker } from '@/ui';
import { useWorkspace } from '@/workspace';
import { ColourChoice } from '../ColourChoice';
import { SURFACES, usualColours, usualZones } from '../printDraft';

/** A colour of one of the marked motifs, to be picked from the photograph. */
export interface MarkColour {
  readonly mark: number;
  readonly colour: number;
}

interface PrintMapProps {
  readonly surface: Surface;
  readonly marks: readonly PrintMotif[];
  readonly onMarks: (marks: readonly PrintMotif[]) => void;
  /** The colour that a click on the photograph picks. */
  readonly picking: MarkColour | null;
  readonly onPick: (colour: MarkColour) => void;
}

/** What is printed where: a map of faces and zones. A zone is chosen, then what is printed there; its colours come from the photograph. */
export function PrintMap({ surface, marks, onMarks, picking, onPick }: PrintMapProps) {
  const { catalogue } = useWorkspace();
  const { faces, zones } = SURFACES[surface];
  const [[face, zone], setAt] = useState<readonly [Face, Zone]>([faces[0] ?? 'front', zones[0] ?? 'chest']);
  const faceName = (one: Face): string => (surface === 'head' && one === 'back' ? 'second face' : one);
  const motifs = useMemo(() => motifsHere(surface, zone, catalogue), [surface, zone, catalogue]);
  const add = (motif: string): void => {
    const usual = usualZones(motif, surface, catalogue);
    const mark: PrintMotif = { motif, face, zones: usual.includes(zone) ? usual : [zone], colours: usualColours(motif, catalogue) };
    onMarks([...marks, mark]);
    onPick({ mark: marks.length, colour: 0 });
  };
  return (
    <div className="space-y-2">
      <table className="w-full table-fixed border-collapse text-[0.87rem]" aria-label="Where something is printed">
        <thead>
          <tr>
            <th className="w-14" />
            {faces.map((one) => (
              <th key={one} className="text-pencil font-normal first-letter:uppercase">
                {faceName(one)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {zones.map((row) => (
            <tr key={row}>
              <th className="text-pencil text-left font-normal">{row}</th>
              {faces.map((one) => {
                const here = marks.filter((mark) => mark.face === one && mark.zones.includes(row));
                const isAt = one === face && row === zone;
                return (
                  <td key={one} className="border-rule border p-0">
                    <button
                      type="button"
                      aria-pressed={isAt}
                      aria-label={`${row}, ${faceName(one)}: ${here.map((mark) => catalogue.motifName(mark.motif)).join(', ') || 'plain'}`}
                      className={`block h-7 w-full truncate px-1 ${isAt ? 'bg-ink text-sheet' : here.length > 0 ? 'bg-paper' : 'hover:bg-paper'}`}
                      onClick={() => setAt([one, row])}
                    >
                      {here.map((mark) => catalogue.motifName(mark.motif)).join(', ')}
                    </button>
                  </td>
                );
              })}
            </tr>
          ))}
        </tbody>
      </table>
      <Picker
        label={`What is printed at ${zone}, ${faceName(face)}`}
        placeholder={`What is printed at ${zone}…`}
        value={null}
        options={motifs.map((motif) => ({ value: motif, text: catalogue.motifName(motif) }))}
        onChoose={add}
      />
      <ul aria-label="What was marked" className="space-y-1">
        {marks.map((mark, place) => (
          <li key={place} className="flex flex-wrap items-center gap-1.5">
            <span className="mr-auto text-[0.93rem]">{catalogue.motifName(mark.motif)}</span>
            {mark.colours.map((colour, i) => (
              <span key={i} className="flex items-center gap-1">
                <Button
                  tone="quiet"
                  className={`!px-1.5 ${picking?.mark === place && picking.colour === i ? '!text-lagoon font-semibold underline' : ''}`}
                  aria-pressed={picking?.mark === place && picking.colour === i}
                  aria-label={`Pick colour ${i + 1} of ${catalogue.motifName(mark.motif)} from the photograph`}
                  onClick={() => onPick({ mark: place, colour: i })}
                >
                  pick
                </Button>
                <ColourChoice
                  label={`Colour ${i + 1} of ${catalogue.motifName(mark.motif)}`}
                  value={colour}
                  onChoose={(chosen) => onMarks(colourMarks(marks, { mark: place, colour: i }, chosen))}
                />
              </span>
            ))}
            <Button
              tone="quiet"
              className="!px-1"
              aria-label={`Take off ${catalogue.motifName(mark.motif)}`}
              onClick={() => onMarks(marks.filter((_, i) => i !== place))}
            >
              <X size={15} strokeWidth={1.75} />
            </Button>
          </li>
        ))}
      </ul>
    </div>
  );
}

/** Marks with one colour of one of them changed. */
export const colourMarks = (marks: readonly PrintMotif[], at: MarkColour, colour: string): readonly PrintMotif[] =>
  marks.map((mark, i) => (i === at.mark ? { ...mark, colours: mark.colours.map((was, k) => (k === at.colour ? colour : was)) } : mark));

type Known = ReturnType<typeof useWorkspace>['catalogue'];

/** What can be drawn on a surface and has an entry: what usually lies in the zone first, each by name. */
function motifsHere(surface: Surface, zone: Zone, catalogue: Known): readonly string[] {
  const usual = (motif: string): boolean => usualZones(motif, surface, catalogue).includes(zone);
  const known = motifsOn(surface).filter((motif) => catalogue.motif(motif) !== undefined);
  const byName = [...known].sort((a, b) => (catalogue.motifName(a) < catalogue.motifName(b) ? -1 : 1));
  return [...byName.filter(usual), ...byName.filter((motif) => !usual(motif))];
}

/**
 * The print that marks make: one that is there already when it is the same, else a new one under a name that nothing has, told by its
 * motifs. Null while nothing is marked.
 */
export function printOfMarks(marks: readonly PrintMotif[], slug: (name: string) => string, catalogue: Known): Print | null {
  if (marks.length === 0) return null;
  const text = JSON.stringify(marks);
  const same = catalogue.data.prints.find((print) => JSON.stringify(print.motifs) === text);
  if (same) return same;
  const name = [...new Set(marks.map((mark) => catalogue.motifName(mark.motif)))].join(', ').slice(0, 80);
  let free = name;
  for (let n = 2; catalogue.hasPrint(slug(free)); n += 1) free = `${name} ${n}`;
  return { id: slug(free), name: free, era: 'late', motifs: marks };
}
