import { describe, expect, test } from '@jest/globals';
import { type BasketProblem, standingOf } from '../../src/index.js';
import { lookOf } from '../fixture.js';

const needs = (...ids: readonly string[]): BasketProblem =>
  ({ needs: ids.map((id) => ({ id, options: [{ variant: id, penaltyMinor: 0 }] })) }) as unknown as BasketProblem;

describe('how many figures of an errand can stand', () => {
  const look = lookOf('head HD-1·light·face, arm.L AR-1·red, arm.R AR-1·red');

  test('twelve copies and heads for seven: seven can stand, five heads are lacking', () => {
    const standing = standingOf([{ look, copies: 12, group: null }], needs('HD-1·light·face', 'AR-1·red'), {
      short: [{ need: 'HD-1·light·face', quantity: 5 }],
    });
    expect(standing).toEqual({ complete: 7, figures: 12, lacking: [{ variant: 'HD-1·light·face', quantity: 5, wanted: 12 }] });
  });

  test('of three copies that want two arms each, one arm short leaves two', () => {
    const short = [{ need: 'AR-1·red', quantity: 1 }];
    expect(standingOf([{ look, copies: 3, group: null }], needs('HD-1·light·face', 'AR-1·red'), { short })).toMatchObject({ complete: 2 });
  });

  test('a figure that needs nothing scarce stands, whatever order they come in', () => {
    const plain = lookOf('torso TO-1·red');
    const lines = [
      { look, copies: 1, group: null },
      { look: plain, copies: 2, group: null },
    ];
    const short = [{ need: 'HD-1·light·face', quantity: 1 }];
    expect(standingOf(lines, needs('HD-1·light·face', 'AR-1·red', 'TO-1·red'), { short })).toMatchObject({ complete: 2, figures: 3 });
  });

  test('nothing short: everybody stands', () => {
    expect(standingOf([{ look, copies: 4, group: null }], needs('HD-1·light·face', 'AR-1·red'), { short: [] })).toEqual({
      complete: 4,
      figures: 4,
      lacking: [],
    });
  });

  test('spares are no figure: they stand for none, and have what figures leave', () => {
    const spares = { look: { ...look, id: 'spares' }, copies: 1, group: null };
    const lines = [spares, { look, copies: 2, group: null }];
    const short = [{ need: 'HD-1·light·face', quantity: 1 }];
    const isFigure = (line: (typeof lines)[number]) => line !== spares;
    expect(standingOf(lines, needs('HD-1·light·face', 'AR-1·red'), { short }, isFigure)).toMatchObject({ complete: 2, figures: 2 });
  });
});
