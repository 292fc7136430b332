import { Controller, Sse, type MessageEvent } from '@nestjs/common';
import { ApiExcludeEndpoint } from '@nestjs/swagger';
import { interval, map, merge, of, type Observable } from 'rxjs';
import { LiveService } from './live.service.js';

const BEAT_MS = 25_000;

@Controller('live')
export class LiveController {
  constructor(private readonly service: LiveService) {}

  /** Server-sent events: first a greeting, then every change; a beat between, so that a dead line is noticed. */
  @Sse()
  @ApiExcludeEndpoint()
  events(): Observable<MessageEvent> {
    return merge(
      of({ type: 'hello', data: {} }),
      this.service.watch().pipe(map((told): MessageEvent => ({ type: 'changed', data: told }))),
      interval(BEAT_MS).pipe(map((): MessageEvent => ({ type: 'beat', data: {} }))),
    );
  }
}
