import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { type BenchBody, type BenchPiece, remainingSteps } from '../../src/bench/index.js';
import { CATALOGUE } from '../fixture.js';
import { copy, donor, drawer, NO_WORTH, offDonor, piece, stepsFor, titles, WHOLE } from './figures.js';
import { doAll } from './simulator.js';

describe('when something goes wrong', () => {
  test('the rest is done from where it stands, with another piece or without, wherever that lies', () => {
    const sources = fc.constantFrom('drawer', 'tin', 'a', 'b', 'own');
    fc.assert(
      fc.property(
        fc.array(sources, { minLength: WHOLE.length, maxLength: WHOLE.length }),
        fc.nat(1000),
        fc.nat(1000),
        fc.constantFrom('drawer', 'donor', 'nothing' as const),
        (from, at, which, instead) => {
          const bodies: BenchBody[] = [donor('a'), donor('b'), { ...donor('own'), becomes: 'ada' }];
          const pieces = WHOLE.map((position, i) => {
            const source = from[i] ?? 'drawer';
            return source === 'drawer' || source === 'tin'
              ? piece(position, drawer(source), `${source} ${position}`)
              : offDonor(position, source);
          });
          const before = copy(pieces);
          const steps = stepsFor({ copies: [before], bodies });
          const done = steps.slice(0, at % steps.length);
          const wrong = pieces[which % pieces.length] as BenchPiece;
          // A figure without its torso or legs does not stand: what carries others is replaced.
          fc.pre(instead !== 'nothing' || !['hips', 'torso', 'arm.L', 'arm.R', 'head', 'hand.L'].includes(wrong.position));
          const fresh = donor('fresh');
          const other =
            instead === 'drawer'
              ? [piece(wrong.position, drawer('box'), 'other')]
              : instead === 'donor'
                ? [offDonor(wrong.position, 'fresh')]
                : [];
          const after = copy(pieces.flatMap((own) => (own === wrong ? other : [own])));
          const gone = new Set([wrong.piece]);
          const work = { copies: [after], bodies: [...bodies, fresh], dropped: [{ copy: 'ada', piece: wrong }] };
          const rest = remainingSteps(work, { done, open: steps.slice(done.length), gone }, CATALOGUE, NO_WORTH);
          const both = copy([...pieces, ...other]);
          const end = doAll([...done, ...rest], [both], work.bodies, gone);
          expect(end.on('copy ada').filter((id) => id !== wrong.piece)).toEqual(after.pieces.map((row) => row.piece).sort());
          for (const body of bodies.slice(0, 2)) {
            const left = body.parts.map((row) => row.piece).filter((id) => !pieces.some((own) => own.piece === id));
            expect(end.on(`body ${body.id}`).filter((id) => id !== wrong.piece)).toEqual(left.sort());
          }
        },
      ),
      { numRuns: 300 },
    );
  });

  test('a hand that breaks while it is pushed in is fetched anew and pushed in alone', () => {
    const pieces = (['hips', 'torso', 'arm.L', 'arm.R', 'hand.L', 'hand.R'] as const).map((position) => piece(position));
    const steps = stepsFor({ copies: [copy(pieces)], bodies: [] });
    const done = steps.slice(0, -2);
    const other = piece('hand.R', drawer('Box'), 'other');
    const after = copy([...pieces.slice(0, -1), other]);
    const dropped = [{ copy: 'ada', piece: pieces[5] as BenchPiece }];
    const rest = remainingSteps(
      { copies: [after], bodies: [], dropped },
      { done, open: steps.slice(-2), gone: new Set(['hand.R']) },
      CATALOGUE,
      NO_WORTH,
    );
    expect(titles(rest).map((title) => title.split(':')[0])).toEqual(['fetch', 'build', 'look']);
    expect(rest[1]?.sentence).toMatch(/into each sleeve/);
  });
});
