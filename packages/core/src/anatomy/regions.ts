import type { Position } from './positions.js';

const FACE_ZONES = ['brow', 'eyes', 'mouth', 'chin'] as const;
const TORSO_ZONES = ['collar', 'chest', 'belly', 'hem'] as const;
const ARM_ZONES = ['upper', 'fore'] as const;
const LEG_ZONES = ['thigh', 'shin', 'foot'] as const;

/** Zones of a printed surface, named the same on every part that has them. */
export const ZONES = [...FACE_ZONES, ...TORSO_ZONES, ...ARM_ZONES, 'hip', ...LEG_ZONES] as const;
export type Zone = (typeof ZONES)[number];

/** The face of a part a motif is printed on, seen from the part itself. */
export type Face = 'front' | 'back' | 'side';

/** A surface of the assembled figure, seen from the figure. */
export type Region =
  | `head.front.${'brow' | 'eyes' | 'mouth' | 'chin'}`
  | 'head.side'
  | 'head.back'
  | `torso.${'front' | 'back'}.${'collar' | 'chest' | 'belly' | 'hem'}`
  | `arm.${'upper' | 'fore'}.${'L' | 'R'}`
  | `hand.${'L' | 'R'}`
  | `hip.${'front' | 'back'}`
  | `leg.${'front' | 'side' | 'back'}.${'thigh' | 'shin' | 'foot'}`;

export const FACE_REGIONS: readonly Region[] = FACE_ZONES.map((zone): Region => `head.front.${zone}`);
export const TORSO_FRONT_REGIONS: readonly Region[] = TORSO_ZONES.map((zone): Region => `torso.front.${zone}`);
export const LEG_FRONT_REGIONS: readonly Region[] = LEG_ZONES.map((zone): Region => `leg.front.${zone}`);
export const LEG_BACK_REGIONS: readonly Region[] = LEG_ZONES.map((zone): Region => `leg.back.${zone}`);

const SIDES = ['L', 'R'] as const;
const FACINGS = ['front', 'back'] as const;

/** Every region there is. */
export const REGIONS: readonly Region[] = [
  ...FACE_REGIONS,
  'head.side',
  'head.back',
  ...FACINGS.flatMap((facing) => TORSO_ZONES.map((zone): Region => `torso.${facing}.${zone}`)),
  ...ARM_ZONES.flatMap((zone) => SIDES.map((side): Region => `arm.${zone}.${side}`)),
  ...SIDES.map((side): Region => `hand.${side}`),
  ...FACINGS.map((facing): Region => `hip.${facing}`),
  ...(['front', 'side', 'back'] as const).flatMap((facing) => LEG_ZONES.map((zone): Region => `leg.${facing}.${zone}`)),
];

/** Surface of each region of a standard body, in mm²: width × height of the drawn box, legs counted as both. */
export const REGION_AREA_MM2: Readonly<Record<Region, number>> = Object.fromEntries(
  REGIONS.map((region) => {
    if (region.startsWith('head.front')) return [region, 14];
    if (region.startsWith('head')) return [region, 60];
    if (region.startsWith('torso')) return [region, 29];
    if (region.startsWith('arm')) return [region, 16];
    if (region.startsWith('hand')) return [region, 8];
    if (region.startsWith('hip')) return [region, 18];
    return [region, region.endsWith('foot') ? 12 : 36];
  }),
) as Record<Region, number>;

const includes = <T extends string>(all: readonly T[], zone: string): zone is T => (all as readonly string[]).includes(zone);

/**
 * Where a zone of a part's face ends up on the figure. A part turned round shows its front behind.
 * Returns null for a zone the position does not have (a `brow` on a torso).
 */
export function regionAt(position: Position, face: Face, zone: Zone, turned: boolean): Region | null {
  const seen: Face = turned && face !== 'side' ? (face === 'front' ? 'back' : 'front') : face;
  switch (position) {
    case 'head':
      if (seen === 'back') return 'head.back';
      if (seen === 'side') return 'head.side';
      return includes(FACE_ZONES, zone) ? `head.front.${zone}` : null;
    case 'torso':
      return seen !== 'side' && includes(TORSO_ZONES, zone) ? `torso.${seen}.${zone}` : null;
    case 'arm.L':
    case 'arm.R': {
      const side = position === 'arm.L' ? 'L' : 'R';
      return zone === 'upper' || zone === 'fore' ? `arm.${zone}.${side}` : null;
    }
    case 'hips':
    case 'lower':
      if (zone === 'hip') return seen === 'side' ? null : `hip.${seen}`;
      return includes(LEG_ZONES, zone) ? `leg.${seen}.${zone}` : null;
    case 'headgear':
    case 'headgear.addon':
    case 'neck.1':
    case 'neck.2':
    case 'neck.3':
    case 'neck.4':
    case 'hand.L':
    case 'hand.R':
    case 'wrist.L':
    case 'wrist.R':
    case 'waist':
    case 'leg.L':
    case 'leg.R':
    case 'feet.L':
    case 'feet.R':
    case 'held.L':
    case 'held.R':
    case 'beside':
    case 'stand':
    case 'built':
      return null;
  }
}
