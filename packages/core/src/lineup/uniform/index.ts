export { changeEffect, type ChangeEffect } from './effect.js';
export { afterUniformChange, type Reaches, type UniformChange, uniformOf, type Wearing, wearingOf } from './uniform.js';
export { type ArmyCopy, spreadOut, copiesOf, distinctCopies, spreadKinds } from './variations.js';
