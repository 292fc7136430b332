export { OffersFilesService } from './offersFiles.service.js';
