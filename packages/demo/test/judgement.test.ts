import { describe, expect, test } from '@jest/globals';
import {
  applyEdits,
  type Brief,
  briefFromOfficial,
  candidateAt,
  Catalogue,
  completeBrief,
  graveCount,
  isFree,
  judge,
  type Judgement,
  type Look,
  type OfficialFigure,
  P40,
  type Position,
  rankCandidates,
  type Supply,
} from '@outfit/core';
import { demoWorld } from '../src/index.js';

const { catalogue: data, lineUps } = demoWorld();
const catalogue = new Catalogue(data);
const SOLD: Supply = { currency: 'EUR', owned: () => 0, landedMinor: () => 300 };
const judged = (look: Look, brief: Brief): Judgement => judge(look, brief, catalogue, P40, SOLD);
const asSold = ({ parts }: OfficialFigure): Look => ({ parts, overrules: [] });

describe('official figures are right until proven wrong', () => {
  test.each(data.officialFigures.map((figure) => [figure.id, figure] as const))('%s reads like itself', (_, figure) => {
    expect(judged(asSold(figure), briefFromOfficial(figure, catalogue)).likeness.score).toBeGreaterThanOrEqual(95);
  });

  test('as sold none is blocked, and at most ten of a hundred and ten are blamed', () => {
    const marks = data.officialFigures.map((figure) => judged(asSold(figure), briefFromOfficial(figure, catalogue)).marks);
    expect(marks.flatMap(({ open }) => open).filter((mark) => mark.severity === 'blocks')).toEqual([]);
    expect(marks.filter((own) => graveCount(own) > 0).length).toBeLessThanOrEqual(10);
  });
});

describe('what shows on the looks of the demo', () => {
  const looks = lineUps.flatMap(({ figures }) =>
    figures.flatMap(({ brief, looks: own }) => own.map(({ parts }) => [{ parts, overrules: [] }, completeBrief(brief)] as const)),
  );
  const marks = looks.flatMap(([look, brief]) =>
    judged(look, brief).marks.open.flatMap((mark) => (mark.severity === 'note' ? [] : [{ look, brief, mark }])),
  );

  test('can be mended, each by a remedy that removes it; only what is risky to do is for the person alone', () => {
    expect(marks.length).toBeGreaterThan(40);
    for (const { look, brief, mark } of marks) {
      if (mark.check.startsWith('risk.')) continue;
      const remedies = mark.remedies();
      expect([mark.sentence, remedies.length > 0]).toEqual([mark.sentence, true]);
      for (const { edits } of remedies) {
        const { marks: after } = judged(applyEdits(look, edits, catalogue), brief);
        expect(after.open.map(({ key }) => key)).not.toContain(mark.key);
      }
    }
  });

  test('both arms are changed together where one alone would not do', () => {
    const arms = marks.filter(({ mark }) => mark.check === 'skin.match' && mark.sentence.startsWith('The arms'));
    expect(arms.length).toBeGreaterThan(0);
    for (const { mark } of arms) {
      const changed = mark.remedies().map(({ edits }) => edits.flatMap((edit) => ('position' in edit ? [edit.position] : [])));
      expect(changed).toContainEqual(['arm.L', 'arm.R']);
    }
  });
});

/** A small generator of whole numbers below a bound, the same every time (Lehmer, Park and Miller 1988). */
function numbers(seed: number): (below: number) => number {
  let state = seed;
  return (below) => {
    state = (state * 48271) % 2147483647;
    return state % below;
  };
}

/** Looks nobody planned: official figures with a few parts of others, and the figures of the demo as they are planned. */
function looks(): readonly { readonly look: Look; readonly brief: Brief }[] {
  const next = numbers(7);
  const figure = (): OfficialFigure => data.officialFigures[next(data.officialFigures.length)] as OfficialFigure;
  const mixed = Array.from({ length: 40 }, () => {
    const [own, ...others] = [figure(), figure(), figure()] as const;
    const changed = new Map(own.parts.map((part) => [`${part.position}~${part.place ?? 0}`, part]));
    for (const other of others) for (const part of other.parts) if (next(4) === 0) changed.set(`${part.position}~${part.place ?? 0}`, part);
    const brief =
      next(2) === 0 ? briefFromOfficial(own, catalogue) : completeBrief({ name: own.name, rules: ['legs in sight', 'hair tied'] });
    return { look: { parts: [...changed.values()], overrules: [] }, brief };
  });
  const planned = lineUps.flatMap((lineUp) =>
    lineUp.figures.flatMap(({ brief, looks: own }) => own.map(({ parts }) => ({ look: { parts, overrules: [] }, brief }))),
  );
  return [...mixed, ...planned];
}

