import type { Catalogue, Position } from '@outfit/core';
import { anchorOf, drawLook, figureBox, type Joints, type Point, type View } from '@outfit/drawing';
import { useId, useMemo } from 'react';
import { FigurePicture, PartPicture } from '@/parts';
import { useWorkspace } from '@/workspace';
import type { BodyScene, PiecesScene, Scene } from './benchScene';

/** How far a part is held from its place, in tenths of a millimetre, and the room that is left for it. */
const ASIDE = 92;
const ABOVE = 118;
const ROOM = { side: 112, top: 122 };

/** Where a part is held before it goes on, or after it came off: arms and what they hold beside the figure, the rest above. */
function heldAt(position: Position, where: Joints, view: View): Point {
  const { x } = anchorOf(position, where, view);
  if (/^(arm|hand|wrist|held)\./.test(position)) return { x: Math.sign(x || 1) * ASIDE, y: -44 };
  if (/^(leg|feet)\./.test(position)) return { x: Math.sign(x || 1) * ASIDE, y: 0 };
  if (position === 'beside' || position === 'built' || position === 'stand') return { x: 40, y: 0 };
  if (position === 'hips' || position === 'lower') return { x: 0, y: 0 };
  return { x: 0, y: -ABOVE };
}

/** The one step large: the figure so far with the part that moves held beside it and an arrow to where it goes. */
export function Stage({ scene, view, label }: { readonly scene: Scene; readonly view: View; readonly label: string }) {
  const { catalogue } = useWorkspace();
  if (scene.kind === 'pieces') return <Pieces scene={scene} catalogue={catalogue} />;
  if (scene.kind === 'look')
    return (
      <div className="grid h-full grid-cols-4 items-end justify-items-center gap-1 px-4 pb-4 max-sm:pb-1">
        {(['front', 'left', 'back', 'right'] as const).map((side) => (
          <figure
            key={side}
            className="flex h-full w-full min-w-0 flex-col items-center justify-end [&>svg]:h-auto [&>svg]:max-h-[88%] [&>svg]:w-full"
          >
            <FigurePicture
              look={{ parts: scene.parts, overrules: [] }}
              catalogue={catalogue}
              pxPerMm={8}
              view={side}
              label={`${label}, ${side}`}
            />
            <figcaption className="text-pencil text-[0.87rem]">{side}</figcaption>
          </figure>
        ))}
      </div>
    );
  return <Body scene={scene} view={view} catalogue={catalogue} label={label} />;
}

function Body({
  scene,
  view,
  catalogue,
  label,
}: {
  readonly scene: BodyScene;
  readonly view: View;
  readonly catalogue: Catalogue;
  readonly label: string;
}) {
  const id = useId();
  const { parts, absent, holes, moving, isLeaving } = scene;
  const drawn = useMemo(() => {
    const look = { parts, overrules: [] };
    const { joints } = drawLook(look, catalogue, { view, idPrefix: id });
    // A lump goes as its lowest part goes: what rides on it stays on it.
    const [root] = [...moving].sort((a, b) => rank(a.position) - rank(b.position));
    const isPair =
      moving.length === 2 &&
      moving.every((own) => /\.[LR]$/.test(own.position)) &&
      moving[0]?.position.slice(0, -1) === moving[1]?.position.slice(0, -1);
    const apart = new Map(moving.map(({ spot, position }) => [spot, heldAt(isPair || !root ? position : root.position, joints, view)]));
    const { markup } = drawLook(look, catalogue, { view, idPrefix: id, absent, holes, apart });
    const arrows = (isPair ? moving : root ? [root] : [])
      .map(({ position }) => arrowFor(position, joints, view, isLeaving))
      .filter((path) => path !== null);
    const box = figureBox(look, catalogue);
    return { markup, arrows, box };
  }, [parts, absent, holes, moving, isLeaving, catalogue, view, id]);
  const { box } = drawn;
  return (
    <svg
      role="img"
      aria-label={label}
      viewBox={`${box.x - ROOM.side} ${box.y - ROOM.top} ${box.width + 2 * ROOM.side} ${box.height + ROOM.top + 6}`}
      className="isolate h-full w-full"
    >
      <defs>
        <marker id={`${id}-arrow`} viewBox="0 0 12 12" refX="10" refY="6" markerWidth="7" markerHeight="7" orient="auto">
          <path d="M2,1 L10,6 L2,11" fill="none" stroke="#176874" strokeWidth="2" strokeLinecap="round" strokeLinejoin="round" />
        </marker>
      </defs>
      <g dangerouslySetInnerHTML={{ __html: drawn.markup }} />
      {drawn.arrows.map((path) => (
        <path
          key={path}
          d={path}
          fill="none"
          stroke="#176874"
          strokeWidth="2.6"
          strokeDasharray="7 5"
          strokeLinecap="round"
          markerEnd={`url(#${id}-arrow)`}
        />
      ))}
    </svg>
  );
}

const ORDER: readonly string[] = [
  'stand',
  'feet',
  'hips',
  'lower',
  'leg',
  'waist',
  'torso',
  'arm',
  'wrist',
  'hand',
  'neck',
  'head',
  'headgear',
  'held',
  'built',
  'beside',
];
const rank = (position: Position): number => ORDER.indexOf(position.split('.')[0] ?? '');

/** A bow from where a part is held to where it goes, or the other way; null for what is simply set down. */
function arrowFor(position: Position, where: Joints, view: View, isLeaving: boolean): string | null {
  const away = heldAt(position, where, view);
  if (away.x === 0 && away.y === 0) return null;
  const place = anchorOf(position, where, view);
  const side = Math.sign(away.x || 1);
  const [from, to] =
    away.x === 0
      ? [
          { x: 74, y: place.y + away.y * 0.72 },
          { x: 60, y: place.y + 8 },
        ]
      : [
          { x: place.x + away.x + side * 4, y: place.y + away.y + 36 },
          { x: place.x + side * 26, y: place.y + 6 },
        ];
  const [start, end] = isLeaving ? [to, from] : [from, to];
  const bend =
    away.x === 0 ? { x: 96, y: (start.y + end.y) / 2 } : { x: (start.x + end.x) / 2 + side * 10, y: Math.max(start.y, end.y) + 14 };
  return `M${start.x},${start.y} Q${bend.x},${bend.y} ${end.x},${end.y}`;
}

function Pieces({ scene, catalogue }: { readonly scene: PiecesScene; readonly catalogue: Catalogue }) {
  const size = scene.pieces.length > 6 ? 110 : 150;
  return (
    <ul className="flex h-full flex-wrap content-center items-center justify-center gap-5 overflow-auto p-6">
      {scene.pieces.map(({ variant, position, quantity }) => (
        <li key={variant} className="w-44 text-center">
          <span className="inline-block">
            <PartPicture variant={catalogue.variant(variant)} position={position} catalogue={catalogue} size={size} tacked={false} />
          </span>
          <span className="mt-1 block text-[0.93rem]">
            {quantity > 1 && <b className="font-mono">{quantity} × </b>}
            {catalogue.nameOf(catalogue.variant(variant))}
          </span>
        </li>
      ))}
    </ul>
  );
}
