import { type DemoFigure, figure, look } from './row.js';

export const LAMPLIGHTERS: readonly DemoFigure[] = [
  figure('lamplighter', {
    role: 'One of forty',
    name: 'Lamplighter',
    age: 'adult',
    colours: 'oatmeal soot',
    story: 'An army of one recipe, forty times, before the fair.',
    wanted: `must held motif lantern: A lantern on a pole
      must torso motif waistcoat: The waistcoat
      want headgear shape brim: A bowler
      want legs motif tall-boots: Boots
      nice torso colour oatmeal: Oatmeal shirt`,
    more: { copies: 40, skinSchool: 'house', dueOn: '2027-06-20', budgetMinor: 12000 },
    looks: [
      look(
        'The recipe',
        'top HT-208·soot+walnut+brass, head HD-101·biscuit·first-smile, torso TO-401·oatmeal·lamplighter, arms AR-501·oatmeal, hands HN-601·biscuit, legs LG-701·walnut+soot·lamplighter-legs, left HE-901·walnut+clear-amber',
      ),
      look(
        'The cheap recipe',
        'top HT-208·soot+walnut+brass, head HD-101·biscuit·first-smile, torso TO-401·oatmeal, arms AR-501·oatmeal, hands HN-601·biscuit, legs LG-701·walnut+soot, left HE-901·walnut+clear-amber',
      ),
    ],
  }),
];
