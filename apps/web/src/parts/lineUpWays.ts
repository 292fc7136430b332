interface LineUpWay {
  readonly id: string;
  readonly name: string;
  /** What it is called where one goes to it by name. */
  readonly title: (lineUp: string) => string;
}

/** The ways to look at a line-up: whoever shows, names or finds one reads them here. The first is at the line-up's own address. */
export const LINE_UP_WAYS = [
  { id: 'stage', name: 'Stage', title: (lineUp) => `Stage of ${lineUp}` },
  { id: 'table', name: 'Table', title: (lineUp) => `Table of ${lineUp}` },
  { id: 'variety', name: 'Variety', title: (lineUp) => `Variety in ${lineUp}` },
  { id: 'order', name: 'Order', title: (lineUp) => `Order and packs of ${lineUp}` },
  { id: 'fixes', name: 'Fix list', title: (lineUp) => `Fix list of ${lineUp}` },
] as const satisfies readonly LineUpWay[];
export type Way = (typeof LINE_UP_WAYS)[number]['id'];

/** The way an address names, the stage when it names none; null for one that there is not. */
export const wayOf = (text: string | undefined): (typeof LINE_UP_WAYS)[number] | null =>
  LINE_UP_WAYS.find(({ id }) => id === (text ?? 'stage')) ?? null;

export const pathTo = (lineUp: string, way: Way): string => (way === 'stage' ? `/line-ups/${lineUp}` : `/line-ups/${lineUp}/${way}`);
