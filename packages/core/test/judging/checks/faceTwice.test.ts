import { describe, expect, test } from '@jest/globals';
import { faceTwice } from '../../../src/judging/checks/skin/faceTwice.js';
import { seen } from '../../fixture.js';

const elsewhere = (head: string, turned = false) => ({ faces: [{ figure: 'Ann', head, turned }] });

describe('face.twice', () => {
  test('the same print on another skin is the same face', () => {
    const [mark] = faceTwice(seen('head HD-1·light·face', {}, undefined, elsewhere('HD-1·dark·face')));
    expect(mark?.sentence).toBe('Ann wears this face too.');
    expect(mark?.proposals().every((remedy) => !remedy.label.endsWith(', face'))).toBe(true);
  });

  test('another face is another', () => {
    expect(faceTwice(seen('head HD-1·light·face', {}, undefined, elsewhere('HD-1·light·reader')))).toEqual([]);
  });

  test('the other side of a double head is another face, and is offered', () => {
    expect(faceTwice(seen('head HD-1·light·two-faced!', {}, undefined, elsewhere('HD-1·light·two-faced')))).toEqual([]);
    const [mark] = faceTwice(seen('head HD-1·light·two-faced', {}, undefined, elsewhere('HD-1·light·two-faced')));
    expect(mark?.proposals()[0]?.label).toBe('Show the other face of this head');
  });
});
