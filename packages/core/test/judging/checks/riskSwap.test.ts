import { describe, expect, test } from '@jest/globals';
import { riskSwap } from '../../../src/judging/checks/supply/riskSwap.js';
import { seen, supplyOf } from '../../fixture.js';

const DEAR = 'TO-1·red·starred';

describe('risk.swap', () => {
  test('arms off a torso worth more than 10.00 are told with the price', () => {
    const look = `torso ${DEAR}, arm.L AR-1·light, arm.R AR-1·red`;
    expect(riskSwap(seen(look, {}, supplyOf([], { [DEAR]: 1001 })))[0]?.sentence).toBe(
      'One arm or hand comes off Torso in red, starred: €10.01 at stake. Warm it in the hand and never force it.',
    );
  });

  test('at 10.00 it is not yet dear', () => {
    expect(riskSwap(seen(`torso ${DEAR}, arm.L AR-1·light`, {}, supplyOf([], { [DEAR]: 1000 })))).toEqual([]);
  });

  test('with the arms it was sold with there is no swap', () => {
    expect(riskSwap(seen(`torso ${DEAR}, arm.L AR-1·red, arm.R AR-1·red`, {}, supplyOf([], { [DEAR]: 9000 })))).toEqual([]);
  });

  test('a torso known to crack is told whatever it costs: made until 2020, brittle before 2021', () => {
    expect(riskSwap(seen('torso TO-2·red, arm.L AR-1·light'))[0]?.sentence).toContain(
      'which is from before 2021 and then known to crack: nobody sells another',
    );
  });
});
