import { type DemoFigure, figure, look } from './row.js';

export const ODILE: readonly DemoFigure[] = [
  figure('odile-marsh', {
    role: 'Tide-clock keeper',
    name: 'Odile Marsh',
    age: 'adult',
    colours: 'lagoon chalk',
    story: 'Thirty-four here. Winds the tide clock and hates being early.',
    more: { born: 1871, year: 1905, credit: 'From an idea of Petra Holm' },
    wanted: `must headgear colour rust: Rust hair, as in the story
      want headgear shape tied, length 2: Hair in a knot
      want face motif mouth-lips: Painted lips
      want torso motif sailor-collar: Wide collar
      want legs shape skirt: A long skirt
      nice legs colour lagoon: Lagoon skirt
      nice face any-with rust brows and a calm face: Rust brows, and calm about it
      nice held motif spyglass: Spyglass`,
    looks: [
      look(
        'At thirty-four',
        'top HA-118·chestnut, head HD-101·shell·quiet, torso TO-401·chalk·deck-collar, arms AR-501·chalk, hands HN-601·shell, lower SK-721·lagoon+soot+chalk·border, right HE-921·brass+walnut',
      ),
      look(
        'As imagined',
        'top HA-118·rust, head HD-101·shell·quiet, torso TO-401·chalk·deck-collar, arms AR-501·chalk, hands HN-601·shell, lower SK-721·lagoon+soot+chalk·border, right HE-921·brass+walnut',
      ),
      look(
        'At nineteen',
        'top HA-176·rust+lagoon, head HD-101·shell·freckled, torso TO-401·chalk·deck-collar, arms AR-501·chalk, hands HN-601·shell, legs LG-706·slate+soot, right HE-921·brass+walnut',
        { year: 1890 },
      ),
      look(
        'At seventy, house tone',
        'top HA-118·silver, head HD-101·biscuit·early-glasses, neck SC-812·lagoon+chalk, torso TO-401·chalk·deck-collar, arms AR-501·chalk, hands HN-601·biscuit, lower SK-721·lagoon+soot+chalk·border, right HE-921·brass+walnut',
        { year: 1941, skinSchool: 'house' },
      ),
    ],
  }),
];
