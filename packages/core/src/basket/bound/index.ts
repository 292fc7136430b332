export { lagrangianBound, sellersRuledOut } from './lagrangian.js';
