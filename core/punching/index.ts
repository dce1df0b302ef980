export { punchOut, punchSpots } from './punchOut';
export type { PunchWish } from './punchOut';
export { halfExtent } from './hole';
export { holeRects } from './holeRects';
export type { Hole, Lie, Scrap } from './types';
