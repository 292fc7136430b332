import type { INestApplication } from '@nestjs/common';
import { DocumentBuilder, type OpenAPIObject, SwaggerModule } from '@nestjs/swagger';

/** The wire, described from the DTOs: what the web client is generated from. */
export function openApiDocument(app: INestApplication): OpenAPIObject {
  const config = new DocumentBuilder().setTitle('Outfit').setVersion('1').build();
  return SwaggerModule.createDocument(app, config);
}
