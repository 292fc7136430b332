export { ImportingModule } from './importing.module.js';
export { AgreementQuery, ImportReportDto } from './importReport.dto.js';
export { ImportsService } from './imports.service.js';
