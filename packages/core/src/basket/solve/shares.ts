/** Seconds that comparing may take beyond the time for the plan. */
export const COMPARING_SECONDS = 12;

/** Shares of the time that search and bound may take at most; proving needs the rest. */
export const SEARCH_SHARE = 0.25;
export const ONE_BY_ONE_SHARE = 0.1;
export const STANDING_SHARE = 0.2;
export const SHORTAGE_SHARE = 0.4;
export const CLOSE_IN_SHARE = 0.97;
export const CLOSE_IN_SHARE_OF_BOUND_TRIPS = 0.15;
export const PART_SHARE = 0.9;
/** A large model takes seconds to build and presolve: it is not begun when the time is nearly over. */
export const LATEST_START = 0.8;
export const TRIES_PER_ROW = 6;
export const MOST_TRIES = 120_000;
/** Small problems are proven before a bound by relaxation would pay. */
export const LARGE_FROM_ROWS = 600;
/** What each round tries of all there is to try: little before anything is known of what parts are worth. */
export const ROUND_SHARES = [1 / 32, 1 / 4];
/** A small problem is searched in one round, which takes a moment. */
export const SMALL_SHARE = 2;
export const BOUND_ROUNDS = 500;
