export { OwnPage, PrintPage } from './forms';
export { ColourPage, MouldPage, SourcePage, SourcesPage, VariantPage } from './pages';
export { CataloguePage } from './search';
