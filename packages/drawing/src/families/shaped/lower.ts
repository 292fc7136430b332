import { creases, outlineOf, type Shape, type Silhouette, tone, Z } from '../../shape/index.js';

type Read = (key: string) => string;

const SHOES: readonly Shape[] = [
  { ...outlineOf('M12,-40 L40,-40 L40,-12 L12,-12 Z', 'c2', Z.legs), mirror: true },
  { ...outlineOf('M8,-18 C20,-23 34,-23 45,-17 C50,-8 47,0 39,0 L14,0 C6,0 5,-9 8,-18 Z', 'c1', Z.legs + 1), mirror: true },
];
const SIDE_SHOES: readonly Shape[] = [
  outlineOf('M-12,-64 L16,-64 L16,-12 L-12,-12 Z', 'c2', Z.legs),
  outlineOf('M-16,-18 C-4,-23 12,-23 22,-17 C27,-8 24,0 18,0 L-28,0 C-38,0 -34,-14 -16,-18 Z', 'c1', Z.legs + 1),
];
/** Stockings under a short hem. */
const LONG_STOCKINGS: Shape = { ...outlineOf('M12,-74 L40,-74 L40,-12 L12,-12 Z', 'c2', Z.legs), mirror: true };

/** A skirt or gown by its descriptors, standing on y = 0. */
export function shapedSkirt(read: Read): Silhouette {
  const isGown = read('kind') === 'gown';
  const top = isGown ? -192 : -130;
  const hem = isGown ? -6 : ({ '1': -62, '2': -32, '3': -12 }[read('length')] ?? -32);
  const flare = Number(read('flare'));
  const half = Math.round(58 + flare * 16 + (hem - top) * 0.05);
  const deep = Math.round(34 + flare * 13 + (hem - top) * 0.05);
  const mid = Math.round((top + hem) / 2);
  const outlineOf = (waist: number, reach: number): string =>
    `M-${waist},${top} C-${waist * 0.4},${top - 6} ${waist * 0.4},${top - 6} ${waist},${top} C${Math.round((waist + reach) / 2)},${mid} ${reach - 6},${hem - 20} ${reach},${hem} C${Math.round(reach * 0.6)},${hem + 9} -${Math.round(reach * 0.6)},${hem + 9} -${reach},${hem} C-${reach - 6},${hem - 20} -${Math.round((waist + reach) / 2)},${mid} -${waist},${top} Z`;
  const [outline, sideOutline] = [outlineOf(50, half), outlineOf(27, deep)];
  const folds = (reach: number): string =>
    [-0.7, -0.35, 0, 0.35, 0.7]
      .map(
        (k) =>
          `M${Math.round(k * 40)},${top + 16} C${Math.round(k * 50)},${mid} ${Math.round(k * reach)},${hem - 24} ${Math.round(k * reach)},${hem - 8}`,
      )
      .join(' ');
  const cloth = (d: string, reach: number, side: number, feet: readonly Shape[]): readonly Shape[] => [
    ...(isGown ? [] : feet),
    { d, fill: 'c0', z: Z.legs + 2 },
    tone(
      `M${side * 36},${top - 10} C${side * 44},${mid} ${side * reach * 0.62},${hem - 20} ${side * reach * 0.68},${hem + 12} L${side * (reach + 20)},${hem + 12} L${side * 90},${top - 10} Z`,
      'shade',
      Z.legs + 4,
    ),
    { ...creases(folds(reach), 'c0', Z.legs + 4), opacity: 0.7 },
    { d, fill: 'none', line: 'outer', z: Z.legs + 5 },
  ];
  const feet = hem < -40 ? [LONG_STOCKINGS, ...SHOES.slice(1)] : SHOES;
  return {
    outline,
    sideOutline,
    front: cloth(outline, half, 1, feet),
    back: cloth(outline, half, -1, feet),
    side: cloth(sideOutline, deep, 1, SIDE_SHOES),
  };
}
