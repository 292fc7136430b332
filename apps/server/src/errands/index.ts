export { ErrandEntity } from './record/errand.entity.js';
export { ErrandsModule } from './errands.module.js';
export { ErrandsService } from './errands.service.js';
export { PlannedService } from './planned.service.js';
