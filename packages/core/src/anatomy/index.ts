export { isPosition, NECK_LAYERS, occupiedBy, type Position, positionName, POSITIONS, shelfOf, STACKS } from './positions.js';
export {
  type Face,
  FACE_REGIONS,
  LEG_BACK_REGIONS,
  LEG_FRONT_REGIONS,
  type Region,
  REGION_AREA_MM2,
  regionAt,
  REGIONS,
  TORSO_FRONT_REGIONS,
  type Zone,
  ZONES,
} from './regions.js';
export { AGE_BANDS, type AgeBand, P40, type System, SYSTEM_MEASURES, type SystemMeasure } from './system.js';
