import type { OwnOutline, Shaping } from '@outfit/core';
import { drawVariant, type View } from '@outfit/drawing';
import { type KeyboardEvent, type PointerEvent, useId, useMemo } from 'react';
import { useWorkspace } from '@/workspace';
import { MEASURES, type ShapeDraft } from './draft';
import { type MeasureLine, measureLines } from './measureLines';
import { ShapePicture } from './ShapePicture';
import { useShapeAlone } from './useShapeAlone';

interface MeasuredPictureProps {
  readonly shaping: Shaping;
  readonly outline: OwnOutline | null;
  readonly size: number;
  readonly view: View;
  readonly measures: Readonly<Partial<Record<MeasureLine['measure'], number>>>;
  readonly onCorrect: (corrected: ShapeDraft['corrected']) => void;
}

/** A shape from one side with its measures as lines that can be dragged, or moved with the arrow keys by a tenth of a millimetre. */
export function MeasuredPicture({ shaping, outline, size, view, measures, onCorrect }: MeasuredPictureProps) {
  const { catalogue } = useWorkspace();
  const { mould, variant, alone } = useShapeAlone(shaping, outline);
  const id = useId();
  const { viewBox, lines } = useMemo(() => {
    const drawn = drawVariant(variant, mould.fills[0]?.[0] ?? 'beside', alone, id, view);
    return { viewBox: drawn.viewBox, lines: measureLines(mould, catalogue.systemOf({}), drawn.origin).filter((row) => row.view === view) };
  }, [variant, mould, alone, id, view, catalogue]);
  const [x = 0, y = 0, width = 0, height = 0] = viewBox.split(' ').map(Number);
  const shown = lines.filter((row) => measures[row.measure] !== undefined);
  const move = (line: MeasureLine, event: PointerEvent<SVGGElement>): void => {
    if (event.buttons !== 1) return;
    const svg = event.currentTarget.ownerSVGElement;
    const matrix = svg?.getScreenCTM();
    if (!matrix) return;
    const point = new DOMPoint(event.clientX, event.clientY).matrixTransform(matrix.inverse());
    onCorrect({ [line.measure]: String(line.mm(line.across ? point.y : point.x)) });
  };
  const nudge = (line: MeasureLine, event: KeyboardEvent): void => {
    const by = { ArrowUp: 0.1, ArrowRight: 0.1, ArrowDown: -0.1, ArrowLeft: -0.1 }[event.key];
    if (by === undefined) return;
    event.preventDefault();
    const next = Math.max(0, Math.round(((measures[line.measure] ?? 0) + by) * 10) / 10);
    onCorrect({ [line.measure]: String(next) });
  };
  return (
    <div className="relative w-fit">
      <ShapePicture shaping={shaping} outline={outline} size={size} view={view} />
      <svg viewBox={viewBox} width={size} height={size} className="pointer-events-none absolute inset-0 overflow-visible">
        {shown.map((line) => {
          const mm = measures[line.measure] ?? 0;
          const raw = line.at(mm);
          // A line beyond the picture waits at its edge.
          const at = line.across ? Math.min(y + height, Math.max(y, raw)) : Math.min(x + width, Math.max(x, raw));
          const d = line.across ? `M${x},${at} H${x + width}` : `M${at},${y} V${y + height}`;
          return (
            <g
              key={line.measure}
              role="slider"
              tabIndex={0}
              aria-label={MEASURES.find(([key]) => key === line.measure)?.[1]}
              aria-valuenow={mm}
              aria-valuemin={0}
              aria-valuemax={500}
              aria-orientation={line.across ? 'vertical' : 'horizontal'}
              className={`group pointer-events-auto touch-none outline-none ${line.across ? 'cursor-ns-resize' : 'cursor-ew-resize'}`}
              onPointerDown={(event) => event.currentTarget.setPointerCapture(event.pointerId)}
              onPointerMove={(event) => move(line, event)}
              onKeyDown={(event) => nudge(line, event)}
            >
              <path d={d} stroke="transparent" strokeWidth={width / 9} fill="none" />
              <path
                d={d}
                className="stroke-madder group-hover:stroke-ink group-focus-visible:stroke-lagoon"
                strokeDasharray={`${width / 40} ${width / 60}`}
                strokeWidth={width / 90}
                fill="none"
              />
              <circle
                cx={line.across ? x + width : at}
                cy={line.across ? at : y}
                r={width / 26}
                className="fill-madder group-hover:fill-ink group-focus-visible:fill-lagoon"
              />
            </g>
          );
        })}
      </svg>
    </div>
  );
}
