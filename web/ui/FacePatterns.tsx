import { memo } from 'react';
import type { Face } from '../../core/things';
import { FacePattern } from './facePattern';

/** All faces' patterns, once for the whole document; papers anywhere refer to them. */
export const FacePatterns = memo(function FacePatterns({ faces }: { faces: readonly Face[] }) {
  return (
    <svg width={0} height={0} style={{ position: 'absolute' }} aria-hidden>
      <defs>{faces.map((face) => <FacePattern key={face.id} face={face} />)}</defs>
    </svg>
  );
});
