export { BenchModule } from './bench.module.js';
export { type BenchPlan, BenchRecord, type SessionRow, type TickRow } from './bench.record.js';
export { movementsOf } from './movements.js';
export { BenchPlanner } from './planning/planner.service.js';
export { BenchService } from './bench.service.js';
