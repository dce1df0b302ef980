import { lazy, Suspense, useMemo, useRef, useState } from 'react';
import { useLocation, useNavigate, useParams } from 'react-router';
import styled from 'styled-components';
import { findThings, indexStash, type FindQuery, type Found } from '../../../core/finding';
import { shelfOf } from '../../../core/making';
import { useBench } from '../../data/benchStore';
import { Button } from '../../ui/Button';
import { keepFile } from '../../ui/keepFile';
import { kindWords } from '../../ui/lotWords';
import { Columns, Empty, Screen, Soft } from '../../ui/Screen';
import { SlipButton } from '../../ui/SlipButton';
import { useKeys } from '../../ui/useKeys';
import { CountedThing } from './CountedThing';
import { CsvButton } from './CsvButton';
import { familyOfLot, groupPieces } from './groups';
import { ScrapTable } from './ScrapTable';
import { StashFilters } from './StashFilters';
import { asksMore, NO_QUERY, sinceOf, statesOf, type StashQuery } from './stashQuery';
import { useQueryInAddress } from './useQueryInAddress';

const SCALES = [6, 9, 13, 17, 24];

/** Loaded when they are first wanted. */
const PieceSlip = lazy(async () => ({ default: (await import('./PieceSlip')).PieceSlip }));
const LotSlip = lazy(async () => ({ default: (await import('./LotSlip')).LotSlip }));
const ManySlip = lazy(async () => ({ default: (await import('./ManySlip')).ManySlip }));
const StockTake = lazy(async () => ({ default: (await import('./StockTake')).StockTake }));
const PaletteSlip = lazy(async () => ({ default: (await import('./PaletteSlip')).PaletteSlip }));

