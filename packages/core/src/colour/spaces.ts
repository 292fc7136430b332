import { converter, type Lab65, type Lch65, modeLab65, modeLch65, modeLrgb, modeRgb, modeXyz65, type Rgb, useMode } from 'culori/fn';

// Only the spaces that are reckoned in: all that culori knows would be a twentieth of what a page loads, and of every worker.
for (const space of [modeRgb, modeLrgb, modeXyz65, modeLab65, modeLch65]) useMode(space as typeof modeRgb);

/** CIE Lab (D65) of an sRGB colour; undefined for text that is no hex. */
export const toLab: ((hex: string) => Lab65 | undefined) & ((colour: Rgb) => Lab65) = converter('lab65');
/** CIE LCh (D65) of an sRGB colour; undefined for text that is no hex. */
export const toLch: (hex: string) => Lch65 | undefined = converter('lch65');
