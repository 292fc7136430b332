import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { readFileSync } from 'node:fs';
import type { Position } from '../../src/index.js';
import {
  type BenchBody,
  type BenchPiece,
  bodiesOf,
  seatOf,
  standsAfter,
  type BodyPart,
  takeApart,
  WORK_CAUTIONS,
} from '../../src/bench/index.js';
import { CATALOGUE } from '../fixture.js';
import { copy, donor, drawer, NO_WORTH, offDonor, part, piece, stepsFor, titles, WHOLE } from './figures.js';
import { doAll } from './simulator.js';

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

describe('the steps of the bench', () => {
  test('each is possible where it stands, and in the end every figure and every donor is what was meant', () => {
    const sources = fc.constantFrom('drawer', 'tin', 'tray', 'a', 'b');
    fc.assert(
      fc.property(fc.array(sources, { minLength: WHOLE.length, maxLength: WHOLE.length }), (from) => {
        const bodies = [donor('a'), donor('b')];
        const pieces = WHOLE.map((position, i) => {
          const source = from[i] ?? 'drawer';
          if (source === 'a' || source === 'b') return offDonor(position, source);
          return piece(position, source === 'tray' ? { kind: 'tray' } : drawer(source), `${source} ${position}`);
        });
        const copies = [copy(pieces)];
        const steps = stepsFor({ copies, bodies });
        const end = doAll(steps, copies, bodies);
        expect(end.on('copy ada')).toEqual(pieces.map((row) => row.piece).sort());
        const taken = new Set(pieces.map((row) => row.piece));
        for (const body of bodies) {
          const rest = body.parts.map((row) => row.piece).filter((id) => !taken.has(id));
          expect(end.on(`body ${body.id}`)).toEqual(rest.sort());
        }
        const fetched = steps.filter((step) => step.kind === 'fetch' && step.title.startsWith('drawer'));
        expect(fetched.length).toBeLessThanOrEqual(1);
        expect(steps.at(-1)?.kind).toBe('look');
      }),
      { numRuns: 150 },
    );
  });

  test('a whole figure that is the figure is taken as it stands: nothing comes off, nothing is put away, and only what is turned is turned', () => {
    const turned = (position: Position): BenchPiece => ({ ...offDonor(position, 'a'), turned: position === 'head' });
    const copies = [copy(WHOLE.map(turned))];
    const steps = stepsFor({ copies, bodies: [donor('a')] });
    expect(steps.map(({ kind, sentence }) => `${kind}: ${sentence}`)).toEqual([
      'fetch: Take A donor from Shelf, as it stands.',
      'build: Stand Ada up in front of you: nothing is put on. Turn the crop in black: its other face to the front.',
      'look: Turn Ada round, and look from four sides.',
    ]);
    expect(doAll(steps, copies, [donor('a')]).on('copy ada')).toEqual(WHOLE.map((position) => `a ${position}`).sort());
  });

  test('a figure that is built otherwise becomes the look with the least taken off, and what it had besides is put away', () => {
    const before = donor('ada', ['hips', 'torso', 'arm.L', 'arm.R', 'head', 'headgear']);
    const own: BenchBody = { ...before, becomes: 'ada' };
    const kept = (['hips', 'torso', 'arm.L', 'arm.R', 'head'] as const).map((position) => offDonor(position, 'ada'));
    const copies = [copy([...kept, piece('neck.1'), piece('headgear')])];
    const steps = stepsFor({ copies, bodies: [own] });
    expect(titles(steps).map((title) => title.split(':')[0])).toEqual([
      ...['fetch', 'take apart', 'take apart', 'put away', 'build', 'build', 'build', 'look'],
    ]);
    // It does not make way to go back: nothing of what it had besides goes on again.
    expect(titles(steps).filter((title) => title.includes('to make way'))).toEqual([]);
    const end = doAll(steps, copies, [own]);
    expect(end.on('copy ada')).toEqual(copies[0]?.pieces.map((row) => row.piece).sort());
    expect(end.where.get('ada headgear')).toBe('away');
  });

  const CARRIER: Partial<Record<Position, Position>> = {
    ...{ headgear: 'head', head: 'torso', 'neck.1': 'torso', 'arm.L': 'torso', 'arm.R': 'torso' },
    ...{ 'hand.L': 'arm.L', 'hand.R': 'arm.R', 'held.L': 'hand.L', torso: 'hips' },
  };
  /** Figures in which everything is carried by something. */
  const someFigure = fc.subarray(WHOLE.filter((position) => position !== 'hips')).map((some) => {
    const isCarried = (position: Position): boolean => {
      const carrier = CARRIER[position];
      return carrier === undefined || carrier === 'hips' || (some.includes(carrier) && isCarried(carrier));
    };
    return ['hips' as const, ...some.filter(isCarried)];
  });

  test('changing over ends as the look, whatever is on and wanted', () => {
    fc.assert(
      fc.property(someFigure, someFigure, fc.func(fc.boolean()), (is, want, keeps) => {
        const own: BenchBody = { ...donor('ada', is), becomes: 'ada' };
        const pieces = want.map((position) =>
          is.includes(position) && keeps(position) ? offDonor(position, 'ada') : piece(position, drawer(), `new ${position}`),
        );
        const copies = [copy(pieces)];
        const steps = stepsFor({ copies, bodies: [own] });
        expect(doAll(steps, copies, [own]).on('copy ada')).toEqual(pieces.map((row) => row.piece).sort());
        const isSame = is.length === want.length && want.every((position) => is.includes(position) && keeps(position));
        if (isSame) expect(steps.map((step) => step.kind)).toEqual(['look']);
      }),
      { numRuns: 200 },
    );
  });

  test('twelve alike are done together: one drawer, one step for each part, one look', () => {
    const copies = Array.from({ length: 12 }, (_, i) =>
      copy(
        (['hips', 'torso', 'head'] as const).map((position) => piece(position, drawer(), `${position} ${i}`)),
        `ada ${i}`,
        'ada',
      ),
    );
    const steps = stepsFor({ copies, bodies: [] });
    expect(steps.map((step) => [step.kind, step.moves.length])).toEqual([
      ['fetch', 36],
      ['build', 12],
      ['build', 12],
      ['build', 12],
      ['look', 0],
    ]);
    expect(steps[1]?.sentence).toMatch(/^12 times: Stand the /);
    expect(doAll(steps, copies, []).on('copy ada 7')).toEqual(['head 7', 'hips 7', 'torso 7']);
  });

  test('donors alike are taken apart together, one that lacks something by itself', () => {
    const bodies = [donor('a'), donor('b'), donor('c', ['torso', 'head', 'hips'])];
    const copies = bodies.map((body) => copy([offDonor('head', body.id), piece('hips', drawer(), `new ${body.id}`)], body.id, 'ada'));
    const off = stepsFor({ copies, bodies }).filter((step) => step.kind === 'take apart');
    expect(off.map((step) => step.sentence.replace(/ the crop in black/, ''))).toEqual(
      ['Take off each of the 2, A donor.', 'Take off each of the 2, A donor.', 'Take off A donor.'].map(
        (text) => expect.stringContaining(text.slice(-12)) as unknown as string,
      ),
    );
    expect(off.map((step) => step.moves.length)).toEqual([2, 2, 1]);
  });

  test('a donor is closed again, and what it lacks is said', () => {
    const steps = stepsFor({ copies: [copy([offDonor('neck.1'), piece('hips')])], bodies: [donor('d')] });
    expect(steps.filter((step) => step.kind.startsWith('put')).map((step) => step.sentence)).toEqual([
      expect.stringMatching(/^Put .* back on A donor, with its headgear\.$/),
      'Put A donor away in Shelf. Now lacking: neck 1.',
    ]);
  });

  test('what comes along is told with what it sits on, and with nothing below that', () => {
    const pieces = [piece('hips', drawer(), 'legs'), offDonor('torso'), offDonor('arm.L')];
    const built = stepsFor({ copies: [copy(pieces)], bodies: [donor('d')] }).filter((step) => step.kind === 'build');
    expect(built.map((step) => step.moves.map((move) => move.piece))).toEqual([['legs'], ['d torso', 'd arm.L']]);
  });

  test('two alike sides are one step', () => {
    const pieces = (['hips', 'torso', 'arm.L', 'arm.R'] as const).map((position) => piece(position));
    const built = stepsFor({ copies: [copy(pieces)], bodies: [] }).filter((step) => step.kind === 'build');
    expect(built.map((step) => step.pieces)).toEqual([['hips'], ['torso'], ['arm.L', 'arm.R']]);
  });

  test('what stands on the bench after some steps is what was put on so far', () => {
    const ada = copy([piece('hips'), piece('torso'), piece('head')]);
    const steps = stepsFor({ copies: [ada], bodies: [] });
    expect(standsAfter(steps.slice(0, 3), ada, []).map((row) => row.piece)).toEqual(['hips', 'torso']);
    const own: BenchBody = { ...donor('ada', ['hips', 'torso', 'head']), becomes: 'ada' };
    const changed = copy([offDonor('hips', 'ada'), offDonor('torso', 'ada'), piece('head')]);
    expect(standsAfter([], changed, [own]).map((row) => row.piece)).toEqual(['ada hips', 'ada torso', 'ada head']);
    const all = stepsFor({ copies: [changed], bodies: [own] });
    expect(standsAfter(all, changed, [own]).map((row) => row.piece)).toEqual(['ada hips', 'ada torso', 'head']);
  });
});

