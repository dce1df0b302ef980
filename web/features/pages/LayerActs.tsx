import { useState } from 'react';
import styled from 'styled-components';
import { blankOf, type PageLayer } from '../../../core/page/design';
import { piecesFor, type PieceState } from '../../../core/stock/ledger';
import { anotherPaper, changePage, peelOff, putOnPage } from '../../../core/acts';
import type { Page } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { Button } from '../../ui/Button';
import { PaperChoice } from '../../ui/PaperChoice';
import { Row, Slip } from '../../ui/Screen';
import { inSentence } from '../../ui/inSentence';
import { layerName } from './layerName';
import { PlaceButton } from './PlaceSlip';
import { usePaperOptions } from './usePaperOptions';
import type { PageWork } from './usePageWork';

export interface LayerActsProps {
  page: Page;
  work: PageWork;
  layer: string;
  /** It is no longer there. */
  onGone: () => void;
}

/** The piece that is there for a layer: on the bench, or glued. */
function usePieceOf(page: Page, layer: PageLayer | undefined): PieceState | undefined {
  const ledger = useBench((b) => b.ledger);
  if (!layer) return undefined;
  const { w, h } = blankOf(layer);
  return piecesFor(ledger, page.id).find(
    (piece) => piece.slot === layer.slot && ((piece.w === w && piece.h === h) || (piece.w === h && piece.h === w)),
  );
}

/** What can be done with one layer: another paper, leaving it out, glueing it before the rest, peeling it off again. */
export function LayerActs({ page, work, layer: id, onGone }: LayerActsProps) {
  const { layout } = work;
  const layer = layout?.layers.find((one) => one.id === id);
  const piece = usePieceOf(page, layer);
  if (!layout || !layer) return null;
  if (layer.role === 'photo')
    return page.glued === null ? (
      <Acts aria-label="The photo">
        <PlaceButton page={page} at={layer.photo ?? 0}>
          Its size, mats and corners …
        </PlaceButton>
      </Acts>
    ) : null;
  const name = inSentence(layerName(layout, layer));
  const isGlued = piece?.where === 'used';
  return (
    <Acts aria-label="The layer">
      {page.glued === null && !isGlued && <OwnPaper page={page} work={work} layer={layer} name={name} />}
      {page.glued === null && piece?.where === 'claimed' && (
        <Button onPress={() => void act(putOnPage(page.id, [{ piece: piece.id }]))}>Glue it now</Button>
      )}
      {page.glued === null && !isGlued && (
        <Button
          look="quiet"
          onPress={() => {
            const without = (now: Page) => ({ without: [...(now.without ?? []), id] });
            void act(changePage(page.id, without, `Left the ${name} out`)).then((done) => done && onGone());
          }}
        >
          leave it out
        </Button>
      )}
      {isGlued && <Peel page={page} layer={id} name={name} onGone={onGone} />}
    </Acts>
  );
}

/** A paper for this layer alone. */
function OwnPaper({
  page,
  work,
  layer,
  name,
}: Omit<LayerActsProps, 'layer' | 'onGone'> & { layer: PageLayer; name: string }) {
  const faces = useBench((b) => b.faces);
  const slot = work.layout?.slots.find((one) => one.id === layer.slot);
  const options = usePaperOptions(page, work, slot, blankOf(layer));
  return (
    <Wide>
      <PaperChoice
        label="Paper of this layer alone"
        options={options}
        value={work.papers[layer.slot ?? ''] ?? null}
        onChange={(face) => {
          const told = `${faces.get(face)?.name ?? 'Another paper'} for the ${name}`;
          void act(anotherPaper(page.id, layer.id, face, told), { isQuiet: true });
        }}
      />
    </Wide>
  );
}

/** Peels a layer off; whether it came off whole she says. */
function Peel({ page, layer, name, onGone }: { page: Page; layer: string; name: string; onGone: () => void }) {
  const [isAsking, setAsking] = useState(false);
  const peel = (how: 'back' | 'lost'): void => {
    void act(peelOff(page.id, layer, how)).then((done) => done && onGone());
  };
  if (!isAsking) return <Button onPress={() => setAsking(true)}>Peel the {name} off …</Button>;
  return (
    <Row>
      <Button onPress={() => peel('back')}>it came off whole: back to the stash</Button>
      <Button onPress={() => peel('lost')}>it tore: it is lost</Button>
      <Button look="quiet" onPress={() => setAsking(false)}>
        not now
      </Button>
    </Row>
  );
}

const Acts = styled(Slip)`
  display: flex;
  flex-wrap: wrap;
  gap: 10px 16px;
  align-items: flex-end;
`;
const Wide = styled.div`
  width: 240px;
`;
