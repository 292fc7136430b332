import { describe, expect, test } from '@jest/globals';
import { OUTLINE_LIMITS, OutlineRefused, readOutline, rowShapeFault } from '../src/index.js';

const svg = (inner: string, attributes = ''): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 40 40" ${attributes}>${inner}</svg>`;
const refusal = (text: string): string => {
  try {
    readOutline(text, 10);
  } catch (error) {
    if (error instanceof OutlineRefused) return error.message;
    throw error;
  }
  return 'taken';
};

describe('an outline drawn by somebody', () => {
  test('is laid at its height, its middle over 0 and its lowest point on 0', () => {
    // 20 wide and 40 tall in the drawing, 10 mm in the hand: 100 tenths tall, 50 wide.
    expect(readOutline(svg('<rect x="10" y="0" width="20" height="40" fill="#a00"/>'), 10)).toEqual([
      { d: 'M-25,-100 L25,-100 L25,0 L-25,0 Z', colour: 0 },
    ]);
  });

  test('carries out transformations, of groups too, and turns circles and arcs into curves', () => {
    const moved = readOutline(svg('<g transform="translate(5 5)"><g transform="scale(2)"><path d="M0 0h10v10H0z"/></g></g>'), 10);
    expect(moved).toEqual([{ d: 'M-50,-100 L50,-100 L50,0 L-50,0 Z', colour: 0 }]);
    const [round] = readOutline(svg('<circle cx="20" cy="20" r="10"/>'), 10);
    expect(round?.d).toMatch(/^M-50,-50 C/);
    expect(round?.d).not.toMatch(/A/);
  });

  test('has a colour of the part for each fill, in the order in which they come; groups pass theirs on', () => {
    const paths = readOutline(
      svg(
        '<g fill="red"><path d="M0 0h9v9z"/><path d="M0 0h9v9z" fill="BLUE"/><path d="M0 0h9v9z" style="stroke:#000;fill:#0f0"/></g><g fill="red"><path d="M0 0h9v9z"/></g>',
      ),
      10,
    );
    expect(paths.map((path) => path.colour)).toEqual([0, 1, 2, 0]);
  });

  test('leaves out what draws nothing: titles, notes of editors, definitions, lines without a fill', () => {
    const drawing = svg(
      '<title>Hat</title><metadata><x:y xmlns:x="u"/></metadata><defs><path d="M0 0h99v99z"/></defs><line x1="0" y1="0" x2="9" y2="9"/><path fill="none" d="M0 0h99"/><path d="M0 0h10v10z"/>',
    );
    expect(readOutline(drawing, 10)).toHaveLength(1);
  });

  test('is what a mould may hold, to the letter', () => {
    const front = readOutline(svg('<ellipse cx="9" cy="9" rx="7" ry="3"/><path d="M0 0q5 5 10 0t10 0v4z" fill="red"/>'), 7.3);
    const mould = {
      number: 'x',
      name: 'x',
      nicknames: [],
      family: 'hat',
      revision: 1,
      material: 'rigid',
      silhouette: 'hat: crown round',
      outline: { liftMm: 6.6, front },
      fills: [['headgear']],
      geometry: { massG: 1 },
      shape: { words: [] },
      motifs: [],
      thirdParty: false,
    };
    expect(rowShapeFault('moulds', mould)).toBeNull();
    for (const d of ['M0,0 L1,1"/><script>', 'url(#a)', 'M0,0 A1,1 0 0 0 2,2', 'M0,0 javascript:x'])
      expect(rowShapeFault('moulds', { ...mould, outline: { liftMm: 0, front: [{ d, colour: 0 }] } })).not.toBeNull();
  });
});

describe('what is no outline is refused by sentence', () => {
  const PATH = '<path d="M0 0h9v9z"/>';
  test.each([
    ['a script', svg(`<script>alert(1)</script>${PATH}`), /holds a script/],
    ['a script by another spelling', svg(`<SCRIPT>alert(1)</SCRIPT>${PATH}`), /holds a script/],
    ['a style sheet', svg(`<style>path{fill:red}</style>${PATH}`), /style sheet/],
    ['a piece of a web page', svg(`<foreignObject><b/></foreignObject>${PATH}`), /foreignObject/],
    ['a copy by reference', svg(`<use href="#a"/>${PATH}`), /by reference/],
    ['a reference', svg(`<path d="M0 0h9v9z" xlink:href="http://x.example/y"/>`, 'xmlns:xlink="http://www.w3.org/1999/xlink"'), /href/],
    ['a picture', svg(`<image href="x.png"/>${PATH}`), /holds a picture/],
    ['text', svg(`<text>Hello</text>${PATH}`), /holds text/],
    ['something that moves', svg(`<path d="M0 0h9v9z"><animate attributeName="x"/></path>`), /moves/],
    ['a link', svg(`<a>${PATH}</a>`), /holds a link/],
    ['what is done when touched', svg('<path d="M0 0h9v9z" onload="alert(1)"/>'), /onload/],
    ['a gradient', svg('<path d="M0 0h9v9z" fill="url(#g)"/>'), /plain colours/],
    ['a style that reaches out', svg('<path d="M0 0h9v9z" style="fill:url(http://x.example/)"/>'), /plain colours/],
    ['entities', `<!DOCTYPE svg [<!ENTITY a "aaaa">]>${svg(PATH)}`, /entities or a document type/],
    ['an entity that nobody declared', svg(`&a;${PATH}`), /entities/],
    ['an instruction to another program', `<?xml-stylesheet href="x.css"?>${svg(PATH)}`, /instruction for another program/],
    ['an unknown element', svg(`<mesh/>${PATH}`), /“mesh”, which is no outline/],
    ['another document', '<html><body/></html>', /does not begin with an svg/],
    ['a broken document', '<svg><g></svg>', /no SVG that can be read/],
    ['no document', 'not a drawing', /no SVG that can be read/],
    ['a broken path', svg('<path d="M0 0 L 4"/>'), /path is broken/],
    ['lines alone', svg('<path fill="none" d="M0 0h9v9z"/>'), /no filled area/],
    ['a line', svg('<path d="M0 0h9h-9z"/>'), /thin as a line/],
    [
      'too many colours',
      svg(['red', 'blue', 'green', 'black'].map((fill) => `<path fill="${fill}" d="M0 0h9v9z"/>`).join('')),
      /has 4 colours/,
    ],
    ['groups without end', svg(`${'<g>'.repeat(60)}${PATH}${'</g>'.repeat(60)}`), /too deep/],
    ['a million points', svg(`<path d="M0 0${'h1v1'.repeat(1500)}"/>`), /more than 2,000 pieces/],
    ['ten megabytes', svg(`<path d="M0 0${'h1'.repeat(5_000_000)}"/>`), /longer than 500,000 characters/],
  ])('%s', (_, text, sentence) => expect(refusal(text)).toMatch(sentence));

  test('at the limit of its length it is still read quickly', () => {
    const long = svg(`<path d="M0 0 ${'h1 '.repeat((OUTLINE_LIMITS.maxCharacters - 200) / 3)}"/>`);
    expect(refusal(long)).toMatch(/more than 2,000 pieces/);
  });
});
