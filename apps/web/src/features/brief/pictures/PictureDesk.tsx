import { type Area, AREAS, type Existence, type Look, nearestPalette, positionsOf, samplePatch, shelfOf, wornParts } from '@outfit/core';
import { Trash2 } from 'lucide-react';
import { useMemo, useState } from 'react';
import { type BriefDto, type PinDto, type ReferencePictureDto, usePinReferenceMutation, apiPath } from '@/api';
import { Swatch, type PicturePoint, PictureViewer, useRaster } from '@/parts';
import { Button, Choice, KeptInput, Label, sentenceOf, tell } from '@/ui';
import { useWorkspace } from '@/workspace';
import { AREA_WORDS } from '../areaWords';
import { coloursOfPicture } from './partsIn';
import { PartsInColours } from './PartsInColours';

/** Areas where skin may be in sight. */
const BARE: readonly Area[] = ['face', 'arms', 'hands', 'legs', 'whole'];
const EXISTENCE_WORDS: Readonly<Record<Existence, string>> = { made: 'made', imagined: 'imagined', never: 'never made' };
const [LEAST_DISC, MOST_DISC, FIRST_DISC] = [1, 80, 12];

/** So many of the nearest colours have their parts shown. */
const NEAR_COLOURS = 3;

interface PictureDeskProps {
  readonly picture: ReferencePictureDto;
  readonly figure: string;
  readonly brief: BriefDto;
  readonly look: Look;
  readonly onChange: (part: Partial<BriefDto>) => void;
}

