/** What a worker may know of the database: a connection of its own. It loads no framework. */
export { connect, preparing, type Prepare } from './connect.js';
