import { type Catalogue, type Look, type Mark, type Position, type Spot, wornParts, type System } from '@outfit/core';
import { besideReach, drawLook, type Lit, markPoint, type View } from '@outfit/drawing';
import { type KeyboardEvent, type MouseEvent, useMemo } from 'react';
import { imaginedPositions } from '@/parts';
import { writeSpot } from '../spots';
import { type PlaceLabel, placeLabels } from './labels';

const HALF_WIDTH = 290;
const HEAD_ROOM = 462;
const FOOT_ROOM = 26;
const TAPE_X = -286;
const NAME_X = 178;

interface PaperProps {
  readonly look: Look;
  readonly catalogue: Catalogue;
  readonly system: System;
  readonly view: View;
  readonly chosen: Spot;
  readonly marks: readonly Mark[];
  /** A colour of a part to be seen. */
  readonly lit: Lit | null;
  readonly figureName: string;
  readonly onChoose: (spot: Spot) => void;
}

/** The figure on pattern paper with the tape: the drawing itself is the menu. */
export function Paper({ look, catalogue, system, view, chosen, marks, lit, figureName, onChoose }: PaperProps) {
  const drawing = useMemo(
    () =>
      drawLook(look, catalogue, {
        view,
        idPrefix: 'paper',
        tacked: imaginedPositions(look, catalogue),
        ghosted: true,
        ...(lit && { lit }),
      }),
    [look, catalogue, view, lit],
  );
  const labels = useMemo(() => placeLabels(look, catalogue, system, drawing.joints, view), [look, catalogue, system, drawing, view]);
  const reach = view === 'front' ? Math.max(0, besideReach(wornParts(look, catalogue)) - HALF_WIDTH + 30) : 0;
  const isChosen = (label: PlaceLabel): boolean => label.key === writeSpot(chosen);
  const chooseDrawn = (event: MouseEvent<SVGGElement>): void => {
    const position = (event.target as Element).closest('[data-position]')?.getAttribute('data-position');
    if (position) onChoose({ position: position as Position });
  };
  return (
    <svg
      className="h-full w-full"
      viewBox={`${-HALF_WIDTH} ${-HEAD_ROOM} ${HALF_WIDTH * 2 + reach} ${HEAD_ROOM + FOOT_ROOM}`}
      preserveAspectRatio="xMidYMax meet"
      role="group"
      aria-label={`${figureName}, ${view}`}
    >
      <defs>
        <pattern id="dots" width="10" height="10" patternUnits="userSpaceOnUse">
          <circle cx="5" cy="5" r="0.6" className="fill-dot" />
        </pattern>
      </defs>
      <rect x={-2000} y={-2000} width={4000} height={4000} fill="url(#dots)" />
      <path d="M-230,0 H2000" className="stroke-pencil" strokeWidth="1" />
      <Tape />
      {labels.map((label) => (
        <Leader key={label.key} label={label} />
      ))}
      {/* The keyboard reaches the same positions through the names beside the figure. */}
      <g data-testid="drawn-figure" className="cursor-pointer" onClick={chooseDrawn} dangerouslySetInnerHTML={{ __html: drawing.markup }} />
      {labels
        .filter((label) => label.worn)
        .map((label) => (
          <circle
            key={label.key}
            cx={label.anchor.x}
            cy={label.anchor.y}
            r="2"
            aria-hidden="true"
            className={`pointer-events-none ${isChosen(label) ? 'fill-lagoon' : 'fill-pencil'}`}
          />
        ))}
      {labels.map((label) => (
        <Name key={label.key} label={label} chosen={isChosen(label)} onChoose={onChoose} />
      ))}
      {marks.map((mark, i) => {
        const { x, y } = markPoint(mark.position, mark.region, drawing.joints, view);
        const apart = marks.slice(0, i).filter((other) => other.position === mark.position && other.region === mark.region).length;
        return <ChalkMark key={mark.key} mark={mark} number={i + 1} x={x + apart * (mark.severity === 'note' ? 10 : 22)} y={y} />;
      })}
    </svg>
  );
}

