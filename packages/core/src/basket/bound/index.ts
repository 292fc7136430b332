export { lagrangianBound, openingLosses, type OpeningLosses, sellersRuledOut } from './lagrangian.js';
