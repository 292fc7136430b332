// Promises over 8,000 lots (50,000 pieces) and 400 open figures, against assigning figure by figure with a scan of all lots, on the same
// data, turn about in one run. Where both are exact (no flawed pieces, so that every piece does for every want) they give the same.
import { orderOf, PromiseBook } from '@outfit/core/wardrobe';
import { quantile, time } from './grown.mjs';

const [LOTS, FIGURES, PARTS, VARIANTS, ROUNDS] = [8000, 400, 10, 2400, 21];
let seed = 11;
const random = () => {
  seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0;
  return seed / 2 ** 32;
};
/** Few parts are wanted by many, most by few. */
const somePart = () => `part ${Math.floor(VARIANTS * random() ** 2.2)}`;

const lots = Array.from({ length: LOTS }, (_, i) => ({
  ...{ id: i + 1, lot: i + 1, place: `drawer ${i % 40}`, variant: somePart(), quantity: 1 + Math.floor(random() * 11.5) },
  ...{ reach: random() < 0.08 ? 'donor' : random() < 0.1 ? 'sealed' : 'loose', figure: null },
  ...{ condition: random() < 0.2 ? 'new' : 'used', isFlawed: false, holes: 0 },
}));
const figures = Array.from({ length: FIGURES }, (_, i) => ({
  ...{
    id: `figure ${i}`,
    name: `Figure ${i}`,
    order: orderOf(random() < 0.3 ? `2026-0${1 + (i % 9)}-01` : null, i % 20, i, `figure ${i}`),
  },
  ...{ copies: random() < 0.04 ? 20 : 1, group: null, newOnly: false },
  parts: Array.from({ length: PARTS }, (_, k) => ({ spot: `spot ${k}`, variant: somePart() })),
}));
const byPart = new Map();
for (const lot of lots) byPart.set(lot.variant, [...(byPart.get(lot.variant) ?? []), lot]);

function book() {
  const made = new PromiseBook(() => true);
  for (const [variant, runs] of byPart) made.setRuns(variant, runs);
  for (const figure of figures) made.set(figure);
  return made;
}

const decided = (made) => {
  let got = 0;
  for (const variant of made.variants()) for (const row of made.of(variant).given) got += row.quantity;
  return got;
};

const REACH = { loose: 0, sealed: 1, donor: 2 };
const GRADE = { worn: 1, used: 2, new: 3 };
/** Figure by figure, spot by spot: all lots are looked through for the cheapest that is left. */
function naively() {
  const left = new Map(lots.map((lot) => [lot.id, lot.quantity]));
  const got = new Map();
  for (const { id, copies, parts } of [...figures].sort((a, b) => (a.order < b.order ? -1 : 1)))
    for (const { variant } of parts)
      for (let copy = 0; copy < copies; copy += 1) {
        let best = null;
        for (const lot of lots) {
          if (lot.variant !== variant || left.get(lot.id) === 0) continue;
          const nearer = !best ? -1 : REACH[lot.reach] - REACH[best.reach] || GRADE[lot.condition] - GRADE[best.condition];
          if (nearer < 0) best = lot;
        }
        if (!best) continue;
        left.set(best.id, left.get(best.id) - 1);
        got.set(id, (got.get(id) ?? 0) + 1);
      }
  return got;
}

const ours = book();
decided(ours);
const plain = naively();
for (const figure of figures) {
  const served = ours.servedTo(figure.id).reduce((all, spot) => all + figure.copies - spot.lacks, 0);
  if (served !== (plain.get(figure.id) ?? 0)) throw new Error(`${figure.id}: ${served} here, ${plain.get(figure.id) ?? 0} naively`);
}

const times = { whole: [], figure: [], piece: [], naive: [] };
for (let round = 0; round < ROUNDS; round += 1) {
  times.naive.push(await time(() => naively()));
  times.whole.push(await time(() => decided(book())));
  const figure = figures[(round * 17) % FIGURES];
  times.figure.push(
    await time(() => {
      ours.set({ ...figure, parts: figure.parts.map((part, k) => (k === 0 ? { ...part, variant: somePart() } : part)) });
      decided(ours);
    }),
  );
  ours.set(figure);
  decided(ours);
  const [variant, runs] = [...byPart][(round * 31) % byPart.size];
  times.piece.push(
    await time(() => {
      ours.setRuns(variant, runs.slice(1));
      decided(ours);
    }),
  );
  ours.setRuns(variant, runs);
  decided(ours);
}
const pieces = lots.reduce((all, lot) => all + lot.quantity, 0);
const median = (values) => quantile(values, 0.5);
console.log(`${LOTS} lots, ${pieces} pieces, ${FIGURES} open figures with ${PARTS} parts each; the same for every figure as naively`);
console.log(`naively, figure by figure: ${median(times.naive).toFixed(0)} ms`);
for (const [name, label] of [
  ['whole', 'everything decided anew'],
  ['figure', 'after a change of one figure'],
  ['piece', 'after a change of one part’s pieces'],
])
  console.log(
    `${label}: ${median(times[name]).toFixed(2)} ms (p95 ${quantile(times[name], 0.95).toFixed(2)}), ${(median(times[name]) / median(times.naive)).toFixed(4)} of the naive time`,
  );
