import { ValidationPipe, type ValidationError } from '@nestjs/common';
import type { Fault } from '@outfit/core';
import { Problem } from './problem.js';

function faultsOf(errors: readonly ValidationError[], path = ''): Fault[] {
  return errors.flatMap((error) => {
    const at = `${path}/${error.property}`;
    const own = Object.values(error.constraints ?? {}).map((text) => ({ path: at, sentence: `${text}.` }));
    return [...own, ...faultsOf(error.children ?? [], at)];
  });
}

/** Refuses bodies with unknown keys or values out of bounds, naming each by its path. */
export const validation = (): ValidationPipe =>
  new ValidationPipe({
    whitelist: true,
    forbidNonWhitelisted: true,
    transform: true,
    exceptionFactory: (errors) => {
      const faults = faultsOf(errors);
      return new Problem(400, faults[0] ? `${faults[0].path}: ${faults[0].sentence}` : 'What was sent cannot be read.', faults);
    },
  });
