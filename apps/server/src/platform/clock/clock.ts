/** The clock, passed in so that tests can hold it still. */
export abstract class Clock {
  abstract now(): Date;

  /**
   * The day it is where the person is, ISO 8601: by the time zone of the machine, which is theirs. By UTC it would be yesterday
   * for an hour or more every night, or tomorrow every evening.
   *
   * @example at 23:30 UTC in Amsterdam it is the next day
   */
  today(): string {
    const now = this.now();
    return new Date(now.getTime() - now.getTimezoneOffset() * 60_000).toISOString().slice(0, 10);
  }
}

export class SystemClock extends Clock {
  now(): Date {
    return new Date();
  }
}
