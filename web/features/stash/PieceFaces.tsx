import { useState } from 'react';
import { heldIn } from '../../../core/ground/heldIn';
import type { PieceState } from '../../../core/stock/ledger';
import { inches } from '../../../core/ground/length';
import type { Lot } from '../../../core/stock/things';
import { AmendSlip } from '../../parts/AmendSlip';
import { useBench } from '../../data/benchStore';
import { Button } from '../../ui/Button';
import { Paper, paperOf } from '../../ui/Paper';
import { Row, Soft } from '../../ui/Screen';
import { SlipButton } from '../../ui/SlipButton';
import { FaceSlip } from './FaceSlip';

const OTHER = { w: inches(3), h: inches(2) };

/** Both faces of a piece, the one that lies up large, and what is known of it. */
export function PieceFaces({ piece, lot }: { piece: PieceState; lot: Lot }) {
  const faces = useBench((b) => b.faces);
  const [isTurned, setTurned] = useState(false);
  const [up, down] = isTurned ? [lot.back, lot.front] : [lot.front, lot.back];
  const inch = (length: number): number => Math.max(length, inches(1)) / inches(1);
  const scale = Math.min(22, 260 / inch(piece.w), 136 / inch(piece.h));
  return (
    <>
      <Paper {...paperOf(piece)} face={up} scale={scale} />
      <Row>
        <Paper size={OTHER} face={down} scale={16} />
        <span>
          other face: {down === null ? 'plain' : faces.get(down)?.name}
          <br />
          <Soft>{lot.upright ? 'this way up ↑ · ' : ''}</Soft>
          <Button look="quiet" onPress={() => setTurned(!isTurned)}>
            Turn it over
          </Button>
        </span>
      </Row>
      {up !== null && faces.has(up) && (
        <Row>
          <FaceSlip key={up} face={heldIn(faces, up)} lot={lot} />
          <SlipButton label="Change what it is">{(close) => <AmendSlip lot={lot} onClose={close} />}</SlipButton>
        </Row>
      )}
    </>
  );
}
