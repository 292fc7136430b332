import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import type { Position } from '../../src/index.js';
import { type BenchBody, type BenchPiece, benchSteps, type BodyPart, seatOf, takeApart } from '../../src/bench/index.js';
import { CATALOGUE } from '../fixture.js';

const WHOLE: readonly Position[] = ['headgear', 'head', 'neck.1', 'torso', 'arm.L', 'arm.R', 'hand.L', 'hand.R', 'hips', 'held.L'];
const part = (position: Position, piece: string = position, more: Partial<BodyPart> = {}): BodyPart => ({
  ...{ piece, position, variant: 'HA-1·black' },
  ...more,
});
const body = WHOLE.map((position) => part(position));
const taking = (wanted: readonly BodyPart[], from = body) => {
  const { off, back } = takeApart(from, [{ figure: 'new', parts: wanted }]);
  return {
    off: off.map((row) => row.part.position),
    back: back.map((row) => `${row.part.position} on ${row.onto?.position ?? 'nothing'}`),
  };
};

describe('taking apart', () => {
  test('opens only what must be opened: for a cape the head comes off with its hair, and goes back', () => {
    expect(taking([part('neck.1')])).toEqual({ off: ['head', 'neck.1'], back: ['head on torso'] });
  });

  test('what goes along stays on what it sits on', () => {
    const tunic = ['torso', 'arm.L', 'arm.R', 'hand.L', 'hand.R'] as const;
    expect(taking(tunic.map((position) => part(position)))).toEqual({
      off: ['held.L', 'neck.1', 'torso'].sort((a, b) => (a === 'held.L' ? -1 : b === 'held.L' ? 1 : a === 'neck.1' ? -1 : 1)),
      back: ['neck.1 on nothing', 'held.L on nothing'],
    });
  });

  test('a head alone leaves its hair behind; a part that moves to the other side comes off', () => {
    expect(taking([part('head')]).off).toEqual(['headgear', 'head']);
    expect(taking([part('hand.R', 'hand.L'), part('arm.L')]).off).toContain('hand.L');
  });

  test('nothing wanted, nothing opened', () => {
    expect(taking([])).toEqual({ off: [], back: [] });
  });

  const someBody = fc.uniqueArray(fc.constantFrom(...WHOLE, 'waist' as const, 'neck.2' as const, 'wrist.L' as const), {
    minLength: 2,
    maxLength: 9,
  });

  test('as few joints are opened as any way of opening them needs', () => {
    fc.assert(
      fc.property(someBody, fc.array(fc.boolean(), { minLength: 9, maxLength: 9 }), (positions, wants) => {
        const parts = positions.map((position) => part(position));
        const wanted = parts.filter((_, i) => wants[i]);
        const { off } = takeApart(parts, [{ figure: 'new', parts: wanted }]);
        // Every way to open joints after which each lump is wanted or left as a whole, and sits in the figure as it sat before.
        const joints = parts.filter((own) => seatOf(own, parts) !== null);
        let fewest = Infinity;
        for (let mask = 0; mask < 1 << joints.length; mask += 1) {
          const isOpen = (own: BodyPart): boolean => (mask & (1 << joints.indexOf(own))) !== 0;
          const isSound = joints.every((own) => {
            if (isOpen(own)) return true;
            const seat = seatOf(own, parts) as BodyPart;
            const both = [own, seat].map((row) => wanted.includes(row));
            return both[0] === both[1] && (!both[0] || seatOf(own, wanted)?.piece === seat.piece);
          });
          if (isSound) fewest = Math.min(fewest, joints.filter(isOpen).length);
        }
        expect(off).toHaveLength(fewest);
      }),
      { numRuns: 200 },
    );
  });
});

/** What may come off or go on when, told without the generator's own joints: a figure as it stands on the bench. */
class Simulator {
  private readonly on = new Map<string, Position>();
  constructor(parts: readonly BodyPart[]) {
    for (const own of parts) this.on.set(own.piece, own.position);
  }
  has = (...positions: readonly Position[]): boolean => [...this.on.values()].some((position) => positions.includes(position));
  lift(pieces: readonly string[]): void {
    for (const piece of pieces) {
      if (!this.on.has(piece)) throw new Error(`${piece} is not there to be taken off`);
      this.on.delete(piece);
    }
    // Nothing may be left hanging in the air.
    if (!this.has('head') && this.has('headgear', 'headgear.addon')) throw new Error('hair without a head');
    if (!this.has('torso') && this.has('head', 'neck.1', 'neck.2', 'arm.L', 'arm.R')) throw new Error('a head or an arm without a torso');
    if (!this.has('arm.L') && this.has('hand.L')) throw new Error('a hand without an arm');
    if (!this.has('hand.L') && this.has('held.L')) throw new Error('something held by nobody');
  }
  put(piece: string, position: Position): void {
    if (position.startsWith('neck.') && this.has('head')) throw new Error('a neck layer goes on only while the head is off');
    if (position.startsWith('hand.') && !this.has(`arm.${position.slice(-1)}` as Position)) throw new Error('a hand needs its arm');
    if (position.startsWith('arm.') && !this.has('torso')) throw new Error('an arm needs a torso');
    if (position === 'headgear' && !this.has('head')) throw new Error('hair needs a head');
    if (position === 'torso' && !this.has('hips', 'lower')) throw new Error('a torso needs something to stand on');
    this.on.set(piece, position);
  }
  get pieces(): readonly string[] {
    return [...this.on.keys()].sort();
  }
}

