/** This tab, among all that are open. It says so with every request, so that it need not hear of its own changes. */
export const TAB = crypto.randomUUID();
