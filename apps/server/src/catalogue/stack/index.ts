export { StackController } from './stack.controller.js';
export { StackService } from './stack.service.js';
