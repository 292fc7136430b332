import { Catch, HttpException, Logger, type ArgumentsHost, type ExceptionFilter } from '@nestjs/common';
import type { Response } from 'express';
import { Problem, type ProblemBody } from './problem.js';

/** Answers every error in one shape, with a sentence and never with a stack. */
@Catch()
export class ProblemFilter implements ExceptionFilter {
  private readonly logger = new Logger('Problem');

  catch(error: unknown, host: ArgumentsHost): void {
    const response = host.switchToHttp().getResponse<Response>();
    if (response.headersSent) {
      response.end();
      return;
    }
    const body = this.bodyOf(error);
    response.status(body.status).json(body);
  }

  private bodyOf(error: unknown): ProblemBody {
    if (error instanceof Problem) return error.getResponse() as ProblemBody;
    const status = error instanceof HttpException ? error.getStatus() : (error as { status?: unknown }).status;
    const type = (error as { type?: unknown }).type;
    if (type === 'entity.too.large')
      return { status: 413, message: 'What was sent is too large. Split it and send the parts.', faults: [] };
    // Nest turns the parser's SyntaxError into a 400 of its own, keeping only the engine's message.
    if (type === 'entity.parse.failed' || (status === 400 && error instanceof Error && error.message.includes('JSON')))
      return { status: 400, message: 'What was sent is not valid JSON.', faults: [] };
    if (status === 404) return { status: 404, message: 'There is nothing at this address.', faults: [] };
    if (typeof status === 'number' && status >= 400 && status < 500)
      return { status, message: error instanceof Error ? error.message : 'This request cannot be answered.', faults: [] };
    this.logger.error(error);
    return { status: 500, message: 'Something went wrong on our side. Nothing was changed; please try again.', faults: [] };
  }
}
