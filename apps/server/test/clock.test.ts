import { expect, test } from '@jest/globals';
import { Clock } from '../src/platform/clock/index.js';

/** A moment on a machine so many minutes behind UTC. */
class ClockAt extends Clock {
  constructor(
    private readonly time: string,
    private readonly behindUtc: number,
  ) {
    super();
  }

  now(): Date {
    return Object.assign(new Date(this.time), { getTimezoneOffset: () => this.behindUtc });
  }
}

test.each([
  ['Auckland', -780, '2026-11-25T12:00:00Z', '2026-11-26'],
  ['Los Angeles', 480, '2026-11-25T05:00:00Z', '2026-11-24'],
  ['Amsterdam', -60, '2026-12-31T23:30:00Z', '2027-01-01'],
  ['Accra', 0, '2026-11-25T23:59:59Z', '2026-11-25'],
])('in %s, %i minutes behind UTC, it is at %s: %s', (_, behindUtc, time, day) => {
  expect(new ClockAt(time, behindUtc).today()).toBe(day);
});