describe('every remedy that is offered', () => {
  const all = looks().flatMap(({ look, brief }) => {
    const before = judged(look, brief);
    return before.marks.open.flatMap((mark) => mark.remedies().map((remedy) => ({ look, brief, before, mark, remedy })));
  });

  test('are there enough of them to say something', () => {
    expect(all.length).toBeGreaterThan(200);
  });

  test('removes its mark and adds none that blocks', () => {
    for (const { look, brief, before, mark, remedy } of all) {
      const after = judged(applyEdits(look, remedy.edits, catalogue), brief);
      const known = new Set(before.marks.open.map((other) => other.key));
      const fresh = after.marks.open.filter((other) => !known.has(other.key));
      expect([remedy.label, after.marks.open.some((other) => other.key === mark.key)]).toEqual([remedy.label, false]);
      expect([remedy.label, fresh.filter((other) => other.severity === 'blocks').map((other) => other.sentence)]).toEqual([
        remedy.label,
        [],
      ]);
    }
  });

  test('announces what it costs', () => {
    for (const { look, brief, before, remedy } of all) {
      const after = judged(applyEdits(look, remedy.edits, catalogue), brief);
      expect(remedy.likenessGain).toBeCloseTo(after.likeness.score - before.likeness.score, 9);
      if (remedy.costMinor !== null) expect(remedy.costMinor).toBe(after.cost.toPay.total - before.cost.toPay.total);
      const unlike = after.likeness.score < before.likeness.score - 0.05;
      if (unlike) expect([remedy.label, isFree(remedy)]).toEqual([remedy.label, false]);
    }
  });

  test('and the first that costs nothing, taken again and again, never ends less like its brief or dearer', () => {
    for (const { look, brief } of looks()) {
      const first = judged(look, brief);
      let [now, state] = [first, look];
      for (let step = 0; step < 6; step += 1) {
        const remedy = now.marks.open.flatMap((mark) => mark.remedies().filter(isFree))[0];
        if (!remedy) break;
        state = applyEdits(state, remedy.edits, catalogue);
        now = judged(state, brief);
      }
      expect(now.likeness.score).toBeGreaterThanOrEqual(first.likeness.score - 0.5);
      expect(now.cost.toPay.total).toBeLessThanOrEqual(first.cost.toPay.total);
      expect(graveCount(now.marks)).toBeLessThanOrEqual(graveCount(first.marks));
    }
  });
});

describe('candidates', () => {
  const BODY = {
    headgear: 'HA-124·walnut',
    head: 'HD-101·wheat·purser',
    torso: 'TO-401·woad',
    'arm.L': 'AR-501·woad',
    'arm.R': 'AR-501·woad',
    'hand.L': 'HN-601·wheat',
    'hand.R': 'HN-601·wheat',
    hips: 'LG-701·ink+soot',
  } as const;
  type Worn = Partial<Record<Position, string>>;
  const dressed = (worn: Worn): Look => ({
    parts: Object.entries(worn).map(([position, variant]) => ({ position: position as Position, variant, turned: false })),
    overrules: [],
  });
  const first = (worn: Worn, position: Position, count = 1): readonly string[] => {
    const ranking = rankCandidates(dressed(worn), completeBrief({ name: 'Somebody' }), { position }, catalogue, P40, SOLD);
    return Array.from({ length: count }, (_, i) => candidateAt(ranking, i, catalogue, SOLD)?.variant.id ?? '');
  };

  test('the other hand is as the one that is on, though every hand would do as well', () => {
    const { 'hand.R': _, ...lame } = BODY;
    expect(first(lame, 'hand.R')).toEqual(['HN-601·wheat']);
  });

  test('an adult on mid legs gets standard legs in their colour, and no deer’s body', () => {
    expect(first({ ...BODY, hips: 'LG-706·slate+soot' }, 'hips', 3).every((id) => id.startsWith('LG-701·'))).toBe(true);
    expect(first({ ...BODY, hips: 'LG-706·slate+soot' }, 'hips')[0]).toMatch(/^LG-701·slate/);
  });

  test('nothing wished for, nothing worn: what official figures wear most, never the first of the alphabet', () => {
    const { headgear: _, ...bald } = BODY;
    const [best] = first(bald, 'headgear');
    const worn = data.officialFigures.filter((figure) => figure.parts.some((part) => part.variant === best)).length;
    expect(worn).toBeGreaterThan(0);
  });

  test('on an empty look the first part gains what it answers and no more, and is not blamed for what is lacking', () => {
    const ranking = rankCandidates(dressed({}), completeBrief({ name: 'Nobody yet' }), { position: 'headgear' }, catalogue, P40, SOLD);
    const first = candidateAt(ranking, 0, catalogue, SOLD);
    expect([first?.likenessGain, first?.raises]).toEqual([0, []]);
  });

  test('a single leg never stands before legs that leave no place empty', () => {
    const all = first(BODY, 'hips', 60);
    expect(all.filter((id) => /^LG-71[248]/.test(id))).toEqual([]);
  });

  test('nothing that wants a hand is offered unblocked to a figure without hands', () => {
    const { 'hand.L': _, 'hand.R': __, ...handless } = BODY;
    const ranking = rankCandidates(dressed(handless), completeBrief({ name: 'Somebody' }), { position: 'held.R' }, catalogue, P40, SOLD);
    expect(Array.from(ranking.blocked).every((blocked) => blocked === 1)).toBe(true);
  });
});
