export { ErrandEntity } from './errand.entity.js';
export { ErrandsModule } from './errands.module.js';
export { ErrandsService } from './errands.service.js';
export { PlannedService } from './planned.service.js';
