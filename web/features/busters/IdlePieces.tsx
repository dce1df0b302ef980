import { useMemo } from 'react';
import { Link } from 'react-router';
import styled from 'styled-components';
import { idleOf, type Idle } from '../../../core/kit/busting';
import { formatArea, formatSize } from '../../../core/ground/length';
import { ownPunches } from '../../../core/trimmer/onHand';
import { canStillSpell, vowelsIn } from '../../../core/page/titles';
import { useBench } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { StockDrawing } from '../../parts/StockDrawing';
import { chanceWords } from '../../ui/chanceWords';
import { countWords } from '../../words/countWords';
import { FORMATS } from '../../ui/pageWords';
import { Empty, Soft, Stack } from '../../ui/Screen';

/** So many are drawn: the largest. */
const SHOWN = 60;

/** What can be no layer of any page any more, what could still come of it, and letters that spell nothing. */
export function IdlePieces() {
  const { ledger, lots, kits, photos, pages } = useBench((b) => b);
  const { mat, punchReach } = useSettings();
  const idle = useMemo(() => {
    const used = new Set([...pages.values()].flatMap((page) => page.photos.map(({ photo }) => photo)));
    return idleOf({
      shelf: { ledger, lots, kits },
      formats: FORMATS.map(([, , format]) => format),
      mat,
      waiting: [...photos.values()].filter(({ id }) => !used.has(id)),
      punches: ownPunches(lots, ledger, punchReach).map(({ punch }) => punch),
    });
  }, [ledger, lots, kits, photos, pages, mat, punchReach]);
  const letters = [...lots.values()].filter(({ id, measure }) => {
    const here = ledger.lots.get(id)?.here ?? {};
    return measure === 'letters' && Object.keys(here).length > 0 && !canStillSpell(here);
  });
  if (idle.pieces.length === 0 && letters.length === 0)
    return (
      <Empty>
        <h2>Everything can still be made into something</h2>
        <p>What holds no layer of any page any more is told here, with what could still come of it.</p>
      </Empty>
    );
  return (
    <Stack $gap={16}>
      {idle.pieces.length > 0 && <TooSmall idle={idle} />}
      {letters.length > 0 && (
        <section aria-label="Letters that spell hardly anything">
          <h2>Letters that spell hardly anything</h2>
          <ul>
            {letters.map((lot) => (
              <li key={lot.id}>
                <Link to={`/stash/${lot.id}`}>{lot.name}</Link>{' '}
                <Soft>{countWords(vowelsIn(ledger.lots.get(lot.id)?.here ?? {}), 'vowel')} left</Soft>
              </li>
            ))}
          </ul>
        </section>
      )}
    </Stack>
  );
}

function TooSmall({ idle }: { idle: Idle }) {
  const lots = useBench((b) => b.lots);
  const system = useSettings((s) => s.system);
  const largest = [...idle.pieces].sort((a, b) => b.solid - a.solid).slice(0, SHOWN);
  return (
    <section aria-label="Too small for any layer">
      <p>
        {countWords(idle.pieces.length, 'piece')}, {formatArea(idle.area, system)}, {shareWords(idle.share)} of all
        leftovers: too small for a layer of any page.
      </p>
      {idle.chances.length > 0 && (
        <p>Together they could still become {idle.chances.map((one) => chanceWords(one, system)).join(', or ')}.</p>
      )}
      <Scraps>
        {largest.map((piece) => {
          const lot = lots.get(piece.lot);
          const name = `${lot?.name}, ${formatSize(piece, system)}`;
          return (
            lot && (
              <li key={piece.id}>
                <Link to={`/stash/${piece.id}`} aria-label={name} title={name}>
                  <StockDrawing lot={lot} piece={piece} amounts={{}} scale={16} />
                </Link>
              </li>
            )
          );
        })}
      </Scraps>
      {idle.pieces.length > SHOWN && <Soft>and {idle.pieces.length - SHOWN} smaller ones.</Soft>}
      <p>
        <Soft>
          Punch them, give them to someone who cuts small, or recycle them from the <Link to="/stash">stash</Link>.
        </Soft>
      </p>
    </section>
  );
}

const shareWords = (share: number): string => (share < 0.01 ? 'under 1 %' : `${Math.round(share * 100)} %`);

const Scraps = styled.ul`
  display: flex;
  flex-wrap: wrap;
  gap: 10px;
  align-items: flex-end;
  padding: 10px 0;
  a {
    display: block;
  }
`;
