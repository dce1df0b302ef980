export type { JobError } from './jobError';
export { readCutJob, writeCutResult } from './cutJob';
export { lackingWords, readShareJob, writeShareResult } from './shareJob';
export { differences } from './differenceJob';
export { schemaProblem } from './schemaProblem';
export { palette } from './paletteJob';
export { join } from './joinJob';
export { gut } from './gutJob';
