export { BenchModule } from './bench.module.js';
export { BenchOpening } from './opening.service.js';
export { BenchService } from './bench.service.js';
