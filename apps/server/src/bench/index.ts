export { BenchModule } from './bench.module.js';
export { BENCH_ENTITIES, type BenchPlan, type SessionEntity, type TickEntity } from './bench.entities.js';
export { BenchStore } from './bench.store.js';
export { movementsOf } from './movements.js';
export { BenchPlanner } from './planning/planner.service.js';
export { BenchService } from './bench.service.js';
