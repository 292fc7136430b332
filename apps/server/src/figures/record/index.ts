export { BriefDto } from './brief.dto.js';
export { type BeginningDto, FigureDto, FigureNameDto, LineUpDto, LineUpNamesDto, NewFigureDto, OrderDto, RoleDto } from './figures.dto.js';
export {
  FIGURE_ENTITIES,
  type LineUpEntity,
  lookColumns,
  type LookEntity,
  lookOf,
  NoticeEntity,
  type Pin,
  ReferencePictureEntity,
} from './figures.entities.js';
export { dressAs, type Spots } from './spots.js';
export { DueDays, earliest } from './dueDays.js';
export { type FigureInLine, FiguresStore } from './figures.store.js';
export { type FigureState, sliceOfFigure, stateBetween, touchedOfFigure } from './figureState.js';
export { FigureViews } from './figureViews.js';
export { CopyVariationDto, LineUpPlanDto, UniformPartDto } from './plan.dto.js';
export {
  ChosenLookDto,
  EditionDto,
  EditLookDto,
  type EditPage,
  LookDto,
  type LookEditDto,
  NamedDto,
  NewLookDto,
  PictureQuery,
  ReturnDto,
} from './looks.dto.js';
