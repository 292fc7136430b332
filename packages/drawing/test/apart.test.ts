import { Catalogue } from '@outfit/core';
import { demoWorld } from '@outfit/demo';
import { expect, test } from '@jest/globals';
import { drawLook } from '../src/index.js';

const { catalogue: data } = demoWorld();
const catalogue = new Catalogue(data);
const keeper = data.officialFigures.find((figure) => figure.id === 'LR-07-a');
const look = { parts: keeper?.parts ?? [], overrules: [] };
const draw = (more: Partial<Parameters<typeof drawLook>[2]>) => drawLook(look, catalogue, { view: 'front', idPrefix: 'x', ...more });
const translations = (markup: string, position: string): readonly string[] =>
  [...markup.matchAll(new RegExp(`<g data-position="${position.replace('.', '\\.')}">(.*?)(?=<g data-position|$)`, 'g'))].flatMap((group) =>
    [...(group[1] ?? '').matchAll(/translate\(([-\d. ]+)\)/g)].map((found) => found[1] ?? ''),
  );

test('a part that is absent is not drawn, and nothing else moves for it', () => {
  const [whole, without] = [draw({}), draw({ absent: new Set(['hips', 'lower']) })];
  expect(without.joints).toEqual(whole.joints);
  expect(without.markup).not.toContain('data-position="hips"');
  expect(translations(without.markup, 'head')).toEqual(translations(whole.markup, 'head'));
});

test('a part that is held away is drawn by so much beside its place', () => {
  const [x, y] = (translations(draw({}).markup, 'head')[0] ?? '').split(' ').map(Number);
  const [awayX, awayY] = (translations(draw({ apart: new Map([['head', { x: 40, y: -100 }]]) }).markup, 'head')[0] ?? '')
    .split(' ')
    .map(Number);
  expect([awayX, awayY]).toEqual([(x ?? 0) + 40, (y ?? 0) - 100]);
});
