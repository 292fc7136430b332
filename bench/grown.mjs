// A catalogue as large as a benchmark wants, grown from the demo world.
import { variantIdOf } from '@outfit/core';
import { demoWorld } from '@outfit/demo';

export const world = demoWorld().catalogue;

/** The demo catalogue grown: every mould in more and more colours, until there are enough variants. */
export function grown(count) {
  const cloth = world.colours.map((colour) => colour.id);
  const variants = new Map(world.variants.map((variant) => [variant.id, variant]));
  for (let step = 1; variants.size < count; step += 1)
    for (const [i, variant] of world.variants.entries()) {
      if (variants.size >= count) break;
      const colours = [
        cloth[(i * 7 + step * 13) % cloth.length],
        cloth[(i + step * 5 + Math.floor(step / cloth.length)) % cloth.length],
        cloth[(i * 3 + step) % cloth.length],
      ];
      const id = variantIdOf(variant.mould, colours, variant.print);
      if (!variants.has(id)) variants.set(id, { ...variant, id, colours });
    }
  return { ...world, variants: [...variants.values()] };
}

export async function time(work) {
  const started = performance.now();
  await work();
  return performance.now() - started;
}

export const quantile = (times, q) => [...times].sort((a, b) => a - b)[Math.min(times.length - 1, Math.floor(times.length * q))];
