import { expect, test } from '@jest/globals';
import { outsideOf } from '@/workspace/company';

test('what figures elsewhere want is found by the part, each figure with what it wants of it', () => {
  const outside = outsideOf({
    figures: ['Ada', 'Bo'],
    variants: ['hat', 'arm', 'hat'],
    of: [0, 0, 1],
    counts: [1, 2, 3],
  });
  expect(outside('hat')).toEqual([
    { name: 'Ada', count: 1 },
    { name: 'Bo', count: 3 },
  ]);
  expect(outside('arm')).toEqual([{ name: 'Ada', count: 2 }]);
  expect(outside('cape')).toEqual([]);
  expect(outsideOf(undefined)('hat')).toEqual([]);
});
