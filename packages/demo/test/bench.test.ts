import { Catalogue, type Position, spotOf, STACKS } from '@outfit/core';
import { type BenchBody, type BenchCopy, type BenchPiece, benchSteps, type BodyPart, seatOf, standsAfter } from '@outfit/core/bench';
import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { doAll } from '../../core/test/bench/simulator.js';
import { demoWorld } from '../src/index.js';

const { catalogue: data } = demoWorld();
const catalogue = new Catalogue(data);
const WORTH = { priceMinor: () => 100, dearFromMinor: 1000, money: String };
const someOfficial = fc.constantFrom(...data.officialFigures);

/** A figure that stands: every part of it is carried by something down to legs or a lower body. */
const stands = (parts: readonly BodyPart[]): boolean =>
  parts.every((part) => {
    let at: BodyPart | null = part;
    while (at && seatOf(at, parts)) at = seatOf(at, parts);
    return at !== null && ['hips', 'lower', 'stand', 'beside', 'built'].includes(at.position);
  });

/** Parts of up to three official figures, one for each position, as somebody would put a figure together. */
const someLook = fc
  .array(fc.tuple(someOfficial, fc.array(fc.boolean(), { minLength: 26, maxLength: 26 })), { minLength: 1, maxLength: 3 })
  .map((sources) => {
    const parts = new Map<string, BodyPart>();
    sources.forEach(([figure, takes], k) =>
      figure.parts.forEach((part, i) => {
        if (k > 0 && takes[i % takes.length] && !STACKS.includes(part.position)) parts.set(spotOf(part), { ...part, piece: '' });
        if (k === 0) parts.set(spotOf(part), { ...part, piece: '' });
      }),
    );
    if (parts.has('lower')) for (const position of ['hips', 'leg.L', 'leg.R']) parts.delete(position);
    return [...parts.values()];
  });

describe('steps for looks of the demo catalogue', () => {
  test('can be done one after the other, whatever comes from which drawer, donor or figure that is built otherwise', () => {
    fc.assert(
      fc.property(
        fc.array(someLook, { minLength: 1, maxLength: 3 }),
        fc.array(someOfficial, { minLength: 1, maxLength: 3 }),
        fc.array(fc.nat(3), { minLength: 40, maxLength: 40 }),
        (looks, donors, from) => {
          fc.pre(looks.every(stands));
          const bodies: BenchBody[] = donors.map((figure, i) => ({
            ...{ id: `donor ${i}`, name: figure.name, path: 'Shelf', becomes: null },
            parts: figure.parts.map((part) => ({ ...part, piece: `donor ${i} ${spotOf(part)}` })),
          }));
          const free = bodies.flatMap((body) => body.parts.map((part) => ({ ...part, body: body.id })));
          let n = 0;
          const copies = looks.map((look, k): BenchCopy => ({
            ...{ id: `copy ${k}`, figure: `figure ${k}`, name: `Figure ${k}` },
            pieces: look.map((part): BenchPiece => {
              n += 1;
              const known = free.findIndex((own) => own.variant === part.variant);
              const more = { turned: false, alterations: [] };
              if (from[n % from.length] !== 0 && known >= 0) {
                const [own] = free.splice(known, 1);
                if (own) return { ...part, ...more, piece: own.piece, from: { kind: 'body', body: own.body } };
              }
              const path = `Drawer ${from[n % from.length] ?? 0}`;
              return { ...part, ...more, piece: `piece ${n}`, from: { kind: 'place', id: path, path } };
            }),
          }));
          // The first figure stands there already as an official one, and is changed.
          const [first] = bodies;
          const all = first && from[0] === 1 ? [{ ...first, becomes: 'copy 0' }, ...bodies.slice(1)] : bodies;
          const steps = benchSteps({ copies, bodies: all }, catalogue, WORTH);
          const end = doAll(steps, copies, all);
          for (const copy of copies) {
            const wanted = copy.pieces.map((row) => row.piece).sort();
            expect(end.on(`copy ${copy.id}`)).toEqual(wanted);
            expect(
              standsAfter(steps, copy, all)
                .map((row) => row.piece)
                .sort(),
            ).toEqual(wanted);
          }
          const opened = new Set(
            steps
              .filter((step) => step.kind === 'fetch' && step.sentence.startsWith('Take from'))
              .map((step) => step.sentence.split(':')[0]),
          );
          expect(opened.size).toBe(steps.filter((step) => step.sentence.startsWith('Take from')).length);
          const told = steps.flatMap((step) => step.cautions.map((row) => row.id));
          expect(new Set(told).size).toBe(told.length);
        },
      ),
      { numRuns: 150 },
    );
  });

  test('every official figure is built from its drawer in as many steps as it has parts or pairs', () => {
    for (const figure of data.officialFigures) {
      const pieces = figure.parts.map((part, i): BenchPiece => ({
        ...{ ...part, piece: String(i), alterations: [] },
        from: { kind: 'place', id: 'tin', path: 'Tin' },
      }));
      const steps = benchSteps({ copies: [{ id: 'a', figure: 'a', name: figure.name, pieces }], bodies: [] }, catalogue, WORTH);
      const pairs = pieces.filter(
        (piece) =>
          piece.position.endsWith('.R') &&
          pieces.some(
            (other) =>
              other.position === (`${piece.position.slice(0, -1)}L` as Position) &&
              other.variant === piece.variant &&
              other.place === piece.place,
          ),
      ).length;
      expect(steps.map((step) => step.kind)).toEqual(['fetch', ...Array<string>(pieces.length - pairs).fill('build'), 'look']);
    }
  });
});
