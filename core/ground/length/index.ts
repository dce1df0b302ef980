export { TICKS_PER_INCH, TICKS_PER_MM, inches, mm, ticks, ticksPer, toInches, toMm } from './ticks';
export type { Ticks, Unit } from './ticks';
export { numberToTicks, parseLength } from './parseLength';
export type { LengthError } from './parseLength';
export { ofRoll, parseRoll, ROLL_UNITS } from './parseRoll';
export { parseSize } from './parseSize';
export { formatArea, formatLength, formatPlace, formatSize } from './formatLength';
export type { MeasureSystem } from './formatLength';
export { plainNumber } from './plainNumber';