describe('the steps of the bench', () => {
  const piece = (position: Position, from: BenchPiece['from'], id: string): BenchPiece => ({
    ...{ position, piece: id, variant: 'HA-1·black', turned: false, alterations: [], from },
  });

  test('each is possible where it stands, and in the end the figure stands there whole', () => {
    const sources = fc.constantFrom('drawer', 'tin', 'donor a', 'donor b');
    fc.assert(
      fc.property(fc.array(sources, { minLength: WHOLE.length, maxLength: WHOLE.length }), (from) => {
        const bodies: readonly BenchBody[] = ['donor a', 'donor b'].map((id) => ({
          ...{ id, name: id, path: 'Shelf' },
          parts: WHOLE.map((position) => part(position, `${id} ${position}`)),
        }));
        const pieces = WHOLE.map((position, i) => {
          const source = from[i] ?? 'drawer';
          return source.startsWith('donor')
            ? piece(position, { kind: 'body', body: source }, `${source} ${position}`)
            : piece(position, { kind: 'place', path: source }, `${source} ${position}`);
        });
        const steps = benchSteps('Ada', pieces, bodies, CATALOGUE);
        const states = new Map(bodies.map((row) => [row.id, new Simulator(row.parts)]));
        const figure = new Simulator([]);
        const fetched = new Set<string>();
        for (const step of steps) {
          if (step.kind === 'fetch') for (const id of step.pieces) fetched.add(id);
          if (step.kind === 'take apart') states.get(step.body ?? '')?.lift(step.pieces);
          if (step.kind === 'build')
            for (const own of [...step.pieces].sort((a, b) => WHOLE_ORDER(a) - WHOLE_ORDER(b)))
              figure.put(own, pieces.find((row) => row.piece === own)?.position ?? 'built');
        }
        expect(figure.pieces).toEqual(pieces.map((row) => row.piece).sort());
        expect([...fetched].sort()).toEqual(
          pieces
            .filter((row) => row.from.kind === 'place')
            .map((row) => row.piece)
            .sort(),
        );
        expect(new Set(steps.filter((step) => step.kind === 'fetch').map((step) => step.sentence.split(':')[0])).size).toBe(
          steps.filter((step) => step.kind === 'fetch').length,
        );
        expect(steps.at(-1)?.kind).toBe('look');
      }),
      { numRuns: 150 },
    );
  });

  /** Within one step, what carries comes before what rides. */
  const WHOLE_ORDER = (id: string): number => {
    const order: readonly Position[] = ['hips', 'torso', 'arm.L', 'arm.R', 'hand.L', 'hand.R', 'neck.1', 'head', 'headgear', 'held.L'];
    return order.findIndex((position) => id.endsWith(position));
  };

  test('an alteration has its caution before it, and says when it is for good', () => {
    const cut = { kind: 'cut' as const, what: 'the cuff', note: '' };
    const [, step] = benchSteps('Ada', [{ ...piece('hips', { kind: 'place', path: 'tin' }, 'legs'), alterations: [cut] }], [], CATALOGUE);
    expect(step).toMatchObject({ kind: 'alter', caution: expect.stringMatching(/^This is for good\. .*stays cut/) });
  });

  test('what comes along is told with what it sits on, and with nothing below that', () => {
    const donor: BenchBody = { id: 'donor', name: 'A donor', path: 'Shelf', parts: WHOLE.map((position) => part(position)) };
    const pieces = (['hips', 'torso', 'arm.L'] as const).map((position) =>
      piece(
        position,
        position === 'hips' ? { kind: 'place', path: 'tin' } : { kind: 'body', body: 'donor' },
        position === 'hips' ? 'legs' : position,
      ),
    );
    const built = benchSteps('Ada', pieces, [donor], CATALOGUE).filter((step) => step.kind === 'build');
    expect(built.map((step) => step.pieces)).toEqual([['legs'], ['torso', 'arm.L']]);
  });

  test('two alike sides are one step', () => {
    const pieces = (['hips', 'torso', 'arm.L', 'arm.R'] as const).map((position) =>
      piece(position, { kind: 'place', path: 'tin' }, position),
    );
    const built = benchSteps('Ada', pieces, [], CATALOGUE).filter((step) => step.kind === 'build');
    expect(built.map((step) => step.pieces)).toEqual([['hips'], ['torso'], ['arm.L', 'arm.R']]);
  });
});
