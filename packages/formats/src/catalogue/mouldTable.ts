import { GRIPS, isPosition, MATERIALS, type Mould, type MouldGeometry, type OwnOutline, type Position, type Region } from '@outfit/core';
import { nameColumn, oneOf, type Refusal, refuse, text, wholeNumber } from '../table/index.js';
import { shapeCheck } from '../shape/index.js';
import { blank, type CatalogueTable, cell, decimal, list, listOf, optional, some } from './columns.js';
import { OWN_OUTLINE } from './schema.js';

/** "headgear + neck.1; neck.2": alternatives by semicolon, what is taken at once by plus. */
function readFills(at: string): readonly Position[][] | Refusal {
  const fills = at.split(';').map((one) => one.split('+').map((position) => position.trim()));
  const wrong = fills.flat().find((position) => !isPosition(position));
  return wrong === undefined ? (fills as Position[][]) : refuse(`“${wrong}” is no position.`);
}

/** "head.back 0.7; head.side 0.5" */
function readCovers(at: string): Readonly<Partial<Record<Region, number>>> | Refusal {
  const covers: Partial<Record<Region, number>> = {};
  for (const one of at.split(';')) {
    const match = /^\s*([\w.]+)\s+([\d.]+)\s*$/.exec(one);
    const share = Number(match?.[2]);
    if (!match || !(share >= 0 && share <= 1)) return refuse('Write a region and a fraction from 0 to 1, such as “head.back 0.7”.');
    covers[match[1] as Region] = share;
  }
  return covers;
}

const isOutline = shapeCheck<OwnOutline>(OWN_OUTLINE);

/** An outline of one's own as JSON, as it stands in an archive. */
function readOwnOutline(at: string): OwnOutline | Refusal {
  const no = refuse('This is no outline: copy the whole cell from a file that was written out.');
  try {
    const read = JSON.parse(at) as OwnOutline;
    return isOutline()(read) ? read : no;
  } catch {
    return no;
  }
}

const mm = (name: string) => optional(decimal(name, 0, 500));
const geometryCell = (name: string, key: keyof MouldGeometry) =>
  cell(mm(name), (row: Mould) => blank(row.geometry[key] as number | undefined));

export const mouldTable: CatalogueTable<Mould> = {
  columns: {
    number: cell(nameColumn('mould'), (row) => row.number),
    name: cell(nameColumn('name'), (row) => row.name),
    nicknames: cell(listOf('nicknames'), (row) => list(row.nicknames)),
    family: cell(nameColumn('family'), (row) => row.family),
    revision: cell(wholeNumber('revision', 1, 99, 1), (row) => String(row.revision)),
    revisionNote: cell(optional(text('revision note')), (row) => blank(row.revisionNote)),
    material: cell(oneOf('material', MATERIALS, 'rigid'), (row) => row.material),
    silhouette: cell(text('silhouette'), (row) => row.silhouette),
    outline: cell(optional({ name: 'outline', read: readOwnOutline }), (row) => (row.outline ? JSON.stringify(row.outline) : '')),
    fills: cell({ name: 'fills', read: readFills }, (row) => list(row.fills.map((one) => one.join(' + ')))),
    words: cell(listOf('shape words'), (row) => list(row.shape.words)),
    length: cell(optional(wholeNumber('length', 0, 4)), (row) => blank(row.shape.length)),
    motifs: cell(listOf('motifs'), (row) => list(row.motifs)),
    colourNames: cell(listOf('colour names'), (row) => list(row.colourNames ?? [])),
    hairColour: cell(optional(wholeNumber('hair colour', 0, 2)), (row) => blank(row.hairColour)),
    skinColour: cell(optional(wholeNumber('skin colour', 0, 2)), (row) => blank(row.skinColour)),
    thirdParty: cell(oneOf('third party', ['yes', 'no'], 'no'), (row) => (row.thirdParty ? 'yes' : '')),
    brittleBefore: cell(optional(wholeNumber('brittle before', 1900, 2100)), (row) => blank(row.brittleBefore)),
    sizeWidth: cell(mm('width mm'), (row) => blank(row.sizeMm?.width)),
    sizeHeight: cell(mm('size height mm'), (row) => blank(row.sizeMm?.height)),
    sizeDepth: cell(mm('size depth mm'), (row) => blank(row.sizeMm?.depth)),
    massG: cell(decimal('mass g', 0, 1000), (row) => String(row.geometry.massG)),
    heightMm: geometryCell('height mm', 'heightMm'),
    riseMm: geometryCell('rise mm', 'riseMm'),
    thicknessMm: geometryCell('thickness mm', 'thicknessMm'),
    centreHeightMm: geometryCell('centre height mm', 'centreHeightMm'),
    backDropMm: geometryCell('back drop mm', 'backDropMm'),
    backDepthMm: geometryCell('back depth mm', 'backDepthMm'),
    collarRiseMm: geometryCell('collar rise mm', 'collarRiseMm'),
    grip: cell(optional(oneOf('grip', GRIPS)), (row) => blank(row.geometry.grip)),
    twoHanded: cell(oneOf('two hands', ['yes', 'no'], 'no'), (row) => (row.geometry.twoHanded ? 'yes' : '')),
    holes: cell(listOf('holes'), (row) => list(row.geometry.holes ?? [])),
    fits: cell(listOf('fits'), (row) => list(row.geometry.fits ?? [])),
    covers: cell(optional({ name: 'covers', read: readCovers }), (row) =>
      list(Object.entries(row.geometry.covers ?? {}).map(([region, share]) => `${region} ${share}`)),
    ),
  },
  row: (cells) => {
    const {
      words: shapeWords,
      length,
      colourNames,
      hairColour,
      skinColour,
      thirdParty,
      sizeWidth,
      sizeHeight,
      sizeDepth,
      revisionNote,
      brittleBefore,
      outline,
      ...rest
    } = cells;
    const {
      massG,
      heightMm,
      riseMm,
      thicknessMm,
      centreHeightMm,
      backDropMm,
      backDepthMm,
      collarRiseMm,
      grip,
      twoHanded,
      holes,
      fits,
      covers,
      ...plain
    } = rest;
    return {
      ...plain,
      ...some('outline', outline),
      ...some('revisionNote', revisionNote),
      ...(colourNames.length > 0 ? { colourNames } : {}),
      ...some('hairColour', hairColour),
      ...some('skinColour', skinColour),
      ...some('brittleBefore', brittleBefore),
      ...(sizeWidth === null || sizeHeight === null || sizeDepth === null
        ? {}
        : { sizeMm: { width: sizeWidth, height: sizeHeight, depth: sizeDepth } }),
      shape: { words: shapeWords, ...some('length', length) },
      thirdParty: thirdParty === 'yes',
      geometry: {
        massG,
        ...some('heightMm', heightMm),
        ...some('riseMm', riseMm),
        ...some('thicknessMm', thicknessMm),
        ...some('centreHeightMm', centreHeightMm),
        ...some('backDropMm', backDropMm),
        ...some('backDepthMm', backDepthMm),
        ...some('collarRiseMm', collarRiseMm),
        ...some('grip', grip),
        ...(twoHanded === 'yes' ? { twoHanded: true } : {}),
        ...(holes.length > 0 ? { holes } : {}),
        ...(fits.length > 0 ? { fits } : {}),
        ...some('covers', covers),
      },
    } as Mould;
  },
};
