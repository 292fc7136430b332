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

/** Goes on from a moment that it is given, as fast as time does: to run Outfit as it will be on another day. */
export class ClockFrom extends Clock {
  private readonly startedAt = performance.now();

  constructor(private readonly from: Date) {
    super();
  }

  now(): Date {
    return new Date(this.from.getTime() + performance.now() - this.startedAt);
  }
}
