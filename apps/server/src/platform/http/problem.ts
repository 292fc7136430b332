import { HttpException } from '@nestjs/common';
import { type Fault, quote } from '@outfit/core';

/** What the client is told: a sentence a person can act on, and where each fault is. */
export interface ProblemBody {
  readonly status: number;
  readonly message: string;
  readonly faults: readonly Fault[];
  /** What stands on the server, when somebody else has changed it meanwhile: to be shown beside what was sent. */
  readonly current?: unknown;
}

/** 507 is said of a disk that is full; every other 5xx is a defect and never thrown on purpose. */
export type ProblemStatus = 400 | 403 | 404 | 408 | 409 | 413 | 415 | 422 | 428 | 429 | 507;

/** A refusal with a sentence. */
export class Problem extends HttpException {
  constructor(status: ProblemStatus, message: string, faults: readonly Fault[] = []) {
    super({ status, message, faults } satisfies ProblemBody, status);
  }
}

/** Somebody else has changed what was about to be written: nothing is, and both are shown. */
export class Conflict extends HttpException {
  constructor(what: string, current: unknown) {
    const message = `${what} has been changed elsewhere meanwhile, perhaps in another tab. Nothing was saved; look at both and choose.`;
    super({ status: 409, message, faults: [], current } satisfies ProblemBody, 409);
  }
}

export const notFound = (kind: string, id: string): Problem =>
  new Problem(404, `There is no ${kind} ${quote(id)}. It may have been removed; go back and choose again.`);
