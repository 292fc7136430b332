/** The geometry behind drawn outlines: sampling cubic paths and giving their edge a texture. Tenths of a mm, y downwards. */

export interface Dot {
  readonly x: number;
  readonly y: number;
}

/** How an edge runs: as drawn, in round curls, in waves, in points, or in thick strands. */
export type Texture = 'smooth' | 'curled' | 'wavy' | 'spiked' | 'strands';

const round = (n: number): number => Math.round(n * 10) / 10;
const dotText = ({ x, y }: Dot): string => `${round(x)},${round(y)}`;

const STEPS_PER_CURVE = 24;

function cubic(a: Dot, b: Dot, c: Dot, d: Dot, t: number): Dot {
  const s = 1 - t;
  const [ka, kb, kc, kd] = [s * s * s, 3 * s * s * t, 3 * s * t * t, t * t * t];
  return { x: ka * a.x + kb * b.x + kc * c.x + kd * d.x, y: ka * a.y + kb * b.y + kc * c.y + kd * d.y };
}

/** Points along a path of the form `M x,y C x,y x,y x,y …`, close together. */
export function sample(path: string): readonly Dot[] {
  const numbers = (path.match(/-?[\d.]+/g) ?? []).map(Number);
  const dots = Array.from({ length: numbers.length / 2 }, (_, i): Dot => ({ x: numbers[2 * i] ?? 0, y: numbers[2 * i + 1] ?? 0 }));
  const [first] = dots;
  if (!first) return [];
  const all = [first];
  for (let i = 0; i + 3 < dots.length; i += 3) {
    const [a, b, c, d] = dots.slice(i, i + 4) as [Dot, Dot, Dot, Dot];
    for (let k = 1; k <= STEPS_PER_CURVE; k += 1) all.push(cubic(a, b, c, d, k / STEPS_PER_CURVE));
  }
  return all;
}

/** Points a fixed distance apart along a line of points; the ends are kept and the distance is fitted to them. */
export function resample(dots: readonly Dot[], step: number): readonly Dot[] {
  const lengths = [0];
  dots.forEach((dot, i) => {
    const before = dots[i - 1];
    if (before) lengths.push((lengths[i - 1] ?? 0) + Math.hypot(dot.x - before.x, dot.y - before.y));
  });
  const total = lengths[lengths.length - 1] ?? 0;
  const count = Math.max(1, Math.round(total / step));
  const spaced: Dot[] = [];
  let at = 1;
  for (let k = 0; k <= count; k += 1) {
    const wanted = (total * k) / count;
    while (at < dots.length - 1 && (lengths[at] ?? 0) < wanted) at += 1;
    const [a, b] = [dots[at - 1], dots[at]];
    if (!a || !b) break;
    const span = (lengths[at] ?? 0) - (lengths[at - 1] ?? 0);
    const t = span === 0 ? 0 : (wanted - (lengths[at - 1] ?? 0)) / span;
    spaced.push({ x: a.x + (b.x - a.x) * t, y: a.y + (b.y - a.y) * t });
  }
  return spaced;
}

/** The point beside the middle of a step, `out` to the left of the way along it and `along` further on. */
function beside(a: Dot, b: Dot, out: number, along = 0): Dot {
  const length = Math.hypot(b.x - a.x, b.y - a.y) || 1;
  const [dx, dy] = [(b.x - a.x) / length, (b.y - a.y) / length];
  return { x: (a.x + b.x) / 2 + dy * out + dx * along, y: (a.y + b.y) / 2 - dx * out + dy * along };
}

const EDGES: Readonly<Record<Exclude<Texture, 'smooth'>, { readonly step: number; bump(a: Dot, b: Dot, i: number): string }>> = {
  curled: { step: 16, bump: (a, b) => `Q${dotText(beside(a, b, 13))} ${dotText(b)}` },
  wavy: { step: 21, bump: (a, b, i) => `Q${dotText(beside(a, b, i % 2 === 0 ? 8 : -3))} ${dotText(b)}` },
  spiked: { step: 19, bump: (a, b) => `L${dotText(beside(a, b, 13, 7))} L${dotText(b)}` },
  strands: { step: 11, bump: (a, b) => `Q${dotText(beside(a, b, 8))} ${dotText(b)}` },
};

/** An edge with a texture, as path commands that start with `M`. Bumps go to the left of the way it runs. */
export function edge(path: string, texture: Texture): string {
  if (texture === 'smooth') return path;
  const { step, bump } = EDGES[texture];
  const dots = resample(sample(path), step);
  return dots
    .map((dot, i) => {
      const before = dots[i - 1];
      return before ? bump(before, dot, i) : `M${dotText(dot)}`;
    })
    .join(' ');
}

/** A path that goes on from where another ended: its `M` becomes an `L`. */
export const onward = (path: string): string => path.replace(/^M/, 'L');

/** A circle or ellipse as a path. */
export function ellipse(cx: number, cy: number, rx: number, ry: number): string {
  const [kx, ky] = [round(rx * 0.5523), round(ry * 0.5523)];
  return `M${cx - rx},${cy} C${cx - rx},${cy - ky} ${cx - kx},${cy - ry} ${cx},${cy - ry} C${cx + kx},${cy - ry} ${cx + rx},${cy - ky} ${cx + rx},${cy} C${cx + rx},${cy + ky} ${cx + kx},${cy + ry} ${cx},${cy + ry} C${cx - kx},${cy + ry} ${cx - rx},${cy + ky} ${cx - rx},${cy} Z`;
}
