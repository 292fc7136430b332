import {
  type Certainty,
  CERTAINTIES,
  colourNameOf,
  type Mould,
  nearestPalette,
  type PrintMotif,
  samplePatch,
  type Variant,
  variantIdOf,
} from '@outfit/core';
import { useCallback, useMemo, useState } from 'react';
import { Link } from 'react-router';
import { apiPath, type StackedPhotographDto } from '@/api';
import { MouldPicker, PartPicture, type PicturePoint, PictureViewer, PrintPicker, SmallMould, Swatch, useRaster } from '@/parts';
import { Button, Chips, Choice, Input, Label, Picker } from '@/ui';
import { useWorkspace } from '@/workspace';
import { ColourChoice } from '../ColourChoice';
import { catalogueWith, surfaceOfMould, surfaceOfPrint } from '../printDraft';
import { slug } from '../../slug';
import { type Cut, UNCUT } from './cut';
import { CutDesk } from './CutDesk';
import { colourMarks, type MarkColour, PrintMap, printOfMarks } from './PrintMap';
import { useAddPart } from './useAddPart';

/** The disc that is looked through, as a share of the picture's longer side. */
const DISC = 0.018;
const NEAR = 4;

interface PhotoDeskProps {
  readonly photograph: StackedPhotographDto;
  readonly mould: Mould;
  readonly onMould: (number: string) => void;
}

