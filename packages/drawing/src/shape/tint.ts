import { formatHex, interpolate, modeLrgb, modeOklab, modeRgb, useMode, wcagLuminance } from 'culori/fn';

for (const space of [modeRgb, modeLrgb, modeOklab]) useMode(space as typeof modeRgb);

export const INK = '#1B2742';
const mixed = new Map<string, string>();

/**
 * The colour of an inner line on a fill: the fill drawn towards ink, or, on dark fills where ink would be lost,
 * towards chalk. Mixed in Oklab so that the hue stays.
 */
export function lineOn(hex: string): string {
  let line = mixed.get(hex);
  if (line === undefined) {
    const dark = wcagLuminance(hex) < 0.045;
    line = formatHex(interpolate([hex, dark ? '#C9D2DC' : INK], 'oklab')(dark ? 0.3 : 0.5));
    mixed.set(hex, line);
  }
  return line;
}
