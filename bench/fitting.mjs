// Ranking candidates and judging a change over 60,000 variants, as ratios to judging each look in full in the same run.
import { applyEdit, Catalogue, judge, likeness, checkLook, NO_SUPPLY, P40, rankCandidates, subject } from '@outfit/core';
import { demoWorld } from '@outfit/demo';
import { drawLook } from '@outfit/drawing';
import { grown, quantile, time } from './grown.mjs';

const VARIANTS = 60_000;
const WARM_UP = 10;
const ROUNDS = 15;
/** How many candidates the baseline judges one by one: all of them would take minutes. */
const BASELINE = 400;
const POSITIONS = ['headgear', 'head', 'torso', 'hips', 'neck.1', 'held.R'];

const { lineUps } = demoWorld();
const catalogue = new Catalogue(grown(VARIANTS));
const figures = lineUps.flatMap((lineUp) => lineUp.figures);
const supply = { owned: (id) => (id.length % 7 === 0 ? 1 : 0), landedMinor: (id) => (id.length * 13) % 400 };
const lookOf = (figure) => ({ parts: figure.looks[figure.chosen].parts, overrules: [] });

/** The baseline: one candidate judged by judging the whole look with it on. */
function inFull(look, brief, position, variant) {
  const next = subject(applyEdit(look, { action: 'put on', position, variant: variant.id }, catalogue), brief, catalogue, P40, NO_SUPPLY);
  return likeness(next).score + checkLook(next).open.length;
}

async function ranking() {
  console.log(`Candidates over ${catalogue.data.variants.length} variants, after warm-up, against judging the full look for each:`);
  const [figure] = figures;
  const look = lookOf(figure);
  for (const position of POSITIONS) {
    const rank = () => rankCandidates(look, figure.brief, { position }, catalogue, P40, supply);
    let { rows } = rank();
    for (let round = 0; round < WARM_UP; round += 1) ({ rows } = rank());
    const times = [];
    for (let round = 0; round < ROUNDS; round += 1) times.push(await time(rank));
    const sample = [...rows].filter((_, i) => i % Math.max(1, Math.floor(rows.length / BASELINE)) === 0).slice(0, BASELINE);
    const fits = sample
      .map((row) => catalogue.data.variants[row])
      .filter((variant) => catalogue.mouldOf(variant).fills.some((fills) => fills[0] === position));
    for (const variant of fits.slice(0, 50)) inFull(look, figure.brief, position, variant);
    const full = await time(() => fits.forEach((variant) => inFull(look, figure.brief, position, variant)));
    const each = quantile(times, 0.5) / rows.length;
    console.log(
      `  ${position}: ${rows.length} candidates, median ${quantile(times, 0.5).toFixed(1)} ms, worst ${quantile(times, 1).toFixed(1)} ms; ${(full / fits.length / each).toFixed(0)} times the rate`,
    );
  }
}

async function changing() {
  const times = [];
  for (let round = 0; round < ROUNDS; round += 1)
    for (const figure of figures) {
      const look = lookOf(figure);
      const part = look.parts[round % look.parts.length];
      const others = catalogue.variantsOf(catalogue.variant(part.variant).mould);
      const variant = others[(round * 31) % others.length];
      const edit = { action: 'put on', position: part.position, variant: variant.id };
      const work = () => {
        const next = applyEdit(look, edit, catalogue);
        const { marks } = judge(next, figure.brief, catalogue, P40, supply);
        for (const mark of marks.open) mark.remedies();
        drawLook(next, catalogue, { view: 'front', idPrefix: 'x', ghosted: true });
      };
      if (round === 0) work();
      else times.push(await time(work));
    }
  const [p50, p95] = [quantile(times, 0.5), quantile(times, 0.95)];
  console.log(
    `A part changed, its look judged with every remedy and drawn, ${catalogue.data.variants.length} variants: median ${p50.toFixed(2)} ms, p95 ${p95.toFixed(2)} ms; ${(p95 / 50).toFixed(2)} of a frame budget of 50 ms`,
  );
}

await ranking();
await changing();
