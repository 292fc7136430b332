import { describe, expect, test } from '@jest/globals';
import { Catalogue, type OfficialFigure, spotOf } from '@outfit/core';
import { type BenchBody, type BenchCopy, type BenchPiece, benchSteps } from '@outfit/core/bench';
import { demoWorld } from '@outfit/demo';
import fc from 'fast-check';
import type { BenchSessionDto } from '../src/api';
import { onTray, type Scene, sceneOf } from '../src/features/bench/session/benchScene';

const { catalogue: data } = demoWorld();
const catalogue = new Catalogue(data);

/** A session that builds one figure: some of its parts come off a whole one like it, the rest out of a drawer. */
function sessionFor(figure: OfficialFigure, offDonor: ReadonlySet<string>): BenchSessionDto {
  const body: BenchBody = {
    ...{ id: 'donor', name: figure.name, path: 'Shelf', becomes: null },
    parts: figure.parts.map((part) => ({ ...part, piece: `donor ${spotOf(part)}` })),
  };
  const pieces = figure.parts.map((part): BenchPiece => {
    const spot = spotOf(part);
    const from: BenchPiece['from'] = offDonor.has(spot) ? { kind: 'body', body: 'donor' } : { kind: 'place', id: 'tin', path: 'Tin' };
    return { ...part, alterations: [], turned: false, piece: offDonor.has(spot) ? `donor ${spot}` : `own ${spot}`, from };
  });
  const copy: BenchCopy = { id: 'ada', figure: 'ada', name: 'Ada', pieces };
  const bodies = offDonor.size > 0 ? [body] : [];
  const steps = benchSteps({ copies: [copy], bodies }, catalogue, { priceMinor: () => null, dearFromMinor: 1e9, money: String });
  return { copies: [copy], bodies, steps: steps.map((step, id) => ({ ...step, id, doneAt: null })) } as unknown as BenchSessionDto;
}
const scenes = (session: BenchSessionDto): readonly (readonly [BenchSessionDto['steps'][number], Scene])[] =>
  session.steps.map((step, i) => [step, sceneOf(session, step, session.steps.slice(0, i))]);
const [first] = data.officialFigures;
if (!first) throw new Error('the demo has official figures');

describe('what is drawn for a step at the bench', () => {
  test('a figure out of one drawer: its pieces, then the figure growing from the feet up, then all of it', () => {
    const session = sessionFor(first, new Set());
    const drawn = scenes(session);
    expect(drawn[0]?.[1]).toMatchObject({ kind: 'pieces' });
    const growing = drawn.flatMap(([step, scene]) => (step.kind === 'build' && scene.kind === 'body' ? [scene.absent.size] : []));
    expect(growing).toEqual([...growing].sort((a, b) => b - a));
    expect(growing.at(-1)).toBe(0);
    const last = drawn.at(-1)?.[1];
    expect(last?.kind === 'look' && last.parts.map(spotOf).sort()).toEqual(first.parts.map(spotOf).sort());
    expect(onTray(session, session.steps.slice(0, 1)).reduce((all, { quantity }) => all + quantity, 0)).toBe(first.parts.length);
    expect(onTray(session, session.steps)).toEqual([]);
  });

  test('whatever comes off a donor: what moves is on the drawing, and never there and not there at once', () => {
    fc.assert(
      fc.property(fc.constantFrom(...data.officialFigures), fc.array(fc.boolean(), { minLength: 20, maxLength: 20 }), (figure, takes) => {
        const off = new Set(figure.parts.map(spotOf).filter((_, i) => takes[i % takes.length]));
        for (const [step, scene] of scenes(sessionFor(figure, off))) {
          if (scene.kind !== 'body') continue;
          const spots = new Set(scene.parts.map(spotOf));
          for (const { spot } of scene.moving) expect(spots.has(spot) && !scene.absent.has(spot)).toBe(true);
          if (step.kind === 'take apart') expect([scene.isLeaving, scene.moving.length > 0]).toEqual([true, true]);
          if (step.kind === 'build' || step.kind === 'put back') expect(scene.isLeaving).toBe(false);
        }
      }),
      { numRuns: 60 },
    );
  });

  test('a donor that is closed again shows a hole where each part was taken', () => {
    const headgear = first.parts.find(({ position }) => position === 'headgear');
    if (!headgear) throw new Error('the first official figure wears something on the head');
    const closed = scenes(sessionFor(first, new Set([spotOf(headgear)]))).find(
      ([step]) => step.kind === 'put away' && step.moves.length === 0,
    );
    expect(closed?.[1].kind === 'body' && [...closed[1].holes]).toEqual([spotOf(headgear)]);
  });
});
