export { FileTurns } from './fileTurns.service.js';
export { ImportingModule } from './importing.module.js';
export { AgreementQuery, ImportReportDto } from './importReport.dto.js';
export type { Agreement } from '../tables/index.js';
export { orRefuse, readSmallTable } from './smallTable.js';
export { ImportsService } from './imports.service.js';
