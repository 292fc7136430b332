/** Outfit does not start, and says why in one sentence a person can act on. */
export class StartRefused extends Error {}