function Tape() {
  const ticks = Array.from({ length: 45 }, (_, mm) => mm);
  return (
    <g className="stroke-pencil fill-pencil font-mono" aria-hidden="true">
      <path
        d={ticks.map((mm) => `M${TAPE_X},${-mm * 10} h${mm % 10 === 0 ? 17 : mm % 5 === 0 ? 11 : 6}`).join(' ')}
        strokeWidth="0.9"
        fill="none"
      />
      {ticks
        .filter((mm) => mm % 10 === 0)
        .map((mm) => (
          <text key={mm} x={TAPE_X + 21} y={-mm * 10 + 3.6} fontSize="10.5" stroke="none">
            {mm}
          </text>
        ))}
    </g>
  );
}

const nameX = (label: PlaceLabel): number => (label.side === 'left' ? -NAME_X : NAME_X);

function Leader({ label }: { readonly label: PlaceLabel }) {
  if (!label.worn) return null;
  const x = nameX(label) + (label.side === 'left' ? 6 : -6);
  return (
    <g aria-hidden="true" className="stroke-pencil fill-pencil">
      <path d={`M${x},${label.y} L${label.anchor.x},${label.anchor.y}`} strokeWidth="0.7" opacity="0.75" />
    </g>
  );
}

function Name({
  label,
  chosen,
  onChoose,
}: {
  readonly label: PlaceLabel;
  readonly chosen: boolean;
  readonly onChoose: (spot: Spot) => void;
}) {
  const pick = (): void => onChoose(label.spot);
  const onKeyDown = (event: KeyboardEvent): void => {
    if (event.key !== 'Enter' && event.key !== ' ') return;
    event.preventDefault();
    pick();
  };
  const left = label.side === 'left';
  return (
    <g
      role="button"
      tabIndex={0}
      aria-pressed={chosen}
      aria-label={`${label.text}${label.worn ? '' : ', empty'}`}
      onClick={pick}
      onKeyDown={onKeyDown}
      className="group outline-offset-1"
    >
      <rect x={left ? -264 : NAME_X - 4} y={label.y - 10} width={left ? 264 - NAME_X + 4 : 108} height={20} className="fill-transparent" />
      <text
        x={nameX(label)}
        y={label.y + 4}
        textAnchor={left ? 'end' : 'start'}
        fontSize="12.5"
        className={`${chosen ? 'fill-lagoon font-bold underline' : label.worn ? 'fill-ink' : 'fill-pencil italic'} group-hover:fill-lagoon`}
      >
        {label.text}
        {label.worn ? '' : ' +'}
      </text>
    </g>
  );
}

/** A ring as chalk leaves it: not quite round, not quite closed. */
const RING = 'M-8.6,1.5 C-9.6,-5.5 -4,-9.8 2,-9.3 C7.8,-8.8 10.2,-3 9.2,2.2 C8.2,7.8 2,10.2 -3.3,8.7 C-7.6,7.4 -9.4,3.6 -8,-2';

function ChalkMark({ mark, number, x, y }: { readonly mark: Mark; readonly number: number; readonly x: number; readonly y: number }) {
  if (mark.severity === 'note')
    return (
      <a href={`#mark-${number}`} aria-label={`Note ${number}: ${mark.sentence}`}>
        <circle cx={x} cy={y} r="3.6" strokeWidth="1.4" className="fill-pencil stroke-sheet" />
      </a>
    );
  const blocks = mark.severity === 'blocks';
  const tone = blocks ? 'stroke-madder' : 'stroke-saffron';
  return (
    <g transform={`translate(${x} ${y})`}>
      <a href={`#mark-${number}`} aria-label={`Mark ${number}: ${mark.sentence}`}>
        <path d={RING} strokeWidth="2" strokeLinecap="round" className={`${tone} ${blocks ? 'fill-madder' : 'fill-sheet'}`} />
        <text y="4" textAnchor="middle" fontSize="11" fontWeight="700" className={blocks ? 'fill-sheet' : 'fill-saffron'}>
          {number}
        </text>
      </a>
    </g>
  );
}
