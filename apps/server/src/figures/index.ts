export { type Arrangement, LineUpDeeds, type Stance } from './arranging/index.js';
export { NoticesService } from './notices/index.js';
export { FiguresModule } from './figures.module.js';
export { FiguresService } from './figures.service.js';
export { LooksService, type StoredLook } from './looks/index.js';
export {
  CopyVariationDto,
  DueDays,
  earliest,
  FIGURE_ENTITIES,
  type FigureInLine,
  FiguresStore,
  FigureViews,
  LineUpDto,
  lookOf,
  LineUpPlanDto,
  type Spots,
  UniformPartDto,
} from './record/index.js';
