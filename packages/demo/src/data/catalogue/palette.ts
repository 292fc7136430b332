import type { Colour, ColourKind, Finish, SkinSchool } from '@outfit/core';

const CLOTH = `chalk F4F1E8, oatmeal D9CDB4, fog B9BEC2, slate 6B747C, soot 2B2D31, ink 1B2742, woad 3F628F, bluebell 7C8CC9,
  sky-wash A9CBE0, lagoon 1F7F8C, verdigris 5FA391, moss 5E7042, fern 3F8F4F, pear B8C25A, weld E0C243, saffron E59A2B,
  apricot F0B27E, brick-dust B5543C, madder A8323A, cochineal C4265B, rose-hip D9707F, petal F0C4C8, heather 9A7BA6,
  damson 5A2F5C, walnut 5B4030, chestnut 7B4A32, teak A06A3C, straw D8B96A, hay C9A94E, bark 43362C, peat 3A3328,
  rust 9C4A22, bottle 1E4D3B, storm 46566B, mallow B5508C, lichen A8B08A`;
const HAIR = 'silver C7C9CC, frost E9EDF0, ember C25A24, raven 17181C';
const NATURAL = 'almond E6B98F, wheat D9A273, honey C18A57, clay A56B43, cocoa 7A4A30, umber 56331F, shell F0CFB0, rosewood 8E4E3A';
const HOUSE = 'biscuit E8C58A';
const METAL = 'brass B08D4A, pewter 8C8F93, copper B06A45, tin C9CCCE';
const CLEAR = 'clear-glass DDE9EC, clear-amber E8B04A, clear-sea 6FB7BF, clear-rose E3A0AE';

const read = (text: string, kind: ColourKind, finish: Finish, skinSchool?: SkinSchool): Colour[] =>
  text.split(',').map((entry) => {
    const [id = '', hex = ''] = entry.trim().split(' ');
    return { id, name: id.replace('-', ' '), hex: `#${hex}`, finish, kind, ...(skinSchool ? { skinSchool } : {}) };
  });

/** The dyer's palette of the Pegwell line. */
export const COLOURS: readonly Colour[] = [
  ...read(CLOTH, 'cloth', 'solid'),
  ...read(HAIR, 'hair', 'solid'),
  ...read(NATURAL, 'skin', 'solid', 'natural'),
  ...read(HOUSE, 'skin', 'solid', 'house'),
  ...read(METAL, 'metal', 'metallic'),
  ...read(CLEAR, 'clear', 'clear'),
];
