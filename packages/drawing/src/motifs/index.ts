export { MOTIF_NAMES, motifShapes, motifsOn, type Surface } from './motifs.js';
