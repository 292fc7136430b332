import { ValidationPipe, type ValidationError } from '@nestjs/common';
import { type Fault, quote } from '@outfit/core';
import { Problem } from './problem.js';

const MOST_FAULTS = 100;

/** A field of ours tells what is wrong with it; whatever else class-validator finds is a name nobody knows here. */
function sentencesOf({ property, constraints = {}, value }: ValidationError): string[] {
  if (constraints['field'] !== undefined) return [constraints['field']];
  if ('whitelistValidation' in constraints) return [`${quote(property)} is not known here: leave it out.`];
  // Nested rows tell their own faults; only one that is no row at all says it here.
  return 'nestedValidation' in constraints || 'unknownValue' in constraints
    ? [`${quote(property === '' ? value : property)} cannot be read: send it with its fields.`]
    : [];
}

function faultsOf(errors: readonly ValidationError[], path = ''): Fault[] {
  return errors.flatMap((error) => {
    const at = `${path}/${error.property}`;
    return [...sentencesOf(error).map((sentence) => ({ path: at, sentence })), ...faultsOf(error.children ?? [], at)];
  });
}

/** Refuses what has unknown keys or values that cannot be meant, each named by its path and told in its words on the screen. */
export const validation = (): ValidationPipe =>
  new ValidationPipe({
    whitelist: true,
    forbidNonWhitelisted: true,
    forbidUnknownValues: true,
    transform: true,
    exceptionFactory: (errors) => {
      const faults = faultsOf(errors).slice(0, MOST_FAULTS);
      return new Problem(400, faults[0]?.sentence ?? 'What was sent cannot be read. Look at the fields and send it again.', faults);
    },
  });
