import { BETTER } from './better.js';
import { HERON } from './heronCrew.js';
import { LAMPLIGHTERS } from './lamplighters.js';
import { ODILE } from './odile.js';
import { KINGFISHER, OTTER } from './otherCrews.js';
import type { DemoLineUp } from './row.js';
import { SLEET } from './sleet.js';
import { WINTER_POST } from './winterPost.js';

export const LINE_UPS: readonly DemoLineUp[] = [
  { id: 'heron-crew', name: 'The Heron crew', figures: HERON },
  { id: 'otter-crew', name: 'The Otter crew', figures: OTTER },
  { id: 'kingfisher-crew', name: 'The Kingfisher crew', figures: KINGFISHER },
  { id: 'winter-post', name: 'Winter Post, edition 1', figures: WINTER_POST },
  { id: 'better', name: 'Nine that could be better', figures: BETTER },
  { id: 'odile', name: 'Odile Marsh', figures: ODILE },
  { id: 'sleet', name: 'Sleet', figures: SLEET },
  { id: 'lamplighters', name: 'Forty lamplighters', figures: LAMPLIGHTERS },
];
