import styled from 'styled-components';
import { kitOfPiece } from '../../../core/kit/closing';
import { useBench } from '../../data/benchStore';
import { Button } from '../../ui/Button';
import { PaperChoice } from '../../ui/PaperChoice';
import { Row } from '../../ui/Screen';
import { usePaperStanding } from '../../parts/usePaperStanding';
import { useShareChoices } from './shareChoices';
import { heldIn } from '../../../core/ground/heldIn';

/** Papers that must be used, and those that are never cut. */
export function PaperWishes({ kits, used }: { kits: ReadonlySet<string>; used: readonly string[] }) {
  const { lots, faces, ledger } = useBench((b) => b);
  const choices = useShareChoices();
  const standing = usePaperStanding();
  const usedLots = new Set(used.map((piece) => ledger.pieces.get(piece)?.lot));
  const idle = [
    ...new Map(
      [...ledger.pieces.values()]
        .filter(
          (piece) => piece.where === 'here' && !usedLots.has(piece.lot) && kits.has(kitOfPiece(piece, lots) ?? ''),
        )
        .map(({ lot }) => [lot, heldIn(lots, lot)]),
    ).values(),
  ].filter((lot) => lot.front !== null && !choices.never.includes(lot.id));
  return (
    <section aria-label="Papers asked for and refused">
      {choices.never.map((id) => (
        <Line key={id}>
          {lots.get(id)?.name} is not cut.{' '}
          <Button look="quiet" onPress={() => choices.change({ never: choices.never.filter((one) => one !== id) })}>
            cut it after all
          </Button>
        </Line>
      ))}
      {choices.must.map((id) => (
        <Line key={id}>
          {faces.get(id)?.name} must be used.{' '}
          <Button look="quiet" onPress={() => choices.change({ must: choices.must.filter((one) => one !== id) })}>
            it need not
          </Button>
        </Line>
      ))}
      {idle.length > 0 && (
        <Row>
          <PaperChoice
            label="Not used; this one must be"
            options={idle.flatMap(({ front, back }) =>
              [front, back].flatMap((id) => {
                const face = faces.get(id ?? '');
                return face ? [{ id: face.id, name: face.name, face: face.id, about: standing(face.id) }] : [];
              }),
            )}
            value={null}
            onChange={(face) => choices.change({ must: [...choices.must, face] })}
          />
        </Row>
      )}
    </section>
  );
}

const Line = styled.p`
  font-size: 15px;
`;
