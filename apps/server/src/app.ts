import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { getDataSourceToken } from '@nestjs/typeorm';
import { json, static as serveStatic, type NextFunction, type Request, type Response } from 'express';
import helmet from 'helmet';
import { existsSync, mkdirSync } from 'node:fs';
import { join } from 'node:path';
import type { DataSource } from 'typeorm';
import { AppModule } from './app.module.js';
import { catalogueBody, CatalogueService } from './catalogue/index.js';
import { Clock } from './common/clock.js';
import { csvBody } from './common/csvBody.js';
import { ProblemFilter } from './common/problem.filter.js';
import { AdvanceService } from './market/index.js';
import { pictureBody } from './common/rasters.js';
import { sameMachine } from './common/sameMachine.js';
import { validation } from './common/validation.js';
import { loadDemo } from './demo/loadDemo.js';

export interface AppOptions {
  /** Folder of the person's data; made when missing. */
  readonly dataFolder: string;
  /** Folder of the built web application, or null to serve the API alone. */
  readonly webFolder: string | null;
  /** Fill an empty database with the demo world. */
  readonly demo: boolean;
}

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

/** Builds the application, not yet listening. */
export async function createApp({ dataFolder, webFolder, demo }: AppOptions): Promise<NestExpressApplication> {
  mkdirSync(dataFolder, { recursive: true });
  const app = await NestFactory.create<NestExpressApplication>(AppModule.over(dataFolder), {
    bodyParser: false,
    logger: ['error', 'warn'],
    abortOnError: false,
  });
  app.setGlobalPrefix('api');
  app.use(sameMachine, SECURITY);
  app.use('/api/errands/solve', json({ limit: '10mb' }));
  app.use('/api/catalogue/import', catalogueBody);
  app.use(['/api/catalogue/photographs', '/api/figures/:id/references'], pictureBody);
  app.use(json({ limit: '1mb' }), csvBody);
  if (webFolder !== null) serveWeb(app, webFolder);
  app.useGlobalPipes(validation());
  app.useGlobalFilters(new ProblemFilter());
  app.enableShutdownHooks();
  if (demo)
    await loadDemo(app.get<DataSource>(getDataSourceToken()), app.get(CatalogueService), app.get(AdvanceService), app.get(Clock).today());
  return app;
}

/** Serves the built pages; every address of the application that is no file answers with its one page. */
function serveWeb(app: NestExpressApplication, folder: string): void {
  const page = join(folder, 'index.html');
  if (!existsSync(page)) throw new Error(`The web application is not built: there is no ${page}.`);
  app.use('/assets', serveStatic(join(folder, 'assets'), { immutable: true, maxAge: '1y', fallthrough: false }));
  app.use(serveStatic(folder, { index: false }));
  app.use((request: Request, response: Response, next: NextFunction) => {
    if (request.method !== 'GET' || request.path.startsWith('/api/') || request.path.includes('.')) return next();
    response.setHeader('Cache-Control', 'no-cache');
    response.sendFile(page);
  });
}
