export { CataloguePage } from './CataloguePage';
export { ColourPage } from './ColourPage';
export { MouldPage } from './MouldPage';
export { OwnPage } from './OwnPage';
export { PrintPage } from './PrintPage';
export { SourcePage } from './SourcePage';
export { SourcesPage } from './SourcesPage';
export { VariantPage } from './VariantPage';
