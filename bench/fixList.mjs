// The fix list of every figure of the demo; the baseline ranks every position of every tenth figure, turn about in the same run.
import { Catalogue, POSITIONS, rankCandidates } from '@outfit/core';
import { bestFix, rankingOf } from '@outfit/core/lineup';
import { demoWorld } from '@outfit/demo';
import { quantile, time } from './grown.mjs';

const ROUNDS = 7;
const { catalogue: data, lineUps } = demoWorld();
const catalogue = new Catalogue(data);
const supply = { owned: (id) => (id.length % 5 === 0 ? 1 : 0), landedMinor: (id) => 20 + ((id.length * 7) % 200) };
const figures = lineUps
  .flatMap((lineUp) => lineUp.figures)
  .slice(0, 60)
  .map(({ looks, chosen, brief }) => ({
    ...{ look: { parts: looks[chosen].parts, overrules: [] }, brief, system: catalogue.systemOf(brief), supply },
  }));
const fixes = () => figures.reduce((all, figure) => all + bestFix(figure, catalogue).edits.length, 0);
const tenth = figures.filter((_, i) => i % 10 === 0);
const everyPosition = () =>
  tenth.reduce(
    (all, { look, brief, system }) =>
      all + POSITIONS.reduce((sum, position) => sum + rankCandidates(look, brief, { position }, catalogue, system, supply).rows.length, 0),
    0,
  );

const ids = figures.map((_, i) => `figure ${i}`);
const choices = Array.from({ length: 400 }, (_, k) => ({
  ...{ first: ids[(k * 7) % 60], second: ids[(k * 13 + 1) % 60], outcome: k % 9 === 0 ? 'tie' : k % 3 === 0 ? 'second' : 'first' },
}));
const ranked = () => rankingOf(ids, choices).comparisons;

const times = { fixes: [], everyPosition: [], ranked: [] };
for (let round = 0; round < ROUNDS; round += 1) {
  times.everyPosition.push(await time(everyPosition));
  times.fixes.push(await time(fixes));
  times.ranked.push(await time(ranked));
}
const median = (of) => quantile(times[of], 0.5);
console.log(`Fix list of ${figures.length} figures, ${ROUNDS} rounds, median of each`);
console.log(`  every position of ${tenth.length} of them, the baseline: ${median('everyPosition').toFixed(0)} ms`);
console.log(
  `  the fix list of all: ${median('fixes').toFixed(0)} ms, ${(median('fixes') / (10 * median('everyPosition'))).toFixed(2)} of every position of all`,
);
console.log(`  ranking of 60 by 400 choices, with the next pair: ${median('ranked').toFixed(0)} ms`);
