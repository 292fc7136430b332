export { DeedKeyEntity } from './deedKey.entity.js';
export { onlyOnce } from './once.js';
