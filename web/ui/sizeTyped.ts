import type { MeasureSystem } from '../../core/ground/length';

/** A size as it is typed in her measures, for examples: a common print. */
export const SIZE_TYPED: Readonly<Record<MeasureSystem, string>> = { in: '4x6', cm: '10x15' };
