import type { Dot } from './outline.js';

/** Straight pieces a curve is taken as: enough for tenths of a millimetre on parts of a few centimetres. */
const STEPS = 10;

/** The outlines of a path of `M`, `L`, `C`, `Q` and `Z` commands with absolute numbers, as polygons. */
export function polygons(d: string): readonly (readonly Dot[])[] {
  const all: Dot[][] = [];
  let dots: Dot[] = [];
  for (const [, command = '', body = ''] of d.matchAll(/([MLCQZ])([^MLCQZ]*)/g)) {
    const numbers = (body.match(/-?[\d.]+/g) ?? []).map(Number);
    const ends = Array.from({ length: numbers.length / 2 }, (_, i): Dot => ({ x: numbers[2 * i] ?? 0, y: numbers[2 * i + 1] ?? 0 }));
    if (command === 'M') all.push((dots = [...ends]));
    else if (command === 'L') dots.push(...ends);
    else curve(dots, ends, command === 'C' ? 3 : 2);
  }
  return all.filter((polygon) => polygon.length > 2);
}

/** Goes on along Bézier curves, each given by so many dots after where it begins. */
function curve(dots: Dot[], given: readonly Dot[], each: 2 | 3): void {
  for (let i = 0; i + each <= given.length; i += each) {
    const from = dots[dots.length - 1];
    if (!from) return;
    const control = [from, ...given.slice(i, i + each)];
    for (let k = 1; k <= STEPS; k += 1) dots.push(between(control, k / STEPS));
  }
}

/** The point of a Bézier curve at t, after de Casteljau. */
function between(control: readonly Dot[], t: number): Dot {
  let row = control;
  while (row.length > 1)
    row = row.slice(1).map((dot, i) => {
      const before = row[i] ?? dot;
      return { x: before.x + (dot.x - before.x) * t, y: before.y + (dot.y - before.y) * t };
    });
  return row[0] ?? { x: 0, y: 0 };
}

/** Does a point lie within polygons, by how often they wind round it (as SVG fills by default)? */
export function isWithin({ x, y }: Dot, all: readonly (readonly Dot[])[]): boolean {
  let winding = 0;
  for (const polygon of all)
    polygon.forEach((a, i) => {
      const b = polygon[(i + 1) % polygon.length] ?? a;
      const side = (b.x - a.x) * (y - a.y) - (x - a.x) * (b.y - a.y);
      if (a.y <= y && b.y > y && side > 0) winding += 1;
      else if (a.y > y && b.y <= y && side < 0) winding -= 1;
    });
  return winding !== 0;
}
