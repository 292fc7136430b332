export { SearchAnswerDto, SearchQuery } from './search.dto.js';
export { SearchService } from './search.service.js';
