import type { Era, Face, MoodName, Print, PrintMotif, Zone } from '@outfit/core';
import { faceMotifs } from './faceRow.js';

const face = (id: string, name: string, era: Era, mood: MoodName, front: string, second?: readonly [MoodName, string]): Print => ({
  id,
  name,
  era,
  mood,
  ...(second ? { secondMood: second[0] } : {}),
  motifs: [...faceMotifs(front, 'front'), ...(second ? faceMotifs(second[1], 'back') : [])],
});

const FACES: readonly Print[] = [
  face('reader', 'round glasses, soft smile', 'late', 'calm', 'brows raven, eyes-open, mouth-soft, glasses-round brass, nose-line'),
  face('wide-grin', 'wide grin', 'late', 'glad', 'brows-raised raven, eyes-open, mouth-grin cochineal damson, nose-line', [
    'startled',
    'brows-raised raven, eyes-wide, mouth-oh damson',
  ]),
  face('freckled', 'freckles, smile', 'late', 'glad', 'brows rust, eyes-lashes, mouth-smile, freckles rust, cheeks cochineal'),
  face('purser', 'moustache, stern', 'late', 'stern', 'brows-stern walnut, eyes-open, mouth-flat, moustache walnut'),
  face('old-hand', 'grey beard, wrinkles', 'late', 'calm', 'brows-thick silver, eyes-smiling, beard silver, wrinkles, nose-line'),
  face(
    'sprat',
    'child, gap-toothed grin',
    'late',
    'merry',
    'brows teak, eyes-open, mouth-grin cochineal damson, cheeks cochineal, freckles teak, nose-line',
  ),
  face('quiet', 'painted lips, calm', 'late', 'calm', 'brows chestnut, eyes-lashes, mouth-lips brick-dust, cheeks cochineal', [
    'cross',
    'brows-stern chestnut, eyes-open, mouth-shout damson rose-hip',
  ]),
  face('night-clerk', 'square glasses, tired', 'late', 'weary', 'brows slate, eyes-tired, mouth-flat, glasses-square soot'),
  face('rival', 'scar, one brow up', 'late', 'brave', 'brows-uneven walnut, eyes-open, mouth-smile, stubble walnut, scar petal'),
  face('caller', 'calling out', 'late', 'brave', 'brows-stern raven, eyes-open, mouth-shout damson rose-hip'),
  face('dozing', 'eyes shut, soft smile', 'late', 'calm', 'brows ember, eyes-shut, mouth-soft, freckles rust'),
  face('fret', 'worried', 'late', 'sad', 'brows-worried bark, eyes-wide, mouth-frown'),
  face('weathered', 'silver brows, wrinkles, smile', 'late', 'calm', 'brows silver, eyes-lashes, mouth-smile, wrinkles, cheeks brick-dust'),
  face('first-smile', 'plain early smile', 'early', 'glad', 'eyes-open, mouth-smile'),
  face('first-brows', 'early smile with brows', 'early', 'glad', 'brows bark, eyes-open, mouth-smile'),
];

type Row = readonly [motif: string, zones: string, colours: string, face?: Face];

/** A body print: motifs with the zones they cover; without a face they go all round. */
const body = (id: string, name: string, era: Era, ...rows: readonly Row[]): Print => ({
  id,
  name,
  era,
  motifs: rows.flatMap(([motif, zones, colours, only]): PrintMotif[] =>
    (only ? [only] : (['front', 'back'] as const)).map((side) => ({
      motif,
      face: side,
      zones: zones.split(' ') as Zone[],
      colours: colours.split(' ').filter(Boolean),
    })),
  ),
});

const WHOLE = 'collar chest belly hem';

