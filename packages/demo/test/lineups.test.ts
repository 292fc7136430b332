import { applyEdits, Catalogue, judge, NO_SUPPLY } from '@outfit/core';
import {
  bestFix,
  heightsOf,
  isIn,
  packingOf,
  packsOf,
  planFaults,
  rankingOf,
  seatProblems,
  seenOf,
  togethernessOf,
  uniformOf,
  varietyOf,
  wearingOf,
} from '@outfit/core/lineup';
import { describe, expect, test } from '@jest/globals';
import { demoWorld } from '../src/index.js';

const world = demoWorld();
const catalogue = new Catalogue(world.catalogue);
const lineUp = (id: string) => {
  const row = world.lineUps.find((own) => own.id === id);
  const plan = world.plans[id];
  if (!row || !plan) throw new Error(`no line-up ${id}`);
  const figures = row.figures.map((figure) => {
    const worn = figure.looks[figure.chosen];
    return {
      ...figure,
      name: figure.brief.name,
      faction: world.factionOf(id, figure.role),
      free: [],
      look: { parts: worn?.parts ?? [], overrules: [] },
    };
  });
  return { plan, figures, seen: figures.map((figure) => seenOf(figure, catalogue)) };
};

describe('the line-ups of the demo', () => {
  test('keep sound plans: every figure, part and colour they name is there', () => {
    for (const [id, plan] of Object.entries(world.plans)) {
      expect(planFaults(plan)).toEqual([]);
      const ids = lineUp(id).figures.map((figure) => figure.id);
      const named = [
        ...plan.factions.map(({ leader }) => leader),
        ...plan.seatings.flatMap(({ places }) => places.map(({ figure }) => figure)),
        ...plan.relations.flatMap(({ from, to }) => [from, to]),
        ...plan.props.map(({ carriedBy }) => carriedBy),
      ].filter(Boolean);
      for (const figure of named) expect(ids).toContain(figure);
      for (const { part } of plan.uniform) expect(catalogue.has(part.variant)).toBe(true);
      for (const { variants } of plan.variations) for (const variant of variants) expect(catalogue.has(variant)).toBe(true);
      for (const { variant } of plan.spares) expect(catalogue.has(variant)).toBe(true);
    }
    for (const { parts } of world.ideas) for (const part of parts) expect(catalogue.has(part)).toBe(true);
  });

  test('Winter Post: three carriers in uniform and one in her winter coat, twelve packs, eight stamps, the tandem in four of them', () => {
    const { plan, figures } = lineUp('winter-post');
    const carriers = figures.filter((figure) => isIn({ kind: 'faction', of: 'carriers' }, figure));
    const others = carriers.filter((figure) =>
      uniformOf(plan, figure).some((part) => wearingOf(figure.look, part, [], catalogue) !== 'worn'),
    );
    expect([carriers.length, others.map(({ name }) => name)]).toEqual([4, ['Wren Tally']]);
    const packing = packingOf(
      plan.tokens,
      plan.builds,
      packsOf(
        figures,
        plan.factions.map(({ leader }) => leader),
        plan.promised,
      ),
    );
    const [stamps, tandem] = [packing.tokens[0]?.spread, packing.builds[0]?.spread];
    if (!stamps || !('perPack' in stamps) || !tandem || !('packs' in tandem)) throw new Error('both can be spread');
    expect([packing.packs.length, stamps.perPack.reduce((all, n) => all + n, 0), Math.max(...stamps.perPack), tandem.packs.length]).toEqual(
      [12, 8, 1, 4],
    );
    packing.packs.forEach((pack, i) => pack.isLeader && expect(stamps.perPack[i]).toBe(1));
    const holding = new Set(tandem.packs.map(({ pack }) => pack));
    packing.packs.forEach((pack, i) => holding.has(pack.id) && expect(stamps.perPack[i]).toBe(0));
  });

  test('the Heron boat: the drummer’s legs are one piece, and both his hands are full', () => {
    const { plan, seen } = lineUp('heron-crew');
    const sentences = seatProblems(plan, seen, catalogue).map(({ sentence }) => sentence);
    expect(sentences).toContain('Toss Hallam cannot sit: Short legs is one piece and does not bend.');
    expect(sentences).toContain('Toss Hallam is to carry 1 thing more and has no hand free.');
    expect(sentences.some((sentence) => sentence.startsWith('Marta Quill'))).toBe(false);
  });

  test('what they have in common, how tall they stand and what stands out is told of every line-up', () => {
    for (const id of Object.keys(world.plans)) {
      const { plan, seen } = lineUp(id);
      const { traits } = varietyOf(seen, catalogue, plan);
      for (const { values } of traits) for (const { figures } of values) expect(new Set(figures).size).toBe(figures.length);
      expect(heightsOf(seen, ({ brief }) => catalogue.systemOf(brief)).rows).toHaveLength(seen.length);
      expect(togethernessOf(seen, catalogue, plan.packColour).palette.length).toBeGreaterThan(1);
    }
    const post = lineUp('winter-post');
    expect(varietyOf(post.seen, catalogue, post.plan).remarks.map(({ sentence }) => sentence)).not.toContain('Nobody has red hair.');
  });

  test('a line-up of sixty is ranked without anybody having chosen', () => {
    const ids = world.lineUps.flatMap(({ figures }) => figures.map(({ id }) => id));
    expect(rankingOf(ids, []).next).not.toBeNull();
  });
});

describe('the fix list', () => {
  test('of every figure: what is proposed gains what it says, brings nothing that blocks, and can be judged again', () => {
    const supply = { ...NO_SUPPLY, landedMinor: (id: string) => 20 + ((id.length * 7) % 200) };
    for (const { figures } of world.lineUps.slice(0, 5))
      for (const { looks, chosen, brief } of figures) {
        const look = { parts: looks[chosen]?.parts ?? [], overrules: [] };
        const system = catalogue.systemOf(brief);
        const fix = bestFix({ look, brief, system, supply }, catalogue);
        const now = judge(look, brief, catalogue, system, supply);
        expect(fix.likenessBefore).toBeCloseTo(now.likeness.score, 9);
        if (fix.edits.length === 0) {
          expect([fix.likenessGain, fix.pieces]).toEqual([0, 0]);
          continue;
        }
        expect(fix.likenessGain + 3 * fix.marksSettled).toBeGreaterThan(0.5);
        const then = judge(applyEdits(look, fix.edits, catalogue), brief, catalogue, system, supply);
        expect(then.likeness.score - now.likeness.score).toBeCloseTo(fix.likenessGain, 9);
        expect(then.cost.toPay.total - now.cost.toPay.total).toBe(fix.costMinor ?? then.cost.toPay.total - now.cost.toPay.total);
        const known = new Set(now.marks.open.map(({ key }) => key));
        expect(then.marks.open.filter(({ key, severity }) => severity === 'blocks' && !known.has(key))).toEqual([]);
      }
  });
});
