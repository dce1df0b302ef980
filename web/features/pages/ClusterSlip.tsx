import { useMemo, useState } from 'react';
import styled from 'styled-components';
import type { Layout } from '../../../core/page/design';
import { TICKS_PER_INCH } from '../../../core/ground/length';
import { clustersFor, layOn } from '../../../core/acts';
import { layingsOf, openPlace, type Cluster } from '../../../core/page/placing';
import type { Page } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { Button } from '../../ui/Button';
import { ItemFigure } from '../../ui/ItemFigure';
import { Row, Slip, Soft } from '../../ui/Screen';
import { useKeys } from '../../ui/useKeys';

const PLACES = ['First', 'Second', 'Third'];
const PAD = 0.15;
const NONE = { clusters: [], withheld: [] };
/** So many names are told of what was left out. */
const TOLD = 4;

const numberWords = ({ things }: Cluster): string =>
  things.length > 3 ? 'one large, one middle, three small' : 'one large, one middle, one small';

/** A cluster as it will lie. */
function ClusterDrawing({ cluster: { things, bounds } }: { cluster: Cluster }) {
  const inch = (ticks: number): number => ticks / TICKS_PER_INCH;
  const [w, h] = [inch(bounds.w) + 2 * PAD, inch(bounds.h) + 2 * PAD];
  const scale = Math.min(42, 130 / Math.max(w, h));
  return (
    <svg
      role="img"
      aria-label={things.map(({ thing }) => thing.name).join(', ')}
      width={w * scale}
      height={h * scale}
      viewBox={`${inch(bounds.x) - PAD} ${inch(bounds.y) - PAD} ${w} ${h}`}
    >
      {things.map(({ thing, x, y, turn, isOnFoam }, i) => (
        <ItemFigure
          key={i}
          thing={thing}
          x={inch(x)}
          y={inch(y)}
          turn={turn}
          isRaised={thing.isRaised || (isOnFoam ?? false)}
        />
      ))}
    </svg>
  );
}

/** A cluster for the next of the three places, from what is out and in the kits: laid as it is drawn, or another. */
export function ClusterSlip({ page, layout }: { page: Page; layout: Layout }) {
  const bench = useBench((b) => b);
  const [skipped, setSkipped] = useState(0);
  const place = openPlace(layout.accents, page.placed ?? []);
  const [isAnyTheme, setIsAnyTheme] = useState(false);
  const { clusters: found, withheld } = useMemo(
    () => (place === null ? NONE : clustersFor(page, layout, place, bench, isAnyTheme)),
    [page, layout, place, bench, isAnyTheme],
  );
  const cluster = found[skipped % Math.max(1, found.length)];
  const lay = (): void => {
    if (!cluster) return;
    void act(layOn(page.id, layingsOf(cluster.things))).then((done) => {
      if (done) setSkipped(0);
    });
  };
  const another = (): void => setSkipped((n) => n + 1);
  useKeys({ 'lay-cluster': lay, 'next-cluster': another });
  if (place === null) return null;
  return (
    <section aria-label="A cluster">
      <h2>{PLACES[place]} cluster</h2>
      {cluster ? (
        <Slip>
          <Shown>
            <ClusterDrawing cluster={cluster} />
            <span>
              {numberWords(cluster)}: {[...new Set(cluster.things.map(({ thing }) => thing.name))].join(', ')}
            </span>
          </Shown>
          <Row>
            <Button onPress={lay} hint="C">
              Lay it
            </Button>
            {found.length > 1 && (
              <Button isRepeatable look="quiet" onPress={another}>
                another
              </Button>
            )}
          </Row>
        </Slip>
      ) : (
        <Soft>
          Nothing large, middle and small is left for a cluster that keeps off what must show. Lay single things below.
        </Soft>
      )}
      {withheld.length > 0 && (
        <Soft>
          Left out, as they tell of something else: {withheld.slice(0, TOLD).join(', ')}
          {withheld.length > TOLD && ` and ${withheld.length - TOLD} more`}.{' '}
          <Button look="quiet" onPress={() => setIsAnyTheme(true)}>
            Take them too
          </Button>
        </Soft>
      )}
    </section>
  );
}

const Shown = styled.div`
  display: flex;
  gap: 14px;
  align-items: center;
  padding-bottom: 8px;
  font-size: 15px;
  line-height: 1.35;
  svg {
    flex: none;
  }
`;
