import { HttpException } from '@nestjs/common';
import type { Fault } from '@outfit/core';

/** What the client is told: a sentence a person can act on, and where each fault is. */
export interface ProblemBody {
  readonly status: number;
  readonly message: string;
  readonly faults: readonly Fault[];
}

/** A refusal with a sentence. 4xx only: a 5xx is a defect, never thrown on purpose. */
export class Problem extends HttpException {
  constructor(status: 400 | 403 | 404 | 409 | 413 | 422, message: string, faults: readonly Fault[] = []) {
    super({ status, message, faults } satisfies ProblemBody, status);
  }
}

export const notFound = (kind: string, id: string): Problem =>
  new Problem(404, `There is no ${kind} "${id}". It may have been removed; go back and choose again.`);
