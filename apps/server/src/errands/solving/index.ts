export type { Alternative, AlternativesTask } from './alternatives.worker.js';
export { basketRun } from './basketRun.js';
export { plainInput } from './plainInput.js';
export { ErrandJobDto, PlanDto, SeriesJobDto } from './plan.dto.js';
export type { SeriesPoint } from './series.worker.js';
export { seriesRun } from './seriesRun.js';
