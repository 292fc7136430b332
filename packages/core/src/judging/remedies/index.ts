export { keyOf, NO_PROPOSALS, putOnLabel, inAnotherColour, withAnotherPrint, spot, swaps, takeOff, turn } from './remedies.js';
