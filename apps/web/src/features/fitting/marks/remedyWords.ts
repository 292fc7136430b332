import { money, type Remedy } from '@outfit/core';
import { CHECK_WORDS } from './checkWords';

const HARDLY = 0.5;

/**
 * What a remedy does beside removing its mark, in a few words: likeness gained or lost, money to pay, what comes with it.
 *
 * @example remedyWords(remedy, 'EUR') // '−6 likeness, €0.42 more'
 */
export function remedyWords({ likenessGain, costMinor, raises, loses }: Remedy, currency: string): string {
  const words = [
    ...(Math.abs(likenessGain) < HARDLY ? [] : [`${likenessGain > 0 ? '+' : '−'}${Math.round(Math.abs(likenessGain))} likeness`]),
    ...(costMinor === null
      ? ['nobody sells it']
      : costMinor === 0
        ? []
        : [`${money(Math.abs(costMinor), currency)} ${costMinor > 0 ? 'more' : 'less'}`]),
    ...(loses.length > 0 ? [`less of ${loses.join(', ')}`] : []),
    ...new Set(raises.map(({ check }) => `but ${CHECK_WORDS[check][0]}`)),
  ];
  return words.join(', ');
}
