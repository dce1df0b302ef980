export { punchOut, punchSpots } from './punchOut';
export type { PunchWish } from './punchOut';
export { halfExtent, holeArea } from './hole';
export { holeBox, holeRects } from './holeRects';
export type { Scrap } from './types';
