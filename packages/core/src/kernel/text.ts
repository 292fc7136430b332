/** What a text may be. `most` and `least` count UTF-16 code units, as a text field does. */
export interface TextRule {
  readonly least?: number;
  readonly most: number;
  /** May have several lines. */
  readonly lines?: boolean;
  /** Is a name or a number that other things are known by: no mark-up, nothing invisible, no word of the machine. */
  readonly name?: boolean;
}

// Written as escapes on purpose: what they look for cannot be seen.
// eslint-disable-next-line no-control-regex
const CONTROL = /[\u0000-\u0008\u000b\u000c\u000e-\u001f\u007f-\u009f]/;
const BREAK = /[\t\n\r\u2028\u2029]/;
/** Marks that turn the direction of the text around them (Unicode, *Bidirectional Algorithm*, UAX 9). */
const TURNING = /[\u200e\u200f\u061c\u202a-\u202e\u2066-\u2069]/;
const INVISIBLE = /[\u00ad\u115f\u1160\u180e\u200b-\u200d\u2060-\u2064\u206a-\u206f\u3164\ufeff\uffa0\ufff9-\ufffb]/;
const HALF = /[\ud800-\udbff](?![\udc00-\udfff])|(?<![\ud800-\udbff])[\udc00-\udfff]/;
const OF_THE_MACHINE = new Set(['__proto__', 'constructor', 'prototype', 'hasownproperty', 'tostring', 'valueof']);

const times = (n: number): string => `${n} ${n === 1 ? 'character' : 'characters'}`;

/**
 * What is wrong with a text that somebody typed or sent, as the end of a sentence that its label begins; null when nothing
 * is.
 *
 * @example textFault('  ', { most: 80 }) // 'is empty: give it 1 to 80 characters'
 */
export function textFault(text: string, { least = 1, most, lines = false, name = false }: TextRule): string | null {
  if (text.length > most) return `has ${times(text.length)}, and at most ${most} fit`;
  if (least > 0 && text.trim() === '') return `is empty: give it ${least === most ? times(most) : `${least} to ${times(most)}`}`;
  if (text.length < least) return `has ${times(text.length)}, and needs at least ${least}`;
  if (CONTROL.test(text)) return 'holds a control character: type it anew';
  if (HALF.test(text)) return 'holds half a character: type it anew';
  if (TURNING.test(text)) return 'holds a mark that turns the direction of text: type it anew';
  if (!lines && BREAK.test(text)) return 'holds a line break or a tab: write it on one line';
  if (!name) return null;
  if (INVISIBLE.test(text)) return 'holds an invisible character: type it anew';
  if (/[<>]/.test(text)) return 'holds < or >, which look like mark-up: leave them out';
  return OF_THE_MACHINE.has(text.toLowerCase()) ? 'is a word of the machine: choose another' : null;
}

const MOST_SHOWN = 40;

/** Something sent, as it may be repeated in a sentence: in quotes, short, without what cannot be seen. */
export function quote(value: unknown): string {
  const text = typeof value === 'string' ? value : (JSON.stringify(value) ?? 'nothing');
  const clean = text.replace(new RegExp(`${CONTROL.source}|${BREAK.source}|${TURNING.source}|${INVISIBLE.source}`, 'g'), ' ');
  return `“${clean.length > MOST_SHOWN ? `${clean.slice(0, MOST_SHOWN)}…` : clean}”`;
}
