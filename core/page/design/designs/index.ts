import type { Design } from '../design';
import { banners } from './banners';
import { photoBlock } from './photoBlock';
import { borderedRows } from './borderedRows';
import { boxStack } from './boxStack';
import { circles } from './circles';
import { framedGround } from './framedGround';
import { grid } from './grid';
import { halfCircles } from './halfCircles';
import { lShape } from './lShape';
import { notebookSpread } from './notebookSpread';
import { pocketPage } from './pocketPage';
import { scrapPatchwork } from './scrapPatchwork';
import { stripBands } from './stripBands';
import { wreath } from './wreath';

/** All designs, in the order they are offered. A new one is a file of its own and a line here. */
export const DESIGNS: readonly Design[] = [
  framedGround,
  stripBands,
  boxStack,
  photoBlock,
  banners,
  grid,
  lShape,
  scrapPatchwork,
  circles,
  halfCircles,
  borderedRows,
  wreath,
  pocketPage,
  notebookSpread,
];

export const designOf = (id: string): Design | null => DESIGNS.find((design) => design.id === id) ?? null;
