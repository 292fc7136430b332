export { JobDto } from './job.dto.js';
export { JobEntity } from './job.entity.js';
export { JobsModule } from './jobs.module.js';
export { type JobRun, JobsService } from './jobs.service.js';
export { type JobKind, workerBeside } from './registry.js';
export { WorkerPool } from './workerPool.js';
