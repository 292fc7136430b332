/**
 * What a value says of itself: fields that are left out, or are undefined, are not in it. So defaults can be spread before it.
 *
 * @example definedOf({ a: 1, b: undefined }) // { a: 1 }
 */
export const definedOf = <T extends object>(value: T): { [K in keyof T]: Exclude<T[K], undefined> } =>
  Object.fromEntries(Object.entries(value).filter(([, field]) => field !== undefined)) as { [K in keyof T]: Exclude<T[K], undefined> };
