import { useMemo } from 'react';
import type { WantedPiece } from '../../../core/page/cutlist';
import type { CutStock } from '../../../core/trimmer/cutting';
import { pageLayout } from '../../../core/page/design';
import { paperInstead } from '../../../core/acts';
import { rankFaces } from '../../../core/page/papers';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { Button } from '../../ui/Button';
import { Row } from '../../ui/Screen';

export interface OtherPapersProps {
  piece: WantedPiece;
  /** How many of it lack a paper. */
  count: number;
  /** Papers that may still be cut. */
  stock: readonly CutStock[];
}

/** Papers are offered, so many at the most. */
const MOST = 3;

/** Other papers that still hold a piece for which its own is used up, the nearest to the photos first. */
export function OtherPapers({ piece, count, stock }: OtherPapersProps) {
  const { faces, pages, photos } = useBench((b) => b);
  const page = pages.get(piece.page);
  const offered = useMemo(() => {
    if (!page || piece.face === null) return [];
    const slot = pageLayout(page).value?.slots.find(({ id }) => id === piece.slot) ?? { suits: 'any' as const };
    const colours = page.photos.flatMap(({ photo }) => photos.get(photo ?? '')?.colours ?? []);
    return rankFaces([...faces.values()], colours, slot, piece, stock)
      .filter(({ face, holds }) => face.id !== piece.face && holds >= count)
      .slice(0, MOST);
  }, [page, piece, count, stock, faces, photos]);
  if (offered.length === 0) return null;
  return (
    <Row>
      <span>It would go in</span>
      {offered.map(({ face }) => (
        <Button
          key={face.id}
          onPress={() => void act(paperInstead(piece.page, piece, count, face.id, `${face.name} instead`))}
        >
          {face.name}
        </Button>
      ))}
    </Row>
  );
}
