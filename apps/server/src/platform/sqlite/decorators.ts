/** TypeORM's decorators, each from its own file: the whole library would take a third of a second of every worker's start. */
export { Column } from 'typeorm/decorator/columns/Column.js';
export { PrimaryColumn } from 'typeorm/decorator/columns/PrimaryColumn.js';
export { PrimaryGeneratedColumn } from 'typeorm/decorator/columns/PrimaryGeneratedColumn.js';
export { Entity } from 'typeorm/decorator/entity/Entity.js';
export { getMetadataArgsStorage } from 'typeorm/globals.js';
