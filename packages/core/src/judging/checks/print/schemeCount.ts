import { schemeOf } from '../../../colour/index.js';
import { visibleColours } from '../../../figure/index.js';
import { list } from '../../../kernel/index.js';
import type { Check } from '../../marks.js';
import { NONE } from '../../remedies/index.js';

/** Below this share an extra colour is a small thing. */
const LEAST_MAIN = 0.12;

/**
 * `scheme.count`: area-weighted main colours, skin and metal apart, against the brief's number; one accent is free.
 * Names the odd one. It is only noted when it is small, or when another part of the figure has it too and echoes it.
 */
export const schemeCount: Check = ({ worn, visibility, catalogue, brief }) => {
  const { clusters, accent } = schemeOf(visibleColours(worn, visibility, catalogue));
  const mains = clusters.filter((cluster) => cluster !== accent);
  const odd = mains[brief.mainColours];
  const [most] = odd?.colours ?? [];
  if (!odd || !most) return [];
  const names = mains.map((cluster) => `${cluster.colours[0]?.colour.name ?? ''} ${Math.round(cluster.share * 100)} %`);
  const echoes = new Set(odd.colours.flatMap(({ at }) => at)).size > 1;
  return [
    {
      check: 'scheme.count',
      key: `scheme.count:${mains.map((cluster) => cluster.colours[0]?.colour.id ?? '').join('+')}`,
      severity: echoes || odd.share < LEAST_MAIN ? 'note' : 'shows',
      position: most.at[0] ?? 'torso',
      region: null,
      sentence: `${mains.length} main colours, ${brief.mainColours} ${brief.mainColours === 1 ? 'is' : 'are'} enough: ${list(names)}. ${most.colour.name} is the odd one${echoes ? ', though it is echoed' : ', and nothing echoes it'}.`,
      remedies: NONE,
    },
  ];
};
