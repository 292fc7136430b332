import { describe, expect, test } from '@jest/globals';
import { printContinuity } from '../../../src/judging/checks/print/printContinuity.js';
import { seen } from '../../fixture.js';

const sentences = (look: string): readonly string[] => printContinuity(seen(look)).map((mark) => mark.sentence);

describe('print.continuity', () => {
  test('a coat goes on over the tails made for it', () => {
    expect(sentences('torso TO-1·red·coat, hips LG-1·brown·tails')).toEqual([]);
  });

  test('a coat may end at the waist; a robe may not', () => {
    expect(sentences('torso TO-1·red·coat, hips LG-1·brown')).toEqual([]);
    const [mark] = printContinuity(seen('torso TO-1·red·robe, hips LG-1·brown'));
    expect(mark?.sentence).toBe('The robe begins on the torso and stops dead at the waist: Standard legs do not carry it on.');
    expect(mark?.proposals()[0]?.label).toBe('Put on Standard legs in brown, hem');
  });

  test('tails without a coat carry on nothing', () => {
    expect(sentences('torso TO-1·red, hips LG-1·brown·tails')).toEqual([
      'The coat tails on the legs carry on nothing: the torso has no jackets down to its hem.',
    ]);
  });

  test('a coat that ends at the chest is not carried on', () => {
    expect(sentences('torso TO-1·red·early-coat, hips LG-1·brown·tails')).toHaveLength(1);
  });

  test('tails in another colour are told, with the pair that matches', () => {
    const [mark] = printContinuity(seen('torso TO-1·red·coat, hips LG-1·brown·blue-tails'));
    expect(mark?.sentence).toBe('The coat tails in blue are far from the coat in red and brown above: it reads as another garment.');
    expect(mark?.proposals().map((remedy) => remedy.label)).toEqual(['Put on Standard legs in brown, tails']);
  });

  test('turned round, the coat is behind and the tails in front carry on nothing', () => {
    expect(sentences('torso TO-1·red·coat!, hips LG-1·brown·tails')).toHaveLength(1);
  });
});
