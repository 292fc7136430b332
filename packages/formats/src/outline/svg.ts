import { SaxesParser, type SaxesAttributePlain, type SaxesTagPlain } from 'saxes';
import svgpath from 'svgpath';

/** Why a drawing is not taken, in a sentence a person can act on. */
export class OutlineRefused extends Error {}

/** A filled area of a drawing: an absolute path of M, L, C, Q and Z in the drawing's own units, y downwards, and the fill it was given. */
export interface DrawnArea {
  readonly d: string;
  readonly fill: string;
}

/** Longer drawings, and ones with more pieces of line, are refused: an outline of a toy part is a few dozen curves. */
export const OUTLINE_LIMITS = { maxCharacters: 500_000, maxSegments: 2000, maxDepth: 40 } as const;

/** Left out without a word: they draw nothing. */
const SILENT = new Set(['title', 'desc', 'metadata']);
/** What is no outline, and why it is not taken. */
const REFUSED: Readonly<Record<string, string>> = {
  script: 'The drawing holds a script. Export it as a plain SVG.',
  style: 'The drawing holds a style sheet. Export it as a plain SVG, with the fills on the shapes themselves.',
  foreignobject: 'The drawing holds a piece of a web page (foreignObject). Export it as a plain SVG.',
  use: 'The drawing repeats a shape by reference (use). Turn copies into shapes of their own.',
  image: 'The drawing holds a picture. Trace it: only outlines can be taken.',
  text: 'The drawing holds text. Turn it into outlines first.',
  animate: 'The drawing moves. Only one that stands still can be taken.',
  set: 'The drawing moves. Only one that stands still can be taken.',
  a: 'The drawing holds a link. Leave it out.',
};
const GROUPS = new Set(['svg', 'g']);

interface Frame {
  readonly fill: string;
  readonly transforms: readonly string[];
  readonly isSilent: boolean;
}

/**
 * The filled areas of an SVG, from the lowest up, with every transformation carried out. Whatever is no outline is refused by sentence:
 * scripts, style sheets, references, entities, text, pictures, what is too long.
 *
 * @throws OutlineRefused
 */
export function readSvg(text: string): readonly DrawnArea[] {
  if (text.length > OUTLINE_LIMITS.maxCharacters)
    throw new OutlineRefused('The drawing is longer than 500,000 characters. Simplify its outlines, or trace it anew.');
  const areas: DrawnArea[] = [];
  const frames: Frame[] = [];
  let segments = 0;
  const parser = new SaxesParser();
  parser.on('error', (error) => {
    throw new OutlineRefused(
      /entity/i.test(error.message) ? ENTITIES : `This is no SVG that can be read: ${error.message.replace(/\.$/, '')}.`,
    );
  });
  parser.on('doctype', () => {
    throw new OutlineRefused(ENTITIES);
  });
  parser.on('processinginstruction', ({ target }) => {
    throw new OutlineRefused(`The drawing holds an instruction for another program (${target}). Export it as a plain SVG.`);
  });
  parser.on('opentag', (tag: SaxesTagPlain) => {
    if (frames.length === 0 && tag.name !== 'svg') throw new OutlineRefused('This is no SVG: it does not begin with an svg element.');
    if (frames.length >= OUTLINE_LIMITS.maxDepth)
      throw new OutlineRefused('The drawing’s groups lie too deep in each other. Ungroup them.');
    const around = frames.at(-1) ?? { fill: '#000000', transforms: [], isSilent: false };
    const frame = enter(tag, around);
    frames.push(frame);
    if (frame.isSilent || GROUPS.has(tag.name) || tag.name === 'defs' || frame.fill === 'none') return;
    const d = pathOf(tag);
    if (d === null) throw new OutlineRefused(`The drawing holds a “${tag.name}”, which is no outline. Turn it into a path.`);
    const path = carryThrough(d, frame.transforms);
    if (path === null) throw new OutlineRefused('One of the outlines cannot be read: its path is broken.');
    segments += path.segments;
    if (segments > OUTLINE_LIMITS.maxSegments)
      throw new OutlineRefused('The drawing has more than 2,000 pieces of line. Simplify its outlines.');
    if (path.segments > 1) areas.push({ d: path.d, fill: frame.fill });
  });
  parser.on('closetag', () => void frames.pop());
  parser.write(text).close();
  if (areas.length === 0) throw new OutlineRefused('The drawing has no filled area: lines alone are no outline. Fill its shapes.');
  return areas;
}

