export { coverLayers } from './coverLayers';
export type { LayerCover } from './coverLayers';
export type { CircleShape, CoverLayer, RectShape } from './shapes';
