import { apiPath } from '@/api';
import { Minus, Plus, Scan } from 'lucide-react';
import { type KeyboardEvent, type PointerEvent, useEffect, useRef, useState } from 'react';
import type { ReferencePictureDto } from '@/api';
import { Button } from '@/ui';

/** A spot of a picture as shares of its width and height. */
export interface PicturePoint {
  readonly x: number;
  readonly y: number;
}

interface PictureViewerProps {
  readonly picture: Pick<ReferencePictureDto, 'file' | 'name' | 'width' | 'height' | 'pins'>;
  readonly point: PicturePoint | null;
  /** Radius of the disc as a share of the picture's width; null when no disc is shown. */
  readonly disc: number | null;
  readonly onPoint: (point: PicturePoint) => void;
}

const MOST_ZOOM = 12;
const KEY_STEP = 0.02;
/** A pointer that moved less than this was a click, in pixels. */
const STILL = 4;
const inside = (share: number): number => Math.min(1, Math.max(0, share));

/** A picture to look at closely: the wheel comes nearer, dragging moves it, a click (or Enter) picks the spot. */
export function PictureViewer({ picture, point, disc, onPoint }: PictureViewerProps) {
  const frame = useRef<SVGSVGElement>(null);
  const [zoom, setZoom] = useState(1);
  const [centre, setCentre] = useState<PicturePoint>({ x: 0.5, y: 0.5 });
  const [aim, setAim] = useState<PicturePoint>(point ?? { x: 0.5, y: 0.5 });
  const grabbed = useRef<{ x: number; y: number; centre: PicturePoint } | null>(null);
  const { width, height } = picture;
  const [wide, high] = [width / zoom, height / zoom];
  const left = centre.x * width - wide / 2;
  const top = centre.y * height - high / 2;

  const spotAt = (clientX: number, clientY: number): PicturePoint | null => {
    const matrix = frame.current?.getScreenCTM();
    if (!matrix) return null;
    const { x, y } = new DOMPoint(clientX, clientY).matrixTransform(matrix.inverse());
    return x < 0 || y < 0 || x > width || y > height ? null : { x: x / width, y: y / height };
  };
  const nearer = (by: number): void => setZoom((before) => Math.min(MOST_ZOOM, Math.max(1, before * by)));
  useEffect(() => {
    const element = frame.current;
    // React listens to the wheel passively; the page must not scroll while the picture comes nearer.
    const onWheel = (event: WheelEvent): void => {
      event.preventDefault();
      nearer(event.deltaY < 0 ? 1.2 : 1 / 1.2);
    };
    element?.addEventListener('wheel', onWheel, { passive: false });
    return () => element?.removeEventListener('wheel', onWheel);
  }, []);

  const onPointerMove = (event: PointerEvent): void => {
    const start = grabbed.current;
    const matrix = frame.current?.getScreenCTM();
    if (!start || !matrix || zoom === 1) return;
    setCentre({
      x: inside(start.centre.x - (event.clientX - start.x) / matrix.a / width),
      y: inside(start.centre.y - (event.clientY - start.y) / matrix.d / height),
    });
  };
  const onPointerUp = (event: PointerEvent): void => {
    const start = grabbed.current;
    grabbed.current = null;
    if (!start || Math.hypot(event.clientX - start.x, event.clientY - start.y) > STILL) return;
    const spot = spotAt(event.clientX, event.clientY);
    if (!spot) return;
    setAim(spot);
    onPoint(spot);
  };
  const onKeyDown = (event: KeyboardEvent): void => {
    const step = KEY_STEP / zoom;
    const moves: Record<string, PicturePoint> = {
      ArrowLeft: { x: aim.x - step, y: aim.y },
      ArrowRight: { x: aim.x + step, y: aim.y },
      ArrowUp: { x: aim.x, y: aim.y - step },
      ArrowDown: { x: aim.x, y: aim.y + step },
    };
    const moved = moves[event.key];
    if (moved) setAim({ x: inside(moved.x), y: inside(moved.y) });
    else if (event.key === 'Enter' || event.key === ' ') onPoint(aim);
    else if (event.key === '+') nearer(1.2);
    else if (event.key === '-') nearer(1 / 1.2);
    else return;
    event.preventDefault();
  };
  const unit = wide / 100;
  return (
    <div className="border-rule dotted relative min-h-0 overflow-hidden border">
      {/* The picture is a tool here: it is moved, aimed at and clicked. */}
      <svg
        ref={frame}
        role="application"
        tabIndex={0}
        aria-label={`${picture.name}. Arrow keys aim, Enter picks, plus and minus come nearer or go back.`}
        viewBox={`${left} ${top} ${wide} ${high}`}
        className="absolute inset-0 h-full w-full outline-lagoon cursor-crosshair touch-none -outline-offset-2"
        onKeyDown={onKeyDown}
        onPointerDown={(event) => {
          grabbed.current = { x: event.clientX, y: event.clientY, centre };
        }}
        onPointerMove={onPointerMove}
        onPointerUp={onPointerUp}
      >
        <image href={apiPath(`photographs/${picture.file}`)} width={width} height={height} />
        {disc !== null && (
          <g fill="none" aria-hidden="true">
            <circle cx={aim.x * width} cy={aim.y * height} r={disc * width} stroke="#FAFBF8" strokeWidth={unit * 0.55} />
            <circle cx={aim.x * width} cy={aim.y * height} r={disc * width} stroke="#1B2742" strokeWidth={unit * 0.25} />
          </g>
        )}
        {picture.pins.map((pin, i) => (
          <g key={`${pin.x} ${pin.y}`} transform={`translate(${pin.x * width} ${pin.y * height})`}>
            <title>{pin.note}</title>
            <circle r={unit * 2.2} fill="#176874" stroke="#FAFBF8" strokeWidth={unit * 0.4} />
            <text y={unit * 0.9} textAnchor="middle" fontSize={unit * 2.6} fontWeight="700" fill="#FAFBF8">
              {i + 1}
            </text>
          </g>
        ))}
      </svg>
      <div className="absolute right-2 bottom-2 flex gap-1">
        <Button className="!px-1.5" aria-label="Nearer" onClick={() => nearer(1.5)}>
          <Plus size={16} strokeWidth={1.75} />
        </Button>
        <Button className="!px-1.5" aria-label="Farther" onClick={() => nearer(1 / 1.5)}>
          <Minus size={16} strokeWidth={1.75} />
        </Button>
        <Button
          className="!px-1.5"
          aria-label="The whole picture"
          onClick={() => {
            setZoom(1);
            setCentre({ x: 0.5, y: 0.5 });
          }}
        >
          <Scan size={16} strokeWidth={1.75} />
        </Button>
      </div>
    </div>
  );
}
