import { describe, expect, test } from '@jest/globals';
import { isBareParticiple } from '../lint/names.mjs';

describe('a name of a function', () => {
  test.each(['told', 'kept', 'standing', 'placesChanged', 'rowsComing', 'whyServed'])(
    'is not “%s”, which says neither what it does nor what it gives',
    (name) => expect(isBareParticiple(name)).toBe(true),
  );

  test.each(['isNamed', 'useStanding', 'readTold', 'rowsOf', 'notFound', 'indexOfMissing', 'hasReached', 'need', 'string'])(
    'may be “%s”',
    (name) => expect(isBareParticiple(name)).toBe(false),
  );
});
