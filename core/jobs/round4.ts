/** Four decimals, as the formats print colour differences. */
export const round4 = (n: number): number => Math.round(n * 1e4) / 1e4;
