import type { Punch } from '../../../stock/things';
import type { ShapedPiece } from '../shaped';

function isMadeBy({ shape }: ShapedPiece, { shape: made, size, height = size }: Punch): boolean {
  if (shape.kind === 'circle' || shape.kind === 'hexagon') return made === shape.kind && shape.d === size;
  return shape.kind === 'tag' && made === 'tag' && shape.w === size && shape.h === height;
}

/**
 * Which pieces of a cut list a punch makes, and which does, by their keys. Blanks of one size that become different
 * shapes are cut: nobody could tell which of them is which.
 */
export function punchable(shaped: readonly ShapedPiece[], punches: readonly Punch[]): Map<string, Punch> {
  const found = new Map<string, Punch>();
  for (const piece of shaped) {
    const punch = punches.find((one) => isMadeBy(piece, one));
    if (punch && shaped.every((other) => other === piece || other.wanted !== piece.wanted))
      found.set(piece.wanted, punch);
  }
  return found;
}