describe('cautions', () => {
  const cut = { kind: 'cut' as const, what: 'the cuff', note: '' };

  test('stand before their step, each once', () => {
    const pieces = [
      { ...piece('hips'), alterations: [cut] },
      { ...piece('torso'), variant: 'TO-1·red', alterations: [cut] },
    ];
    const told = stepsFor({ copies: [copy(pieces)], bodies: [] }).map((step) => [step.kind, step.cautions.map((row) => row.id)]);
    expect(told.filter(([, cautions]) => cautions?.length)).toEqual([
      ['fetch', ['small']],
      ['alter', ['cut']],
    ]);
  });

  test('a dear piece is told with its price', () => {
    const [first] = stepsFor({ copies: [copy([piece('hips')])], bodies: [] }, { ...NO_WORTH, priceMinor: () => 1240 }).filter(
      (step) => step.kind === 'build',
    );
    expect(first?.cautions[0]).toMatchObject({ id: 'dear HA-1·black', text: expect.stringContaining('costs 12.4 today') });
  });

  test('pressing out a pin is said before it', () => {
    const body = donor('d', ['hips', 'leg.L', 'leg.R', 'torso']);
    const steps = stepsFor({ copies: [copy([piece('hips'), offDonor('leg.L')])], bodies: [body] });
    expect(steps.find((step) => step.title.includes('left leg off'))?.cautions.map((row) => row.id)).toEqual(['pin']);
  });

  test('are gathered in the guide, each as it stands before its step', () => {
    const guide = readFileSync(new URL('../../../../docs/guide/cautions.md', import.meta.url), 'utf8').replace(/\s+/g, ' ');
    for (const { text } of WORK_CAUTIONS)
      for (const sentence of text.split('. ')) expect(guide).toContain(sentence.replace(/\.$/, '').slice(0, 40));
  });

  test('none gives a dose or a recipe', () => {
    for (const { text } of WORK_CAUTIONS) expect(text).not.toMatch(/\d|acetone|alcohol|degree|minute|drop of/i);
  });
});

describe('where pieces sit on a figure', () => {
  const outline = [
    { position: 'hips' as const, variant: 'LG-1·blue' },
    { position: 'arm.L' as const, variant: 'AR-1·red' },
    { position: 'arm.R' as const, variant: 'AR-1·red' },
  ];
  const loose = (...variants: readonly string[]) => variants.map((variant, i) => ({ piece: `${i}`, variant }));

  test('as the outline says that tells most of them, figure by figure', () => {
    const bodies = bodiesOf(loose('AR-1·red', 'LG-1·blue', 'AR-1·red', 'LG-1·blue'), [[], outline], 2, CATALOGUE);
    expect(bodies.map((body) => body.map((row) => `${row.position} ${row.piece}`))).toEqual([['hips 1', 'arm.L 0', 'arm.R 2'], ['hips 3']]);
  });

  test('what no outline tells sits where its mould goes', () => {
    expect(bodiesOf(loose('AR-1·red', 'AR-1·red'), [], 1, CATALOGUE)[0]?.map((row) => row.position)).toEqual(['arm.L', 'arm.R']);
  });
});
