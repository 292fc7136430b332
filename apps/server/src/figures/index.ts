export { FiguresModule } from './figures.module.js';
export { FiguresService } from './figures.service.js';
export { LooksService, type StoredLook } from './looks/index.js';
export { FIGURE_ENTITIES, type FigureInLine, FiguresStore } from './record/index.js';
