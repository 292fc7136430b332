import { RotateCw } from 'lucide-react';
import { useState } from 'react';
import Cropper from 'react-easy-crop';
import { Button } from '@/ui';
import type { Cut } from './cut';

interface CutDeskProps {
  readonly url: string;
  readonly cut: Cut;
  readonly onCut: (cut: Cut) => void;
}

const SHAPES = { square: 1, upright: 3 / 4, lying: 4 / 3 } as const;
const NEAREST = 4;

/** Turns and cuts a photograph: the frame stands, the picture is moved under it; wheel or slider come nearer. */
export function CutDesk({ url, cut, onCut }: CutDeskProps) {
  const [at, setAt] = useState({ x: 0, y: 0 });
  const [zoom, setZoom] = useState(1);
  const [turned, setTurned] = useState(cut.turnedDeg);
  const [shape, setShape] = useState<keyof typeof SHAPES>('square');
  return (
    <div className="flex h-full flex-col gap-2">
      <div className="relative min-h-0 flex-1">
        <Cropper
          image={url}
          crop={at}
          zoom={zoom}
          rotation={turned}
          aspect={SHAPES[shape]}
          maxZoom={NEAREST}
          onCropChange={setAt}
          onZoomChange={setZoom}
          onRotationChange={setTurned}
          onCropComplete={(_, area) => onCut({ turnedDeg: turned, area })}
        />
      </div>
      <div className="flex flex-wrap items-center gap-3 text-[0.93rem]">
        <Button onClick={() => setTurned((turned + 90) % 360)}>
          <RotateCw size={15} strokeWidth={1.75} /> Turn
        </Button>
        <label className="flex items-center gap-1.5">
          Straighten
          <input
            type="range"
            min={0}
            max={359}
            value={turned}
            className="accent-lagoon w-28"
            onChange={(event) => setTurned(Number(event.target.value))}
          />
        </label>
        <label className="flex items-center gap-1.5">
          Nearer
          <input
            type="range"
            min={1}
            max={NEAREST}
            step={0.05}
            value={zoom}
            className="accent-lagoon w-28"
            onChange={(event) => setZoom(Number(event.target.value))}
          />
        </label>
        {(Object.keys(SHAPES) as (keyof typeof SHAPES)[]).map((name) => (
          <Button
            key={name}
            tone="quiet"
            aria-pressed={shape === name}
            className={shape === name ? 'font-semibold underline' : ''}
            onClick={() => setShape(name)}
          >
            {name}
          </Button>
        ))}
      </div>
    </div>
  );
}