/** One photograph and the part it becomes: colours are picked from it, the drawing stands beside it. The mould stays for the next one. */
export function PhotoDesk({ photograph, mould, onMould }: PhotoDeskProps) {
  const { catalogue, today } = useWorkspace();
  const url = apiPath(`photographs/${photograph.file}`);
  const raster = useRaster(url);
  const count = Math.max(1, mould.colourNames?.length ?? 1);
  const [mode, setMode] = useState<'pick' | 'cut'>('pick');
  const [cut, setCut] = useState<Cut>(UNCUT);
  const [element, setElement] = useState(0);
  const [point, setPoint] = useState<PicturePoint | null>(null);
  const [picked, setPicked] = useState<readonly (string | undefined)[]>([]);
  const [known, setKnown] = useState('');
  const [printed, setPrinted] = useState<'plain' | 'known' | 'marked'>('plain');
  const [marks, setMarks] = useState<readonly PrintMotif[]>([]);
  const [picking, setPicking] = useState<MarkColour | null>(null);
  const [have, setHave] = useState('1');
  const [source, setSource] = useState<string | null>(null);
  const [certainty, setCertainty] = useState<Certainty>('sure');

  const matches = useCallback(
    (at: PicturePoint, of: number) => {
      const radius = raster ? Math.max(3, Math.max(raster.width, raster.height) * DISC) : 0;
      const patch = raster && samplePatch(raster, at.x * raster.width, at.y * raster.height, radius);
      return patch ? { patch, near: nearestPalette(patch.hex, [mould], catalogue, { skins: of === mould.skinColour }) } : null;
    },
    [raster, mould, catalogue],
  );
  const shown = point && matches(point, element);
  const pick = (at: PicturePoint): void => {
    setPoint(at);
    const nearest = matches(at, element)?.near[0]?.colour.id;
    if (nearest !== undefined) choose(nearest);
  };
  /** The colour that is picked just now: of a marked motif, or of the plastic. */
  const choose = (colour: string): void =>
    picking === null
      ? setPicked(Array.from({ length: count }, (_, i) => (i === element ? colour : picked[i])))
      : setMarks(colourMarks(marks, picking, colour));
  const chosen = picking === null ? picked[element] : marks[picking.mark]?.colours[picking.colour];
  const colours = useMemo(
    () =>
      picked
        .slice(0, count)
        .slice(0, indexOfMissing(picked))
        .map((id) => id ?? ''),
    [count, picked],
  );
  const surface = surfaceOfMould(mould);
  const prints = useMemo(
    () => (surface ? catalogue.data.prints.filter((row) => surfaceOfPrint(row) === surface) : []),
    [surface, catalogue],
  );
  const marked = useMemo(() => printOfMarks(marks, slug, catalogue), [marks, catalogue]);
  const worn = useCallback(
    (printed: string): Variant => ({
      id: variantIdOf(mould.number, colours, printed === '' ? undefined : printed),
      mould: mould.number,
      colours,
      ...(printed === '' ? {} : { print: printed }),
    }),
    [mould, colours],
  );
  const isReady = picked[0] !== undefined;
  const print = printed === 'plain' ? '' : printed === 'known' ? known : (marked?.id ?? '');
  const variant = worn(surface ? print : '');
  const add = useAddPart({ photograph, url, cut });
  return (
    <div className="grid grid-cols-[minmax(0,1fr)_19rem] gap-5 max-sm:grid-cols-1">
      <div>
        <Chips
          label="What is done with the photograph"
          chosen={mode}
          options={[
            ['pick', 'Pick its colours'],
            ['cut', 'Turn and cut it'],
          ]}
          onChoose={setMode}
        />
        <div className="mt-2 grid h-80 grid-rows-[minmax(0,1fr)]">
          {mode === 'pick' ? (
            <PictureViewer picture={{ ...photograph, pins: [] }} point={point} disc={DISC} onPoint={pick} />
          ) : (
            <CutDesk url={url} cut={cut} onCut={setCut} />
          )}
        </div>
        {mode === 'pick' && !point && <p className="text-pencil mt-1 text-[0.93rem]">Click on the part where its colour shows best.</p>}
        {shown?.patch.mixed && (
          <p role="status" className="text-saffron mt-1 text-[0.93rem]">
            Not one colour there. Pick beside it, or come nearer with the wheel.
          </p>
        )}
        {shown && (
          <div role="group" aria-label="The nearest colours" className="mt-2 flex flex-wrap gap-2">
            {shown.near.slice(0, NEAR).map(({ colour, deltaE }) => (
              <button
                key={colour.id}
                type="button"
                aria-pressed={chosen === colour.id}
                className={`rounded-cut border px-2 py-0.5 ${chosen === colour.id ? 'border-lagoon' : 'border-rule hover:border-pencil'}`}
                onClick={() => choose(colour.id)}
              >
                <Swatch colour={colour} reading={deltaE.toFixed(1)} />
              </button>
            ))}
          </div>
        )}
      </div>
      <div className="space-y-3">
        <div className="flex items-end gap-3">
          {isReady ? (
            <PartPicture
              variant={variant}
              position={mould.fills[0]?.[0] ?? 'beside'}
              catalogue={catalogueWith(variant, { data: { ...catalogue.data, prints: marked ? [...prints, marked] : prints } })}
              size={104}
              tacked={false}
            />
          ) : (
            <SmallMould mould={mould} />
          )}
          <span className="space-y-2">
            <span className="text-pencil block font-mono text-[0.8rem] break-all">{isReady ? variant.id : 'no colour picked yet'}</span>
            <Button
              tone="act"
              disabled={!isReady || add.isBusy}
              onClick={() =>
                void add.part(variant, {
                  print: printed === 'marked' ? marked : null,
                  year: Number(today.slice(0, 4)),
                  quantity: Number(have),
                  from: source === null ? null : { source, certainty },
                })
              }
            >
              Add this part
            </Button>
          </span>
        </div>
        <div>
          <span className="text-pencil mb-0.5 flex justify-between text-[0.87rem]">
            Mould
            <Link to="/catalogue/own?do=shape" className="text-lagoon underline">
              None is like it
            </Link>
          </span>
          <MouldPicker label="Mould" value={mould.number} onChoose={onMould} />
        </div>
        <div className="space-y-1">
          {Array.from({ length: count }, (_, i) => (
            <div key={i} className="flex items-center gap-2">
              {count > 1 && (
                <button
                  type="button"
                  aria-pressed={element === i}
                  className={`w-24 text-left text-[0.93rem] ${element === i ? 'text-lagoon font-semibold underline' : ''}`}
                  onClick={() => {
                    setElement(i);
                    setPicking(null);
                  }}
                >
                  {colourNameOf(mould, i)}
                </button>
              )}
              <ColourChoice
                label={`Colour ${i + 1}, ${colourNameOf(mould, i)}`}
                value={picked[i] ?? ''}
                onChoose={(chosen) => setPicked(Array.from({ length: count }, (_, k) => (k === i ? chosen : picked[k])))}
              />
            </div>
          ))}
        </div>
        {surface && isReady && (
          <div className="space-y-2">
            <Chips
              label="Printed"
              chosen={printed}
              options={[
                ['plain', 'Not printed'],
                ...(prints.length > 0 ? [['known', 'A known print'] as const] : []),
                ['marked', 'Mark what is printed'],
              ]}
              onChoose={(now) => {
                setPrinted(now);
                setPicking(null);
              }}
            />
            {printed === 'known' && <PrintPicker label="Print" value={known} prints={prints} worn={worn} onChoose={setKnown} />}
            {printed === 'marked' && <PrintMap surface={surface} marks={marks} onMarks={setMarks} picking={picking} onPick={setPicking} />}
          </div>
        )}
        <div className="grid grid-cols-2 gap-2">
          <Label text="How many you have">
            <Input inputMode="numeric" value={have} onChange={(event) => setHave(event.target.value.replace(/\D/g, ''))} />
          </Label>
          <Label text="How sure of its source">
            <Choice<Certainty> value={certainty} options={CERTAINTIES.map((value) => ({ value, label: value }))} onChoose={setCertainty} />
          </Label>
        </div>
        {catalogue.data.sources.length > 0 && (
          <Picker
            label="Where it is from"
            placeholder="Where it is from, when you know…"
            value={source}
            options={catalogue.data.sources.map((row) => ({ value: row.id, text: row.name, more: `${row.id}, ${row.year}` }))}
            onChoose={setSource}
          />
        )}
      </div>
    </div>
  );
}

/** A colour that is picked after one that is not has no place yet. */
function indexOfMissing(picked: readonly (string | undefined)[]): number {
  const at = picked.indexOf(undefined);
  return at < 0 ? picked.length : at;
}
