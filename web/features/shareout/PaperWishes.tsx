import styled from 'styled-components';
import { useBench } from '../../data/benchStore';
import { Button } from '../../ui/Button';
import { Choice } from '../../ui/Choice';
import { Row } from '../../ui/Screen';
import { useShareChoices } from './shareChoices';

/** Papers that must be used, and those that are never cut. */
export function PaperWishes({ kits, used }: { kits: ReadonlySet<string>; used: readonly string[] }) {
  const { lots, faces, ledger } = useBench((b) => b);
  const choices = useShareChoices();
  const usedLots = new Set(used.map((piece) => ledger.pieces.get(piece)?.lot));
  const idle = [
    ...new Map(
      [...ledger.pieces.values()]
        .filter(({ where, lot }) => where === 'here' && !usedLots.has(lot) && kits.has(lots.get(lot)?.kit ?? ''))
        .map(({ lot }) => [lot, lots.get(lot)!]),
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
          <Choice
            label="Not used; this one must be"
            options={[
              ['', 'choose a paper …'],
              ...idle.flatMap((lot): [string, string][] => [
                [lot.front!, faces.get(lot.front!)?.name ?? lot.name],
                ...(lot.back === null ? [] : [[lot.back, faces.get(lot.back)?.name ?? ''] as [string, string]]),
              ]),
            ]}
            value=""
            onChange={(face) => {
              if (face !== '') choices.change({ must: [...choices.must, face] });
            }}
          />
        </Row>
      )}
    </section>
  );
}

const Line = styled.p`
  font-size: 15px;
`;
