import { type DemoFigure, figure, look } from './row.js';

export const SLEET: readonly DemoFigure[] = [
  figure('sleet', {
    role: 'Courier',
    name: 'Sleet',
    age: 'adult',
    colours: 'frost storm',
    story: 'The courier everyone wants. The official one costs a small fortune; this one may use none of its parts.',
    wanted: `must headgear colour frost: Frost hair
      must torso motif double-breasted: Double-breasted coat
      want neck motif scarf: A scarf in the wind
      want torso colour storm: Storm blue
      want face expression brave: Fearless
      want legs motif tall-boots: Tall boots
      nice neck motif bag: A bag`,
    more: { bannedFigures: ['MP-21-a'], mainColours: 3, budgetMinor: 900, requester: 'The reading group' },
    looks: [
      look(
        'For a twentieth',
        'top HA-134·frost+storm, head HD-101·almond·grit-silver, neck SC-812·weld+woad, torso TO-401·storm·signaller, arms AR-501·storm·signaller-arms, hands HN-601·almond, legs LG-701·ink+soot·lamplighter-legs, right HE-915·chalk+madder',
      ),
      look(
        'Second thoughts',
        'top HA-140·silver, head HD-101·almond·grit-silver, neck BG-820·walnut+pewter, torso TO-401·storm·signaller, arms AR-501·storm·signaller-arms, hands HN-601·almond, legs LG-701·ink+soot·lamplighter-legs',
      ),
    ],
  }),
];
