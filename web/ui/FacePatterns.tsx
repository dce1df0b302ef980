import { memo } from 'react';
import type { Face } from '../../core/stock/things';
import { FacePattern } from './facePattern';

/** All faces' patterns, once for the whole document; papers anywhere refer to them. */
export const FacePatterns = memo(function FacePatterns({
  faces,
  pictures,
}: {
  faces: readonly Face[];
  /** Addresses of pictures of real papers, by image. */ pictures?: ReadonlyMap<string, string>;
}) {
  return (
    <svg width={0} height={0} style={{ position: 'absolute' }} aria-hidden>
      <defs>
        {faces.map((face) => (
          <FacePattern key={face.id} face={face} url={pictures?.get(face.picture?.image ?? '')} />
        ))}
      </defs>
    </svg>
  );
});
