import { Catch, HttpException, Logger, type ArgumentsHost, type ExceptionFilter } from '@nestjs/common';
import type { NextFunction, Request, Response } from 'express';
import type { Duplex } from 'node:stream';
import { UnreadableRow } from '../sqlite/index.js';
import { Conflict, Problem, type ProblemBody } from './problem.js';

const refusal = (status: number, message: string): ProblemBody => ({ status, message, faults: [] });

/** What Express and the readers of bodies refuse, in our words. Theirs never reach a person. */
const WORDS: Readonly<Record<string, readonly [status: number, message: string]>> = {
  'entity.too.large': [413, 'What was sent is too large. Split it and send the parts.'],
  'entity.parse.failed': [400, 'What was sent is no valid JSON. Look for a missing bracket, comma or quote.'],
  'entity.verify.failed': [400, 'What was sent cannot be read. Send it again.'],
  'encoding.unsupported': [415, 'This encoding of a body is not known here. Send it plain, or as gzip.'],
  'charset.unsupported': [415, 'This character set is not known here. Send it as UTF-8.'],
  'request.aborted': [400, 'The request broke off before its end. Send it again.'],
  'request.size.invalid': [400, 'The request is not as long as it says. Send it again.'],
  'stream.encoding.set': [400, 'What was sent cannot be read. Send it again.'],
  'parameters.too.many': [400, 'The address has too many values. Send fewer.'],
};

/** What better-sqlite3 says of a connection that is closed. */
const CLOSED = 'The database connection is not open';

const BY_STATUS: Readonly<Record<number, string>> = {
  400: 'What was sent cannot be read. Look at it and send it again.',
  404: 'There is nothing at this address. Go back and choose again.',
  405: 'This cannot be done at this address.',
  406: 'This cannot be answered in the form that was asked for. Ask for JSON.',
  413: 'What was sent is too large. Split it and send the parts.',
  415: 'This kind of body is not known here. Send JSON, or CSV where a file is wanted.',
  416: 'This part of the answer does not exist. Ask for the whole.',
};

function bodyOf(error: unknown, logger: Logger): ProblemBody {
  if (error instanceof Problem || error instanceof Conflict) return error.getResponse() as ProblemBody;
  if (error instanceof UnreadableRow) {
    logger.error(error.message);
    return refusal(409, error.message);
  }
  // A page asked while Outfit is closed: what was under way is not done, and nothing is wrong.
  if (error instanceof TypeError && error.message === CLOSED)
    return refusal(503, 'Outfit is closing. What was under way is not done; do it again once it is open.');
  const { type, code } = error as { type?: unknown; code?: unknown };
  const words = typeof type === 'string' ? WORDS[type] : undefined;
  if (words) return refusal(...words);
  // A path with a stray percent sign cannot be decoded; a gzip body can break off.
  if (error instanceof URIError) return refusal(400, 'This address cannot be read. Look at its percent signs.');
  if (typeof code === 'string' && /^Z_/.test(code)) return refusal(400, 'The packed body cannot be unpacked. Send it again, or plain.');
  const status = error instanceof HttpException ? error.getStatus() : (error as { status?: unknown }).status;
  if (status === 400 && error instanceof Error && error.message.includes('JSON'))
    return refusal(...(WORDS['entity.parse.failed'] ?? [400, '']));
  if (typeof status === 'number' && status >= 400 && status < 500)
    return refusal(status, BY_STATUS[status] ?? 'This request cannot be answered. Look at it and send it again.');
  logger.error(error instanceof Error ? (error.stack ?? error.message) : error);
  return refusal(500, 'Something went wrong on our side. Nothing was changed; please try again.');
}

const logger = new Logger('Problem');

/** Answers an error in one shape, with a sentence and never with a stack. */
function answer(error: unknown, response: Response): void {
  if (response.headersSent) {
    response.end();
    return;
  }
  const body = bodyOf(error, logger);
  // What a good answer would have said of itself is not true of a refusal.
  for (const header of ['Content-Disposition', 'Content-Type', 'ETag']) response.removeHeader(header);
  response.setHeader('Cache-Control', 'no-store');
  response.status(body.status).json(body);
}

/** For what fails inside the controllers. */
@Catch()
export class ProblemFilter implements ExceptionFilter {
  catch(error: unknown, host: ArgumentsHost): void {
    answer(error, host.switchToHttp().getResponse<Response>());
  }
}

/** For what fails before or outside them: Express would answer with a page of its own. The four parameters make it an error handler. */
export function problemHandler(error: unknown, _request: Request, response: Response, _next: NextFunction): void {
  answer(error, response);
}

/** For addresses at which there is nothing. */
export function nothingHere(_request: Request, response: Response): void {
  response.status(404).json(refusal(404, BY_STATUS[404] ?? ''));
}

/** For what is no request at all, or has too much before its body: Node would answer with nothing. */
export function refuseUnreadable(error: NodeJS.ErrnoException, socket: Duplex): void {
  if (error.code === 'ECONNRESET' || !socket.writable) return;
  const isLong = error.code === 'HPE_HEADER_OVERFLOW';
  const status = isLong ? 431 : 400;
  const body = JSON.stringify(
    refusal(status, isLong ? 'The address or the headers are too long. Send fewer values.' : 'This request cannot be read. Send it again.'),
  );
  const head = [
    `HTTP/1.1 ${status} ${isLong ? 'Request Header Fields Too Large' : 'Bad Request'}`,
    'Content-Type: application/json',
    `Content-Length: ${Buffer.byteLength(body)}`,
    'Connection: close',
  ];
  socket.end(`${head.join('\r\n')}\r\n\r\n${body}`);
}
