import { useEffect, useState } from 'react';
import { Navigate, useParams } from 'react-router';
import styled from 'styled-components';
import { designOfPage } from '../../../core/design';
import { canBeGlued, pageState } from '../../../core/cutlist';
import type { Page } from '../../../core/things';
import { useBench } from '../../data/benchStore';
import { usePictures } from '../../data/images';
import { useSettings } from '../../data/settings';
import { useGoAfter } from '../../ui/useGoAfter';
import { Button } from '../../ui/Button';
import { PageDrawing } from '../../ui/PageDrawing';
import { designWords, formatWords, stateWords } from '../../ui/pageWords';
import { Ruler } from '../../ui/Ruler';
import { Columns, Screen, Soft, Stack, Wrong } from '../../ui/Screen';
import { Tick } from '../../ui/Tick';
import { useKeys } from '../../ui/useKeys';
import { useWidth } from '../../ui/useWidth';
import { DoneButton } from './DoneButton';
import { GlueSlip } from './GlueSlip';
import { HiddenList } from './HiddenList';
import { LayerList } from './LayerList';
import { LayerMoves } from './LayerMoves';
import { MorePieces } from './MorePieces';
import { PageMaking } from './PageMaking';
import { PageTarget } from './PageTarget';
import { PageWords } from './PageWords';
import { PapersList } from './PapersList';
import { EyeMarks, SecondEyes } from './SecondEyes';
import { useSecondEyes } from './useSecondEyes';
import { PlainGroundHint } from './PlainGroundHint';
import { usePageWork } from './usePageWork';
import { dropPage, changePage, moveLaid } from '../../../core/making';
import { act } from '../../data/acts';
import { pageName } from '../../data/didWords';
import { toSixteenths } from '../../../core/placing';
import { usePageWriting } from '../../parts/pageWriting';
import { useLaidThings } from '../../parts/laidThings';
import { Tabs } from '../../ui/Tabs';
import { ClusterSlip } from './ClusterSlip';
import { LaidList } from './LaidList';
import { LaidMoves } from './LaidMoves';
import { OrderOfWork } from './OrderOfWork';
import { OnThisPage } from './OnThisPage';
import { ThingsToLay } from './ThingsToLay';
import { inkedEdges } from '../../parts/pageWriting';
import { inSentence } from '../../ui/inSentence';

/** What the right side shows. */
type Side = 'papers' | 'things' | 'work';
const SIDES = [
  ['papers', 'papers'],
  ['things', 'things on it'],
  ['work', 'order of work'],
] as const;

/** The page bench: what a page is made of, how it looks, which papers it takes. */
export function PageBench() {
  const { page: id } = useParams();
  const page = useBench((b) => b.pages.get(id ?? ''));
  return page ? <Bench key={page.id} page={page} /> : <Navigate to="/pages" replace />;
}

