import styled from 'styled-components';
import { pageLayout } from '../../../core/page/design';
import { shapedPieces, wantedKey } from '../../../core/page/cutlist';
import { piecesFor } from '../../../core/stock/ledger';
import type { Page } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Soft } from '../../ui/Screen';
import { ShapeDrawing } from '../../ui/ShapeDrawing';
import { shapingWords } from '../../ui/shapeWords';

/** What is made of blanks with scissors once they are cut: banners, tags, pockets, each with its measures. */
export function ShapeSteps({ page }: { page: Page }) {
  const system = useSettings((s) => s.system);
  const ledger = useBench((b) => b.ledger);
  const cut = piecesFor(ledger, page.id).flatMap(({ slot, w, h, missing }) =>
    slot === null ? [] : [{ wanted: wantedKey(page.id, slot, { w, h }), isPunched: missing.length > 0 }],
  );
  const shaped = shapedPieces(pageLayout(page).value, page).flatMap((piece) => {
    const words = shapingWords(piece.shape, system);
    // What is punched is its shape already.
    const count = piece.count - cut.filter(({ wanted, isPunched }) => isPunched && wanted === piece.wanted).length;
    return words !== null && piece.drawn.givesBack === null && count > 0 ? [{ ...piece, words, count }] : [];
  });
  if (shaped.length === 0) return null;
  return (
    <Steps aria-label="Shape the pieces">
      <h2>Shape the pieces</h2>
      {shaped.map(({ wanted, name, count, face, drawn, words }) => (
        <article key={wanted}>
          <ShapeDrawing
            shape={drawn}
            face={face}
            scale={Math.min(26, 140 / (drawn.blank.w / 8128), 150 / (drawn.blank.h / 8128))}
            label={name}
          />
          <div>
            <h3>
              {count > 1 ? `${count} × ` : ''}
              {name}
            </h3>
            <p>{words}</p>
          </div>
        </article>
      ))}
      <Soft>Scissors or a knife along a metal ruler, away from the hand.</Soft>
    </Steps>
  );
}

const Steps = styled.section`
  display: flex;
  flex-direction: column;
  gap: 16px;
  text-align: left;
  color: ${({ theme }) => theme.ink};
  align-items: center;
  article {
    display: grid;
    grid-template-columns: 150px 1fr;
    gap: 22px;
    align-items: center;
    justify-items: center;
    width: 640px;
  }
  article > div {
    display: flex;
    flex-direction: column;
    gap: 6px;
    justify-self: start;
  }
  p {
    font-size: 18px;
    margin: 0;
  }
`;
