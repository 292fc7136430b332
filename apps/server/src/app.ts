import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import compression from 'compression';
import type { NextFunction, Request, Response } from 'express';
import helmet from 'helmet';
import { existsSync, mkdirSync, readFileSync } from 'node:fs';
import type { Server } from 'node:http';
import { join } from 'node:path';
import sirv from 'sirv';
import { AppModule } from './app.module.js';
import { catalogueBody, drawingBody } from './catalogue/index.js';
import { loadDemo } from './demo/index.js';
import { Clock, SystemClock } from './platform/clock/index.js';
import { Database, FolderLock, openDatabase } from './platform/db/index.js';
import { pictureBody } from './platform/files/index.js';
import {
  csvBody,
  ledgerBody,
  inGoodTime,
  jsonBody,
  nothingHere,
  ProblemFilter,
  problemHandler,
  refuseUnreadable,
  sameMachine,
  validation,
} from './platform/http/index.js';
import { rememberTab } from './platform/live/index.js';
import { onlyOnce } from './platform/once/index.js';
import { SCHEMA } from './schema.js';
import { type OwnWorkspace, WorkspaceHost } from './workspaces/index.js';

export interface AppOptions {
  /** Folder of the person's data; made when missing. */
  readonly dataFolder: string;
  /** Folder of the built web application, or null to serve the API alone. */
  readonly webFolder: string | null;
  /** Fill an empty database with the demo world. */
  readonly demo: boolean;
  /** The machine's own unless one is given. */
  readonly clock?: Clock;
}

/** What each workspace of one server is opened with. */
type Shared = Required<Pick<AppOptions, 'webFolder' | 'clock'>>;

const SECURITY = helmet({
  contentSecurityPolicy: {
    useDefaults: false,
    directives: {
      defaultSrc: ["'none'"],
      scriptSrc: ["'self'"],
      workerSrc: ["'self'"],
      styleSrc: ["'self'", "'unsafe-inline'"],
      imgSrc: ["'self'", 'data:', 'blob:'],
      fontSrc: ["'self'"],
      connectSrc: ["'self'"],
      formAction: ["'none'"],
      baseUri: ["'none'"],
      frameAncestors: ["'none'"],
    },
  },
  strictTransportSecurity: false,
});

/** Answers are sent compressed, a whole catalogue is a tenth then; what is told as it happens goes out at once. */
const squeezed = compression({
  level: 4,
  filter: (request, response) =>
    !String(response.getHeader('content-type')).startsWith('text/event-stream') && compression.filter(request, response),
});

/**
 * Builds the application, not yet listening. Takes the data folder for itself: a second server on it is refused. Throws
 * StartRefused with a sentence for what a person can put right.
 */
export function createApp({ dataFolder, webFolder, demo, clock = new SystemClock() }: AppOptions): Promise<NestExpressApplication> {
  const shared = { webFolder, clock };
  const host: WorkspaceHost = new WorkspaceHost(dataFolder, demo, (folder, path, begin) =>
    openWorkspace({ folder, path }, shared, begin === 'demo', host),
  );
  return openWorkspace({ folder: dataFolder, path: '' }, shared, demo, host);
}

/** One workspace, its database open and its folder locked. */
async function openWorkspace(own: OwnWorkspace, shared: Shared, demo: boolean, host: WorkspaceHost): Promise<NestExpressApplication> {
  const dataFolder = own.folder;
  mkdirSync(dataFolder, { recursive: true });
  const lock = FolderLock.take(dataFolder);
  let database: Database | null = null;
  try {
    database = await openDatabase(join(dataFolder, 'outfit.sqlite'), SCHEMA, shared.clock.now());
    const app = await buildApp(own, database, lock, shared, host);
    if (demo) await loadDemo(app);
    return app;
  } catch (error) {
    database?.close();
    lock.release();
    throw error;
  }
}

async function buildApp(
  own: OwnWorkspace,
  database: Database,
  lock: FolderLock,
  { webFolder, clock }: Shared,
  host: WorkspaceHost,
): Promise<NestExpressApplication> {
  const app = await NestFactory.create<NestExpressApplication>(AppModule.over(own, { database, lock, clock }, host), {
    bodyParser: false,
    logger: ['error', 'warn'],
    abortOnError: false,
    // An open progress page would keep a closing server waiting for ever.
    forceCloseConnections: true,
  });
  app.setGlobalPrefix('api');
  if (own.path === '') app.use(sameMachine, host.dispatch);
  app.use(sameMachine, SECURITY, rememberTab, inGoodTime, squeezed, onlyOnce(database, clock));
  app.use('/api/errands/solve', jsonBody('10mb'));
  app.use('/api/catalogue/import', catalogueBody);
  app.use('/api/catalogue/outlines', drawingBody);
  app.use(['/api/catalogue/photographs', '/api/catalogue/stack', '/api/figures/:id/references', '/api/wardrobe/pictures'], pictureBody);
  app.use('/api/wardrobe/ledger', ledgerBody);
  app.use(jsonBody('1mb'), csvBody);
  if (webFolder !== null) serveWeb(app, webFolder, own.path);
  app.useGlobalPipes(validation());
  app.useGlobalFilters(new ProblemFilter());
  if (own.path === '') app.enableShutdownHooks();
  await app.init();
  (app.getHttpServer() as Server).on('clientError', refuseUnreadable);
  // After the routes: whatever no controller answered, and whatever failed before one was reached.
  app.use(nothingHere, problemHandler);
  return app;
}

/**
 * Serves the built pages, as the build compressed them; every address of the application that is no file answers with its one
 * page. Files under /assets have the hash of what is in them in their names and are never asked for twice.
 */
function serveWeb(app: NestExpressApplication, folder: string, path: string): void {
  const page = join(folder, 'index.html');
  if (!existsSync(page)) throw new Error(`The web application is not built: there is no ${page}.`);
  // What a page of a workspace beside the first asks for ahead is its own.
  const beside = path === '' ? null : readFileSync(page, 'utf8').replaceAll('href="/api/', `href="${path}/api/`);
  const files = sirv(folder, {
    brotli: true,
    etag: true,
    extensions: [],
    setHeaders: (response, path) =>
      response.setHeader('Cache-Control', path.startsWith('/assets/') ? 'public, max-age=31536000, immutable' : 'no-cache'),
  });
  app.use((request: Request, response: Response, next: NextFunction) => {
    if (request.path.startsWith('/api/')) return next();
    files(request, response, () => {
      if (!['GET', 'HEAD'].includes(request.method) || request.path.includes('.')) return next();
      if (beside !== null) return void response.type('html').set('Cache-Control', 'no-cache').send(beside);
      request.url = '/index.html';
      files(request, response, next);
    });
  });
}