/** Stash: everything on hand, at one scale, and where each piece has been. */
export function StashScreen() {
  const { thing } = useParams();
  const go = useNavigate();
  const { search: asked } = useLocation();
  const bench = useBench((b) => b);
  const { ledger, lots, kits, faces, plans } = bench;
  const [query, setQuery] = useQueryInAddress();
  const [isMore, setMore] = useState(() => asksMore(query));
  const [many, setMany] = useState<ReadonlySet<string> | null>(null);
  const [zoom, setZoom] = useState(2);
  const search = useRef<HTMLDivElement>(null);
  useKeys({ search: () => search.current?.querySelector('input')?.focus() });

  const shelf = useMemo(() => shelfOf(bench), [bench]);
  const index = useMemo(
    () => indexStash(shelf, faces, plans, [...shelf.ledger.events.values()], kindWords),
    [shelf, faces, plans],
  );
  const found = useMemo(() => {
    const { text, kit, kind, state, place, w, h, colour, picked, harmony, idle } = query;
    const wanted: FindQuery = {
      text,
      kit: kit === 'any' ? null : kit,
      kind: kind === 'any' ? null : kind,
      states: statesOf(state),
      place: place === 'any' ? null : place,
      untouchedSince: sinceOf(idle, new Date()),
      size: w === null && h === null ? null : { w: w ?? h!, h: h ?? w! },
      colour: colour === 'picked' ? { hex: picked, harmony } : null,
    };
    return findThings(index, wanted, shelf).filter(
      ({ lot }) => colour === 'any' || colour === 'picked' || familyOfLot(lot.front, faces) === colour,
    );
  }, [index, query, shelf, faces]);
  const onHand = useMemo(() => index.filter(({ states }) => states.includes('here')), [index]);
  const pieces = useMemo(() => found.filter(({ isPiece }) => isPiece), [found]);
  const counted = useMemo(() => found.filter(({ isPiece }) => !isPiece), [found]);
  const groups = useMemo(
    () => groupPieces(pieces, query.colour === 'picked' ? 'near' : query.by, ledger, faces, kits),
    [pieces, query.colour, query.by, ledger, faces, kits],
  );

  const change = (some: Partial<StashQuery>): void => setQuery((now) => ({ ...now, ...some }));
  const hasAny = ledger.pieces.size + ledger.lots.size > 0;
  const chosenPiece = thing === undefined ? undefined : ledger.pieces.get(thing);
  const chosenLot = thing === undefined ? undefined : lots.get(thing);
  const choose = (id: string): void => {
    if (many) {
      const next = new Set(many);
      if (!next.delete(id)) next.add(id);
      setMany(next);
      return;
    }
    void go({ pathname: id === thing ? '/stash' : `/stash/${id}`, search: asked }, { replace: true });
  };
  const marked = many ?? new Set(thing === undefined ? [] : [thing]);
  const isOpen = many !== null || chosenPiece !== undefined || chosenLot !== undefined;
  const chosen = many && {
    pieces: [...many].filter((id) => ledger.pieces.has(id)),
    lots: [...many].filter((id) => lots.has(id)),
  };
  const keepCsv = async (): Promise<void> => {
    const { stashCsv } = await import('./stashCsv');
    keepFile('stash.csv', stashCsv(found, bench), 'text/csv;charset=utf-8');
  };

  return (
    <Screen
      title="Stash"
      about="everything on hand, at one scale"
      actions={
        <>
          <Button aria-pressed={many !== null} onPress={() => setMany(many ? null : new Set())}>
            {many ? 'One at a time' : 'Several at once'}
          </Button>
          <SlipButton label="Take stock">{(close) => <StockTake onClose={close} />}</SlipButton>
          <SlipButton label="A palette">
            {(close) => (
              <PaletteSlip
                things={onHand}
                onPick={(hex) => setQuery({ ...NO_QUERY, colour: 'picked', picked: hex })}
                onClose={close}
              />
            )}
          </SlipButton>
          <Button
            isDisabled={found.length === 0}
            onPress={() => {
              void keepCsv();
            }}
          >
            As CSV
          </Button>
          <CsvButton />
          <Button aria-label="Smaller" isDisabled={zoom === 0} onPress={() => setZoom(zoom - 1)}>
            −
          </Button>
          <Button aria-label="Larger" isDisabled={zoom === SCALES.length - 1} onPress={() => setZoom(zoom + 1)}>
            +
          </Button>
        </>
      }
    >
      <div ref={search}>
        <StashFilters
          query={query}
          onChange={change}
          total={found.length}
          isMore={isMore}
          onMore={() => setMore(!isMore)}
        />
      </div>
      {!hasAny ? (
        <Empty>
          <h2>Nothing in the stash</h2>
          <p>What you unpack in Parcels lies here, drawn to scale, with whatever is left of it after each page.</p>
        </Empty>
      ) : (
        <Columns $widths={isOpen ? '1fr 312px' : '1fr'}>
          <ScrapTable groups={groups} scale={SCALES[zoom]!} chosen={marked} onChoose={choose}>
            {found.length === 0 && (
              <Empty>
                <p>Nothing here is like that.</p>
                <Button onPress={() => setQuery(NO_QUERY)}>Show all</Button>
              </Empty>
            )}
            {counted.length > 0 && (
              <section aria-label="Counted and measured">
                <h3>counted and measured</h3>
                <Counted>
                  {counted.map(({ id, lot }: Found) => (
                    <CountedThing
                      key={id}
                      state={ledger.lots.get(id)!}
                      lot={lot}
                      isChosen={marked.has(id)}
                      onChoose={choose}
                    />
                  ))}
                </Counted>
              </section>
            )}
          </ScrapTable>
          <Suspense fallback={<Soft>…</Soft>}>
            {chosen && (
              <ManySlip
                chosen={chosen}
                onAll={() => setMany(new Set(found.map(({ id }) => id)))}
                onNone={() => setMany(new Set())}
              />
            )}
            {!chosen && chosenPiece && <PieceSlip key={chosenPiece.id} piece={chosenPiece} />}
            {!chosen && !chosenPiece && chosenLot && <LotSlip key={chosenLot.id} lot={chosenLot} />}
          </Suspense>
        </Columns>
      )}
    </Screen>
  );
}

const Counted = styled.ul`
  display: grid;
  grid-template-columns: repeat(auto-fill, minmax(230px, 1fr));
  gap: 6px 14px;
  padding-top: 8px;
`;
