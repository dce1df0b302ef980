import { lazy, Suspense, useMemo, useRef, useState } from 'react';
import { useLocation, useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import { useBench } from '../../data/benchStore';
import { Button } from '../../ui/Button';
import { Columns, Empty, Screen, Soft } from '../../ui/Screen';
import { useKeys } from '../../ui/useKeys';
import { CountedThings } from './CountedThings';
import { groupPieces } from './groups';
import { ScrapTable } from './ScrapTable';
import { SortTabs } from './SortTabs';
import { StashActions } from './StashActions';
import { StashFilters } from './StashFilters';
import { asksMore, NO_QUERY, type StashQuery } from './stashQuery';
import { useFound, type FoundInStash } from './useFound';
import { useQueryInAddress } from './useQueryInAddress';

const SCALES = [6, 9, 13, 17, 24];

/** Loaded when they are first wanted. */
const PieceSlip = lazy(async () => ({ default: (await import('./PieceSlip')).PieceSlip }));
const LotSlip = lazy(async () => ({ default: (await import('./LotSlip')).LotSlip }));
const ManySlip = lazy(async () => ({ default: (await import('./ManySlip')).ManySlip }));

function NothingYet() {
  return (
    <Empty>
      <h2>Nothing in the stash</h2>
      <p>
        What you unpack in Parcels lies here, drawn to scale, with whatever is left of it after each page. Scraps and
        leftovers go in by <em>Add scraps</em>.
      </p>
    </Empty>
  );
}

type HowItLiesProps = Parameters<typeof SortTabs>[0] & { zoom: number; onZoom: (to: number) => void };

/** In which order, and how large, things are drawn. */
function HowItLies({ zoom, onZoom, ...sorted }: HowItLiesProps) {
  return (
    <Looking>
      <SortTabs {...sorted} />
      <Button isRepeatable aria-label="Smaller" isDisabled={zoom === 0} onPress={() => onZoom(zoom - 1)}>
        −
      </Button>
      <Button isRepeatable aria-label="Larger" isDisabled={zoom === SCALES.length - 1} onPress={() => onZoom(zoom + 1)}>
        +
      </Button>
    </Looking>
  );
}

/** What is chosen: one thing, which stands in the address, or several. */
function useChosenThings() {
  const { thing } = useParams();
  const go = useNavigate();
  const { search: asked } = useLocation();
  const [many, setMany] = useState<ReadonlySet<string> | null>(null);
  const choose = (id: string): void => {
    if (many) {
      const next = new Set(many);
      if (!next.delete(id)) next.add(id);
      setMany(next);
      return;
    }
    void go({ pathname: id === thing ? '/stash' : `/stash/${id}`, search: asked }, { replace: true });
  };
  return { thing, many, setMany, choose };
}

/** What is looked for, at a key; more ways where one of them is used. */
function Filters(props: Pick<Parameters<typeof StashFilters>[0], 'query' | 'onChange' | 'total'>) {
  const [isMore, setMore] = useState(() => asksMore(props.query));
  const search = useRef<HTMLDivElement>(null);
  useKeys({ search: () => search.current?.querySelector('input')?.focus() });
  return (
    <div ref={search}>
      <StashFilters {...props} isMore={isMore} onMore={() => setMore(!isMore)} />
    </div>
  );
}

/** Stash: everything on hand, at one scale, and where each piece has been. */
export function StashScreen() {
  const { thing, many, setMany, choose } = useChosenThings();
  const { ledger, lots } = useBench((b) => b);
  const [query, setQuery] = useQueryInAddress();
  const [zoom, setZoom] = useState(2);
  const inStash = useFound(query);
  const { found, counts, onHand } = inStash;
  const change = (some: Partial<StashQuery>): void => setQuery((now) => ({ ...now, ...some }));
  const isOpen = many !== null || ledger.pieces.has(thing ?? '') || lots.has(thing ?? '');
  return (
    <Screen
      title="Stash"
      about="everything on hand, at one scale"
      actions={
        <StashActions
          found={found}
          onHand={onHand}
          isMany={many !== null}
          onMany={() => setMany(many ? null : new Set())}
          onColour={(hex) => setQuery({ ...NO_QUERY, colour: 'picked', picked: hex })}
        />
      }
    >
      <Filters query={query} onChange={change} total={found.length} />
      {ledger.pieces.size + ledger.lots.size === 0 ? (
        <NothingYet />
      ) : (
        <>
          <HowItLies
            sort={query.sort}
            counts={counts}
            onSort={(sort) => change({ sort })}
            zoom={zoom}
            onZoom={setZoom}
          />
          <Columns $widths={isOpen ? '1fr 312px' : '1fr'}>
            <Things
              inStash={inStash}
              query={query}
              scale={SCALES[zoom] ?? 13}
              chosen={many ?? new Set(thing === undefined ? [] : [thing])}
              onChoose={choose}
              onAll={() => setQuery(NO_QUERY)}
            />
            <Suspense fallback={<Soft>…</Soft>}>
              <OpenSlip thing={thing} many={many} onMany={setMany} all={found.map(({ id }) => id)} />
            </Suspense>
          </Columns>
        </>
      )}
    </Screen>
  );
}

interface ThingsProps {
  inStash: FoundInStash;
  query: StashQuery;
  scale: number;
  chosen: ReadonlySet<string>;
  onChoose: (id: string) => void;
  onAll: () => void;
}

/** Papers on their table, to scale, and what is counted below. */
function Things({ inStash: { found }, query, scale, chosen, onChoose, onAll }: ThingsProps) {
  const { ledger, kits, faces } = useBench((b) => b);
  const pieces = useMemo(() => found.filter(({ isPiece }) => isPiece), [found]);
  const counted = useMemo(() => found.filter(({ isPiece }) => !isPiece), [found]);
  const by = query.colour === 'picked' ? 'near' : query.by;
  const groups = useMemo(() => groupPieces(pieces, by, ledger, faces, kits), [pieces, by, ledger, faces, kits]);
  return (
    <ScrapTable groups={groups} scale={scale} chosen={chosen} onChoose={onChoose}>
      {found.length === 0 && (
        <Empty>
          <p>Nothing here is like that.</p>
          <Button onPress={onAll}>Show all</Button>
        </Empty>
      )}
      <CountedThings things={counted} chosen={chosen} onChoose={onChoose} />
    </ScrapTable>
  );
}

interface OpenSlipProps {
  thing: string | undefined;
  many: ReadonlySet<string> | null;
  onMany: (many: ReadonlySet<string>) => void;
  /** All that is shown. */
  all: readonly string[];
}

/** The slip of what is chosen: a piece, a counted thing, or several. */
function OpenSlip({ thing, many, onMany, all }: OpenSlipProps) {
  const { ledger, lots } = useBench((b) => b);
  if (many)
    return (
      <ManySlip
        chosen={{
          pieces: [...many].filter((id) => ledger.pieces.has(id)),
          lots: [...many].filter((id) => lots.has(id)),
        }}
        onAll={() => onMany(new Set(all))}
        onNone={() => onMany(new Set())}
      />
    );
  const piece = ledger.pieces.get(thing ?? '');
  if (piece) return <PieceSlip key={piece.id} piece={piece} />;
  const lot = lots.get(thing ?? '');
  return lot ? <LotSlip key={lot.id} lot={lot} /> : null;
}

const Looking = styled.div`
  display: flex;
  gap: 10px;
  align-items: center;
  flex: none;
  padding-bottom: 6px;
  > :first-child {
    margin-right: auto;
  }
`;
