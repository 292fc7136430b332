import { describe, expect, test } from '@jest/globals';
import { LatestQuery } from '@/ui/state/latestQuery';

const of = (text: string) => new URLSearchParams(text);

describe('the query last asked for', () => {
  test('an edit made while an earlier one is only just shown loses neither', () => {
    const latest = new LatestQuery(of('position=hair'));
    const first = latest.edit((next) => next.set('colour', 'rust'));
    latest.edit((next) => next.set('shape', 'tied'));
    latest.arrive(first);
    expect(latest.edit((next) => next.set('sort', 'price')).toString()).toBe('position=hair&colour=rust&shape=tied&sort=price');
  });

  test('a page that skips to the last edit has nothing under way', () => {
    const latest = new LatestQuery(of(''));
    latest.edit((next) => next.set('a', '1'));
    const last = latest.edit((next) => next.set('b', '2'));
    latest.arrive(last);
    latest.arrive(of('a=1'));
    expect(latest.edit((next) => next.set('c', '3')).toString()).toBe('a=1&c=3');
  });

  test('the back button replaces what was under way', () => {
    const latest = new LatestQuery(of(''));
    latest.edit((next) => next.set('a', '1'));
    latest.arrive(of('z=9'));
    expect(latest.edit((next) => next.set('b', '2')).toString()).toBe('z=9&b=2');
  });
});
