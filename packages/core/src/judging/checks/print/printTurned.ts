import type { Check, Problem } from '../../marks.js';
import type { Subject } from '../../subject.js';
import { keyOf, turn } from '../../remedies/index.js';

const LEAST_VISIBLE = 0.25;

/**
 * `print.turned`: a turned torso whose back print, now in front, still reads as a back; and a head whose printed side is turned away,
 * so that a blank looks forward.
 */
export const printTurned: Check = (subject) => [...turnedTorso(subject), ...turnedHead(subject)];

function turnedTorso({ worn, catalogue, visibility }: Subject): readonly Problem[] {
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
      proposals: () => [turn(torso, 'Turn the torso back')],
    },
  ];
}

function turnedHead({ face }: Subject): readonly Problem[] {
  if (!face?.head.part.turned || face.motifs.length > 0 || !face.secondBehind) return [];
  return [
    {
      check: 'print.turned',
      key: keyOf('print.turned', face.head),
      severity: 'shows',
      position: 'head',
      region: 'head.front.eyes',
      sentence: 'The head is turned round, and it has no face on that side: a blank looks forward.',
      proposals: () => [turn(face.head, 'Turn the head back')],
    },
  ];
}
