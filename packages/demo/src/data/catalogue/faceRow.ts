import type { Era, Face, MoodName, Print, PrintMotif, Zone } from '@outfit/core';

/** Where each kind of face motif lies. */
const ZONES: readonly (readonly [prefix: string, zone: Zone])[] = [
  ['brows', 'brow'],
  ['forehead', 'brow'],
  ['headband', 'brow'],
  ['mouth', 'mouth'],
  ['moustache', 'mouth'],
  ['dimples', 'mouth'],
  ['beard', 'chin'],
  ['stubble', 'chin'],
  ['goatee', 'chin'],
  ['sideburns', 'chin'],
  ['chin', 'chin'],
  ['clockwork', 'chin'],
];

/** "brows raven, eyes-open, glasses-round brass" as motifs of one face. `hair` stands for the tone given. */
export function faceMotifs(text: string, face: Face, hair = ''): PrintMotif[] {
  return text.split(',').map((entry) => {
    const [motif = '', ...colours] = entry.trim().split(' ');
    const zone = ZONES.find(([prefix]) => motif.startsWith(prefix))?.[1] ?? 'eyes';
    return { motif, face, zones: [zone], colours: colours.map((colour) => (colour === 'hair' ? hair : colour)) };
  });
}

/** The prints of one row of faces (`data/faces.ts`), one for each tone of hair. */
export function facePrints(row: string, era: Era): readonly Print[] {
  const [naming = '', rest = ''] = row.split(/ = (.*)/s);
  const [id = '', called = ''] = naming.split(': ');
  const [name = '', mood = ''] = called.split(', ');
  const [drawn = '', tones = ''] = rest.split(' | ');
  const [front = '', second] = drawn.split(' / ');
  const [secondMood, secondMotifs] = second?.split(' = ') ?? [];
  return tones.split(',').map((text, i) => {
    const tone = text.trim();
    return {
      id: i === 0 ? id : `${id}-${tone}`,
      name: i === 0 ? name : `${name}, ${tone}`,
      era,
      mood: mood as MoodName,
      ...(secondMood ? { secondMood: secondMood as MoodName } : {}),
      motifs: [...faceMotifs(front, 'front', tone), ...(secondMotifs ? faceMotifs(secondMotifs, 'back', tone) : [])],
    };
  });
}
