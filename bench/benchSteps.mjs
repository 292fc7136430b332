// Steps at the bench for a usual figure of the demo, half of it off a donor, and for forty copies with twelve donors; the baseline is forty
// sessions of one copy each, turn about in the same run.
import { Catalogue } from '@outfit/core';
import { benchSteps } from '@outfit/core/bench';
import { demoWorld } from '@outfit/demo';
import { quantile, time } from './grown.mjs';

const ROUNDS = 21;
const { catalogue: data } = demoWorld();
const catalogue = new Catalogue(data);
const worth = { priceMinor: () => 100, dearFromMinor: 1000, money: String };
const official = data.officialFigures.find((figure) => figure.id === 'LR-07-a');

const donors = Array.from({ length: 12 }, (_, k) => ({
  ...{ id: `donor ${k}`, name: official.name, path: 'Shelf', becomes: null },
  parts: official.parts.map((part, i) => ({ ...part, piece: `donor ${k} ${i}` })),
}));
const copyOf = (k) => ({
  ...{ id: `copy ${k}`, figure: 'keeper', name: official.name },
  pieces: official.parts.map((part, i) => {
    const isOff = k < donors.length && i % 2 === 0;
    const from = isOff ? { kind: 'body', body: `donor ${k}` } : { kind: 'place', id: `drawer ${i}`, path: `Drawer ${i}` };
    return { ...part, piece: isOff ? `donor ${k} ${i}` : `piece ${k} ${i}`, alterations: [], from };
  }),
});
const copies = Array.from({ length: 40 }, (_, k) => copyOf(k));
const together = () => benchSteps({ copies, bodies: donors }, catalogue, worth).length;
const apart = () =>
  copies.reduce((all, copy, k) => all + benchSteps({ copies: [copy], bodies: donors.slice(k, k + 1) }, catalogue, worth).length, 0);
const one = () => benchSteps({ copies: copies.slice(0, 1), bodies: donors.slice(0, 1) }, catalogue, worth).length;

const times = { one: [], together: [], apart: [] };
const steps = { one: one(), together: together(), apart: apart() };
for (let round = 0; round < ROUNDS; round += 1) {
  times.apart.push(await time(apart));
  times.together.push(await time(together));
  times.one.push(await time(one));
}
const median = (of) => quantile(times[of], 0.5);
console.log(`Steps at the bench, ${ROUNDS} rounds, median of each`);
console.log(`  one figure, half of it off a donor: ${steps.one} steps in ${median('one').toFixed(2)} ms`);
console.log(`  forty apart (the baseline): ${steps.apart} steps in ${median('apart').toFixed(1)} ms`);
console.log(
  `  forty together: ${steps.together} steps in ${median('together').toFixed(1)} ms, ${(median('together') / median('apart')).toFixed(2)} of the time and ${(steps.together / steps.apart).toFixed(2)} of the steps`,
);
