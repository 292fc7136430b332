/** The ways to look at a line-up, each with its address. */
export const WAYS = ['stage', 'table', 'variety', 'order', 'fixes'] as const;
export type Way = (typeof WAYS)[number];

export const WAY_NAMES: Readonly<Record<Way, string>> = {
  stage: 'Stage',
  table: 'Table',
  variety: 'Variety',
  order: 'Order',
  fixes: 'Fix list',
};

export const isWay = (text: string): text is Way => (WAYS as readonly string[]).includes(text);

export const pathTo = (lineUp: string, way: Way): string => (way === 'stage' ? `/line-ups/${lineUp}` : `/line-ups/${lineUp}/${way}`);
