import { Column } from './decorators.js';

/** Reads a value of JSON as what it is meant to be. Throws where it is something else. */
export type Reader<T> = (json: unknown) => T;

/**
 * A column that holds a document as JSON, with what reads it: a property of another type does not compile, and a document that
 * cannot be read is told by its table and key.
 */
export function JsonColumn<T>(read: Reader<T>): <K extends string>(target: Record<K, T>, property: K) => void;
export function JsonColumn<T>(
  read: Reader<T>,
  options: { readonly nullable: true },
): <K extends string>(target: Record<K, T | null>, property: K) => void;
export function JsonColumn(read: Reader<unknown>, options: { readonly nullable?: true } = {}) {
  const column = Column({ type: 'simple-json', ...options, transformer: { from: read, to: (value: unknown) => value } });
  return (target: object, property: string): void => column(target, property);
}
