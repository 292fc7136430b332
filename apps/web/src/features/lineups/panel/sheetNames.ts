/** The sheets a line-up is changed on, as their buttons are called. */
export const SHEETS = { about: 'About', house: 'House rules', roles: 'Roles', seats: 'Seats', copies: 'Copies' } as const;
export type SheetName = keyof typeof SHEETS;