function Bench({ page }: { page: Page }) {
  const go = useGoAfter();
  const bench = useBench((b) => b);
  const state = pageState(page, bench);
  const { system, change } = useSettings();
  const work = usePageWork(page);
  const [chosen, setChosen] = useState<string | null>(null);
  const [thing, setThing] = useState<string | null>(null);
  const [withAccents, setAccents] = useState(false);
  const laid = useLaidThings(page);
  const writing = usePageWriting(page);
  const pictures = usePictures(page.photos);
  useEffect(() => {
    change({ pageInHand: page.id });
  }, [page.id, change]);

  const isOpen = state === 'idea';
  const { layout } = work;
  const eyes = useSecondEyes(page, layout, work.papers);
  const [shows, setShows] = useState<Side>(isOpen || state === 'planned' ? 'papers' : 'things');
  const chooseLayer = (layer: string | null): void => {
    setChosen(layer);
    setThing(null);
  };
  const chooseThing = (id: string | null): void => {
    setThing(id);
    setShows('things');
    setChosen(null);
  };
  const onThing = laid.find(({ placed }) => placed.id === thing);
  const short = work.list.find(({ face, slot }) => face === null && layout?.slots.some(({ id }) => id === slot));
  const canCut = layout !== null && !short;
  const toCuts = async (): Promise<void> => {
    const chosen =
      isOpen && canCut
        ? act(
            changePage(page.id, (now) => ({ papers: { ...work.papers, ...now.papers } }), 'Chose papers'),
            { isQuiet: true },
          )
        : Promise.resolve(true);
    await go(chosen.then(() => `/cuts/${page.id}`));
  };
  const drag = (id: string, dx: number, dy: number): void => {
    void act(
      moveLaid(page.id, id, (now) => ({ ...now, x: toSixteenths(now.x + dx), y: toSixteenths(now.y + dy) })),
      { isQuiet: true },
    );
  };
  useKeys({
    go: () => {
      if (canCut && (isOpen || state === 'planned')) void toCuts();
    },
  });
  const width = page.format.spread ? 2 * page.format.w : page.format.w;
  const [middle, room] = useWidth<HTMLDivElement>();
  const scale = Math.max(4, Math.min((room - 64) / (width / 8128), (isOpen ? 450 : 470) / (page.format.h / 8128)));
  const cover = chosen === null ? undefined : work.covers.find((c) => c.id === chosen);

  return (
    <Screen
      title={pageName(page)}
      about={`${formatWords(page.format, system)} · ${designOfPage(page).name} · ${stateWords(state)}`}
      actions={
        <>
          {(isOpen || state === 'planned' || state === 'cut') && (
            <Button
              look="quiet"
              onPress={() => {
                void go(act(dropPage(page.id)).then((isDone) => (isDone ? '/pages' : null)));
              }}
            >
              Drop this page
            </Button>
          )}
          {(isOpen || state === 'planned') && (
            <Button
              look="main"
              hint="⏎"
              isDisabled={!canCut}
              onPress={() => {
                void toCuts();
              }}
            >
              To the cuts
            </Button>
          )}
          {state === 'glued' && <DoneButton page={page} />}
        </>
      }
    >
      <Columns $widths="clamp(204px, 20.6vw, 264px) minmax(0, 1fr) clamp(216px, 22.5vw, 288px)">
        <Stack $gap={14}>
          {isOpen && <PageMaking page={page} work={work} />}
          {canBeGlued(page, bench) && <GlueSlip page={page} isWhole={state === 'cut'} />}
          {layout && !isOpen && (
            <LayerList layout={layout} papers={work.papers} chosen={chosen} onChoose={chooseLayer} />
          )}
          <PageWords page={page} layout={layout} />
        </Stack>
        <Middle ref={middle}>
          {work.error && <Wrong role="alert">{designWords(work.error, system)}</Wrong>}
          {short && (
            <Wrong role="alert">
              The papers are too few: none is left for the{' '}
              {inSentence(layout?.slots.find(({ id }) => id === short.slot)?.name ?? 'rest')}, which needs a piece of{' '}
              {formatWords({ ...short, spread: false }, system)}. Choose a smaller page, another design, or unpack more
              paper.
            </Wrong>
          )}
          {layout && (
            <Drawn>
              <span />
              <Ruler length={layout.size.w} scale={scale} axis="x" system={system} />
              <Ruler length={layout.size.h} scale={scale} axis="y" system={system} />
              <PageTarget page={page} scale={scale}>
                <PageDrawing
                  layout={layout}
                  papers={work.papers}
                  pictures={pictures}
                  scale={scale}
                  writing={writing}
                  edges={inkedEdges(page)}
                  withAccents={withAccents}
                  shown={chosen === null ? null : { layer: chosen, window: cover?.window ?? null }}
                  onChoose={chooseLayer}
                  laid={laid}
                  laying={{ chosen: thing, onChoose: chooseThing, onDrag: drag }}
                  label={`${pageName(page)} as it will look`}
                />
                <EyeMarks eyes={eyes} layout={layout} scale={scale} />
              </PageTarget>
            </Drawn>
          )}
          {layout && <SecondEyes page={page} layout={layout} eyes={eyes} laid={laid} />}
          {layout && isOpen && chosen !== null && <LayerMoves page={page} layout={layout} layer={chosen} />}
          {layout && (
            <Tick isSelected={withAccents} onChange={setAccents}>
              places for clusters, in a triangle round the photos
            </Tick>
          )}
          {layout && isOpen && chosen === null && !onThing && (
            <Soft>Choose a layer to move it: by the arrow keys, a sixteenth at a time.</Soft>
          )}
        </Middle>
        <Stack $gap={16}>
          <Tabs label="What to look at" options={SIDES} value={shows} onChange={setShows} />
          {!layout && shows === 'things' && (
            <Soft>Things are laid on the page once its photos, or places for them, can be laid out.</Soft>
          )}
          {layout && shows === 'things' && (
            <>
              {onThing && (
                <LaidMoves
                  key={onThing.placed.id}
                  page={page}
                  layout={layout}
                  thing={onThing}
                  onGone={() => setThing(null)}
                />
              )}
              {page.glued !== null && <OnThisPage page={page} />}
              {page.finished === null && <ClusterSlip page={page} layout={layout} />}
              <LaidList page={page} laid={laid} chosen={thing} onChoose={chooseThing} />
              <ThingsToLay page={page} layout={layout} />
            </>
          )}
          {shows === 'work' && <OrderOfWork page={page} />}
          {layout && shows === 'papers' && (
            <>
              <PapersList page={page} work={work} isOpen={isOpen} />
              {isOpen && <PlainGroundHint page={page} layout={layout} papers={work.papers} />}
              <MorePieces page={page} isOpen={isOpen} />
              {page.glued === null && (
                <HiddenList layout={layout} covers={work.covers} chosen={chosen} onChoose={chooseLayer} />
              )}
              {isOpen && <LayerList layout={layout} papers={work.papers} chosen={chosen} onChoose={chooseLayer} />}
            </>
          )}
        </Stack>
      </Columns>
    </Screen>
  );
}

const Middle = styled.div`
  display: flex;
  flex-direction: column;
  gap: 10px;
  align-items: center;
`;
const Drawn = styled.div`
  display: grid;
  grid-template-columns: 30px auto;
  gap: 4px;
  justify-content: center;
`;
