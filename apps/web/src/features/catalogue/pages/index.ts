export { ColourPage } from './ColourPage';
export { ColoursInOneLook } from './ColoursInOneLook';
export { MouldPage } from './MouldPage';
export { Photographs } from './Photographs';
export { SourcePage } from './SourcePage';
export { SourcesPage } from './SourcesPage';
export { useSources } from './useSources';
export { VariantPage } from './VariantPage';