/** One picture and what is read off it: the colour under the disc, the palette beside it, pins with notes. */
export function PictureDesk({ picture, figure, brief, look, onChange }: PictureDeskProps) {
  const { catalogue } = useWorkspace();
  const raster = useRaster(apiPath(`photographs/${picture.file}`));
  const [area, setArea] = useState<Area>('torso');
  const [radius, setRadius] = useState(FIRST_DISC);
  const [mode, setMode] = useState<'pick' | 'pin'>('pick');
  const [point, setPoint] = useState<PicturePoint | null>(null);
  const [savePins] = usePinReferenceMutation();

  const patch = useMemo(
    () => (raster && point ? samplePatch(raster, point.x * raster.width, point.y * raster.height, radius) : null),
    [raster, point, radius],
  );
  const moulds = useMemo(() => {
    const positions = positionsOf(area).map(shelfOf);
    const worn = wornParts(look, catalogue).filter((item) => positions.includes(shelfOf(item.part.position)));
    return [...new Set(worn.map((item) => item.mould))];
  }, [area, look, catalogue]);
  const matches = useMemo(
    () => (patch ? nearestPalette(patch.hex, moulds, catalogue, { skins: BARE.includes(area) }) : []),
    [patch, moulds, catalogue, area],
  );

  const shown = useMemo(() => (raster ? coloursOfPicture(raster, catalogue) : []), [raster, catalogue]);
  const near = useMemo(() => matches.map((match) => match.colour.id).slice(0, NEAR_COLOURS), [matches]);

  const pin = (pins: PinDto[]): void =>
    void savePins({ id: picture.id, pinsDto: { pins } })
      .unwrap()
      .catch((error: unknown) => tell.error(sentenceOf(error)));
  const wish = (colour: string): void => {
    const name = catalogue.colour(colour).name;
    onChange({
      features: [
        ...brief.features,
        {
          id: crypto.randomUUID(),
          label: `${name}, from “${picture.name}”`.slice(0, 120),
          area,
          kind: 'colour',
          target: colour,
          weight: 'want',
        },
      ],
    });
    tell.success(`${name} is wanted: ${AREA_WORDS[area]}.`);
  };
  return (
    <div className="mt-3 grid min-h-0 flex-1 grid-cols-[minmax(0,1fr)_19rem] gap-4">
      <PictureViewer
        picture={picture}
        point={point}
        disc={mode === 'pick' ? radius / picture.width : null}
        onPoint={(at) => {
          if (mode === 'pick') setPoint(at);
          else {
            pin([...picture.pins, { ...at, note: `Note ${picture.pins.length + 1}` }]);
            setMode('pick');
          }
        }}
      />
      <div className="min-h-0 space-y-3 overflow-auto pr-1">
        <div className="grid grid-cols-2 gap-2">
          <Label text="For which area">
            <Choice value={area} options={AREAS.map((value) => ({ value, label: AREA_WORDS[value] }))} onChoose={setArea} />
          </Label>
          <label className="block">
            <span className="text-pencil mb-0.5 block text-[0.87rem]">Disc, {radius * 2} pixels wide</span>
            <input
              type="range"
              min={LEAST_DISC}
              max={MOST_DISC}
              value={radius}
              className="accent-lagoon w-full"
              onChange={(event) => setRadius(Number(event.target.value))}
            />
          </label>
        </div>
        {patch ? (
          <section aria-label="What was picked">
            <p className="flex items-center gap-2">
              <Swatch
                colour={{ id: 'picked', name: 'picked colour', hex: patch.hex, finish: 'solid', kind: 'cloth' }}
                size="large"
                reading={patch.hex}
              />
            </p>
            {patch.mixed && (
              <p role="status" className="text-saffron mt-1 text-[0.93rem]">
                Not one colour: its pixels stray by {patch.spread.toFixed(0)}. Make the disc smaller, or pick beside it.
              </p>
            )}
            <ul aria-label="Nearest palette colours" className="mt-2 space-y-1.5">
              {matches.map((match) => (
                <li key={match.colour.id} className="border-rule border-t pt-1">
                  <div className="flex items-center gap-1.5">
                    <span className="flex-1">
                      <Swatch colour={match.colour} />
                    </span>
                    <Button className="!px-2 !py-0" onClick={() => wish(match.colour.id)}>
                      Wish for it
                    </Button>
                    <Button
                      className="!px-2 !py-0"
                      disabled={brief.colours.includes(match.colour.id) || brief.colours.length >= 8}
                      onClick={() => onChange({ colours: [...brief.colours, match.colour.id] })}
                    >
                      Main
                    </Button>
                  </div>
                  <p className="text-pencil text-[0.87rem]">
                    {match.deltaE.toFixed(1)}, {match.reading};{' '}
                    {match.moulds.length === 0
                      ? 'nothing is worn there yet'
                      : match.moulds.map(({ mould, existence }) => `${mould.name}: ${EXISTENCE_WORDS[existence]}`).join(', ')}
                  </p>
                </li>
              ))}
            </ul>
          </section>
        ) : (
          <p className="text-pencil text-[0.93rem]">
            {raster ? 'Click the picture to pick a colour. Drag to move it, turn the wheel to come nearer.' : 'Reading the picture…'}
          </p>
        )}
        {raster && <PartsInColours figure={figure} colours={near.length > 0 ? near : shown} arePicked={near.length > 0} />}
        <section aria-label="Pins">
          <div className="flex items-center justify-between">
            <h3 className="text-pencil font-sans text-[0.93rem] font-semibold">Pins</h3>
            <Button className="!py-0.5" aria-pressed={mode === 'pin'} onClick={() => setMode(mode === 'pin' ? 'pick' : 'pin')}>
              {mode === 'pin' ? 'Click where it goes' : 'Pin a note'}
            </Button>
          </div>
          <ol>
            {picture.pins.map((row, i) => (
              <li key={`${row.x} ${row.y}`} className="mt-1 flex items-center gap-1.5">
                <span className="text-lagoon font-mono font-semibold">{i + 1}</span>
                <KeptInput
                  label={`Note of pin ${i + 1}`}
                  className="!py-0.5"
                  value={row.note}
                  maxLength={300}
                  onKeep={(note) => pin(picture.pins.map((other, j) => (j === i ? { ...other, note } : other)))}
                />
                <button
                  type="button"
                  aria-label={`Take pin ${i + 1} out`}
                  onClick={() => {
                    const before = picture.pins;
                    pin(before.filter((_, j) => j !== i));
                    tell('The pin is out.', { action: { label: 'Put it back', onClick: () => pin(before) } });
                  }}
                >
                  <Trash2 size={15} strokeWidth={1.75} />
                </button>
              </li>
            ))}
          </ol>
        </section>
      </div>
    </div>
  );
}
