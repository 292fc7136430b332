export { keyOf, NO_PROPOSALS, inAnotherColour, withAnotherPrint, spot, swaps, takeOff, turn } from './remedies.js';
