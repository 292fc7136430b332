/** An amount as it is typed, in minor units; not a number when it is none. */
export const minorOf = (text: string): number => Math.round(Number((text || '0').replace(',', '.')) * 100);
