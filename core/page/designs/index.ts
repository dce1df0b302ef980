import type { Design } from '../design';
import { boxStack } from './boxStack';
import { framedGround } from './framedGround';
import { stripBands } from './stripBands';

/** All designs, in the order they are offered. A new one is a file of its own and a line here. */
export const DESIGNS: readonly Design[] = [framedGround, stripBands, boxStack];

export const designOf = (id: string): Design | null => DESIGNS.find((design) => design.id === id) ?? null;
