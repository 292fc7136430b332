import { Module } from '@nestjs/common';
import { JobsController } from './jobs.controller.js';
import { JobsService } from './jobs.service.js';

@Module({ controllers: [JobsController], providers: [JobsService], exports: [JobsService] })
export class JobsModule {}

export { JobsService, toDto } from './jobs.service.js';
export { basketRun } from './basketRun.js';
export { seriesRun } from './seriesRun.js';
export { plainInput } from './plainInput.js';
export type { SeriesPoint } from './series.worker.js';
export { ImportProgress, ImportReport, ImportRowProblem } from './importReport.js';
export { JobEntity } from './job.entity.js';
export { JobDto, PlanDto } from './job.dto.js';
