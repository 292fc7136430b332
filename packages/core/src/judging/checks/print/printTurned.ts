import type { Check } from '../../marks.js';
import { keyOf, turn } from '../../remedies/index.js';

const LEAST_VISIBLE = 0.25;

/** `print.turned`: a turned torso whose back print, now in front, still reads as a back. */
export const printTurned: Check = (subject) => {
  const { worn, catalogue, visibility } = subject;
  const torso = worn.find((item) => item.part.position === 'torso' && item.part.turned);
  const telling = torso?.print?.motifs.find(
    (motif) =>
      motif.face === 'back' &&
      catalogue.motif(motif.motif)?.traits?.includes('reads as a back') &&
      visibility.ofMotif(torso, motif) > LEAST_VISIBLE,
  );
  if (!torso || !telling) return [];
  return [
    {
      check: 'print.turned',
      key: keyOf('print.turned', torso),
      severity: 'shows',
      position: 'torso',
      region: 'torso.front.chest',
      sentence: `The torso is turned round, and its ${catalogue.motifName(telling.motif)} still reads as a back.`,
      remedies: () => [turn(torso, 'Turn the torso back')],
    },
  ];
};
