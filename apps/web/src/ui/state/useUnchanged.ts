import { shallowEqual } from 'react-redux';
import { useState } from 'react';

/**
 * The same object for as long as its fields are the same. What is read from an address is made anew with every change of the
 * address; whoever starts afresh when it changes would also do so when something else of the address has changed.
 */
export function useUnchanged<T extends object>(value: T): T {
  const [kept, keep] = useState(value);
  if (kept === value || shallowEqual(kept, value)) return kept;
  keep(value);
  return value;
}
