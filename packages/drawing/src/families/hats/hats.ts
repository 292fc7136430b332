import type { Silhouette } from '../../shape/index.js';
import { boater, bowler, drumHat, topHat, wideBrim, windCone } from './brimmed.js';
import { bandana, beret, bobble, headscarf, peakedCap } from './cloth.js';
import { crash, diver, flyer } from './helmets.js';
import { beeVeil, cowl, parka, souwester } from './hoods.js';
import { crownRing, feather, goggles, pin, plume, wreath } from './ornaments.js';
import { underHair, wavesUnder, withHair } from './withHair.js';

/** Hats, helmets and what is worn on them, by the name of the silhouette. */
export const HATS: Readonly<Record<string, Silhouette>> = {
  'hat-peaked-cap': peakedCap,
  'hat-boater': boater,
  'hat-bobble': bobble,
  'hat-souwester-hair': souwester,
  'hat-cowl': cowl,
  'hat-bowler': bowler,
  'hat-top': topHat,
  'hat-wide': wideBrim,
  'hat-cone': windCone,
  'hat-drum': drumHat,
  'hat-beret': beret,
  'hat-headscarf': headscarf,
  'hat-bandana': bandana,
  'hat-wreath': wreath,
  'hat-diadem': crownRing('44,-98 L26,-88 L14,-104 L0,-114 L-14,-104 L-26,-88 L-44,-98'),
  'hat-bee-veil': beeVeil,
  'hat-beret-hair': withHair(beret, underHair),
  'hat-wide-hair': withHair(wideBrim, wavesUnder),
  plume,
  goggles,
  pin,
  feather,
  'helmet-flyer': flyer,
  'helmet-diver': diver,
  'helmet-crash': crash,
  'hood-parka': parka,
};