const ENTITIES = 'The drawing declares entities or a document type. Export it as a plain SVG.';

/** What an element passes on to what is in it. */
function enter({ name, attributes }: SaxesTagPlain, around: Frame): Frame {
  if (around.isSilent || SILENT.has(name) || name.includes(':')) return { ...around, isSilent: true };
  const refused = REFUSED[name.toLowerCase()];
  if (refused !== undefined) throw new OutlineRefused(refused);
  for (const [key, value] of Object.entries(attributes) as [string, SaxesAttributePlain['value']][]) {
    if (/^on/i.test(key)) throw new OutlineRefused(`The drawing does something when it is touched (${key}). Export it as a plain SVG.`);
    if (/(^|:)href$/i.test(key)) throw new OutlineRefused('The drawing refers to something outside it (href). Leave it out.');
    if (/url\s*\(|expression|javascript:|@import/i.test(value))
      throw new OutlineRefused('The drawing refers to a pattern, a gradient or something outside it. Fill its shapes with plain colours.');
  }
  const transform = attributes['transform'];
  return {
    fill: (/(?:^|;)\s*fill\s*:\s*([^;]+)/i.exec(attributes['style'] ?? '')?.[1] ?? attributes['fill'] ?? around.fill).trim().toLowerCase(),
    transforms: transform === undefined ? around.transforms : [transform, ...around.transforms],
    isSilent: name === 'defs' || name === 'clipPath' || name === 'mask' || name === 'symbol',
  };
}

const numberAt = (attributes: SaxesTagPlain['attributes'], name: string): number => {
  const value = Number.parseFloat(attributes[name] ?? '0');
  return Number.isFinite(value) ? value : 0;
};

/** A shape as a path; null for what is none. */
function pathOf({ name, attributes }: SaxesTagPlain): string | null {
  const at = (key: string): number => numberAt(attributes, key);
  switch (name) {
    case 'path':
      return attributes['d'] ?? '';
    case 'rect':
      return `M${at('x')},${at('y')}h${at('width')}v${at('height')}h${-at('width')}Z`;
    case 'circle':
      return oval(at('cx'), at('cy'), at('r'), at('r'));
    case 'ellipse':
      return oval(at('cx'), at('cy'), at('rx'), at('ry'));
    case 'polygon':
    case 'polyline':
      return `M${attributes['points'] ?? ''}Z`;
    case 'line':
      return '';
    default:
      return null;
  }
}

const oval = (x: number, y: number, rx: number, ry: number): string =>
  `M${x - rx},${y}a${rx},${ry} 0 1 0 ${2 * rx},0a${rx},${ry} 0 1 0 ${-2 * rx},0Z`;

/** A path with its transformations carried out, of M, L, C, Q and Z alone; null for one that is broken. */
function carryThrough(d: string, transforms: readonly string[]): { readonly d: string; readonly segments: number } | null {
  if (d.trim() === '') return { d: '', segments: 0 };
  let path = svgpath(d);
  for (const transform of transforms) path = path.transform(transform);
  path = path.abs().unshort().unarc();
  if ((path as unknown as { readonly err: string }).err) return null;
  const commands: string[] = [];
  path.iterate((segment, _, x, y) => {
    const [command, ...numbers] = segment as [string, ...number[]];
    if (command === 'H') commands.push(`L${numbers[0] ?? 0},${y}`);
    else if (command === 'V') commands.push(`L${x},${numbers[0] ?? 0}`);
    else commands.push(command === 'Z' || command === 'z' ? 'Z' : `${command}${pairs(numbers)}`);
  });
  const isFinite = commands.every((command) => !/NaN|Infinity/.test(command));
  return isFinite ? { d: commands.join(' '), segments: commands.length } : null;
}

const pairs = (numbers: readonly number[]): string =>
  Array.from({ length: numbers.length / 2 }, (_, i) => `${numbers[2 * i] ?? 0},${numbers[2 * i + 1] ?? 0}`).join(' ');
