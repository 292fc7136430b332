/** The clock, passed in so that tests can hold it still. */
export abstract class Clock {
  abstract now(): Date;

  /** Today's day, ISO 8601. */
  today(): string {
    return this.now().toISOString().slice(0, 10);
  }
}

export class SystemClock extends Clock {
  now(): Date {
    return new Date();
  }
}