const TORSOS: readonly Print[] = [
  body(
    'lantern-tunic',
    'lantern tunic',
    'late',
    ['tunic-diamonds', 'chest belly hem', 'madder teak'],
    ['sash-diagonal', 'chest belly', 'walnut'],
  ),
  body('drum-tunic', 'drum tunic', 'late', ['tunic-diamonds', 'chest belly hem', 'weld damson'], ['sash-diagonal', 'chest belly', 'weld']),
  body(
    'heron-jacket',
    'Heron crew jacket',
    'late',
    ['crew-jacket', WHOLE, 'chalk saffron brass'],
    ['bird-badge', 'chest', 'chalk', 'back'],
  ),
  body('otter-jacket', 'Otter crew jacket', 'late', ['crew-jacket', WHOLE, 'weld chalk pewter'], ['bird-badge', 'chest', 'weld', 'back']),
  body(
    'heron-jersey',
    'Heron rowing jersey',
    'late',
    ['hoop-stripes', 'chest belly', 'chalk'],
    ['bird-badge', 'chest', 'saffron', 'front'],
    ['belt', 'hem', 'walnut brass'],
  ),
  body('deck-collar', 'wide collar and tie', 'late', ['sailor-collar', 'collar chest', 'woad chalk'], ['belt', 'hem', 'soot pewter']),
  body('deck-collar-early', 'wide collar', 'early', ['sailor-collar', 'collar chest', 'ink chalk']),
  body('carrier-coat', 'carrier coat', 'late', ['post-coat', WHOLE, 'ink chalk brass'], ['stamp-badge', 'chest', 'chalk madder', 'back']),
  body('keeper-coat', 'weather keeper coat', 'late', ['post-coat', WHOLE, 'bottle sky-wash pewter'], ['belt', 'hem', 'walnut brass']),
  body(
    'sorter-waistcoat',
    'sorter waistcoat',
    'late',
    ['waistcoat', WHOLE, 'ink chalk brass'],
    ['stamp-badge', 'chest', 'chalk madder', 'front'],
  ),
  body('winter-knit', 'winter knit', 'late', ['knit-rows', WHOLE, 'chalk madder']),
  body('bakers-apron', 'apron over shirt', 'late', ['neckline', 'collar', 'wheat', 'front'], ['apron', 'chest belly hem', 'oatmeal']),
  body(
    'dock-braces',
    'shirt and braces',
    'late',
    ['shirt-buttons', 'collar chest belly', 'soot chalk', 'front'],
    ['braces', 'chest belly hem', 'walnut brass'],
  ),
  body(
    'dock-shirt-early',
    'buttoned shirt',
    'early',
    ['shirt-buttons', 'collar chest belly', 'soot chalk', 'front'],
    ['belt', 'hem', 'soot pewter'],
  ),
  body('kerchief', 'neckerchief and belt', 'late', ['neckerchief', 'collar chest', 'madder'], ['belt', 'hem', 'walnut brass']),
];

const LIMBS: readonly Print[] = [
  body('arm-cuffs', 'cuff bands', 'late', ['cuff-band', 'fore', 'chalk', 'side']),
  body('arm-stripe', 'shoulder stripe', 'late', ['shoulder-stripe', 'upper', 'brass', 'side']),
  body('lantern-hem', 'lantern tunic hem', 'late', ['tunic-skirt', 'hip thigh', 'saffron teak']),
  body('carrier-tails', 'carrier coat tails', 'late', ['coat-tails', 'hip thigh', 'woad'], ['tall-boots', 'shin', 'soot']),
  body('keeper-tails', 'weather keeper coat tails', 'late', ['coat-tails', 'hip thigh', 'bottle']),
  body('dock-patch', 'knee patch', 'late', ['knee-patch', 'shin', 'teak', 'front']),
  body('uniform-stripe', 'side stripe', 'late', ['side-stripe', 'thigh shin', 'brass']),
  body('waders-early', 'waders, front only', 'early', ['checked-legs', 'thigh shin', 'oatmeal', 'front']),
  body('border', 'bordered hem', 'late', ['skirt-border', 'shin', 'saffron']),
];

export const PRINTS: readonly Print[] = [...FACES, ...TORSOS, ...LIMBS];
