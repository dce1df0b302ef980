import styled from 'styled-components';
import { formatSize } from '../../../core/ground/length';
import { drawnMore } from '../../../core/page/design';
import type { Page } from '../../../core/stock/things';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { Soft } from '../../ui/Screen';
import { ShapeDrawing } from '../../ui/ShapeDrawing';
import { MoreSlip } from './MoreSlip';
import { changePage } from '../../../core/acts';
import { act } from '../../data/acts';

/** Pieces beyond the design: tags, banners, pockets; they are cut with the rest. */
export function MorePieces({ page, isOpen }: { page: Page; isOpen: boolean }) {
  const faces = useBench((b) => b.faces);
  const system = useSettings((s) => s.system);
  const more = page.more ?? [];
  if (!isOpen && more.length === 0) return null;
  return (
    <section aria-label="More pieces">
      <h2>More pieces</h2>
      {more.length === 0 && <Soft>A tag, a banner, a pocket: whatever the design does not have.</Soft>}
      <Pieces>
        {more.map((piece) => {
          const shape = drawnMore(piece);
          return (
            <li key={piece.id}>
              {shape && (
                <ShapeDrawing
                  shape={shape}
                  face={piece.face}
                  scale={Math.min(14, 42 / (shape.blank.w / 8128), 56 / (shape.blank.h / 8128))}
                  label={piece.name}
                />
              )}
              <span>
                {piece.name}
                <br />
                <span className="measure">
                  {piece.count} × {shape && formatSize(shape.blank, system)}
                </span>
                <br />
                <Soft>{piece.face === null ? 'any paper' : faces.get(piece.face)?.name}</Soft>
              </span>
              {isOpen && (
                <Button
                  look="quiet"
                  aria-label={`Not the ${piece.name}`}
                  onPress={() => {
                    void act(
                      changePage(
                        page.id,
                        (now) => ({ more: (now.more ?? []).filter(({ id }) => id !== piece.id) }),
                        `Took the ${piece.name} off`,
                      ),
                      { isQuiet: true },
                    );
                  }}
                >
                  not this
                </Button>
              )}
            </li>
          );
        })}
      </Pieces>
      {isOpen && <MoreSlip page={page} />}
    </section>
  );
}

const Pieces = styled.ul`
  li {
    display: grid;
    grid-template-columns: 44px 1fr auto;
    gap: 12px;
    align-items: center;
    padding: 6px 0;
  }
`;
