export { cheapestEach } from './cheapestEach.js';
export { searchBaskets } from './search.js';
