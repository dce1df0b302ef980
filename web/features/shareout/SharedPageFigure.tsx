import { useMemo } from 'react';
import { DropZone, isTextDropItem } from 'react-aria-components';
import { Link } from 'react-router';
import styled from 'styled-components';
import { formatArea, inches, toInches } from '../../../core/ground/length';
import { sharedPapers, type SharingPage } from '../../../core/kit/sharing';
import type { SmallGifts } from '../../../core/acts';
import { looksOf } from '../../../core/page/placing';
import type { PageCost, SharePlan } from '../../../core/kit/shareout';
import { useBench } from '../../data/benchStore';
import { pageWriting } from '../../parts/pageWriting';
import { usePictures } from '../../data/images';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { laidThings } from '../../parts/laidThings';
import { PageDrawing } from '../../ui/PageDrawing';
import { Paper } from '../../ui/Paper';
import { Soft, Wrong } from '../../ui/Screen';
import { PART, type DraggedPart } from './draggedPart';
import { lackingOnPage } from './lackingOnPage';
import { useShareChoices } from './shareChoices';
import { pageName } from '../../data/didWords';
import { inSentence } from '../../ui/inSentence';
import { agreeing } from '../../words/countWords';

export interface SharedPageFigureProps {
  sharing: SharingPage;
  plan: SharePlan | null;
  cost: PageCost | undefined;
  small: SmallGifts;
  /** Whether it is still being looked for, and whether more pages are proved to be impossible. */
  standing: 'looking' | 'open' | 'proved';
  /** A part of another page's paper was dropped here. */
  onGiven: (part: DraggedPart) => void;
}

const WIDE = 180;
const CHIP = { w: inches(1.4), h: inches(1.4) };

/** The papers that a page gets, each to be kept or refused. */
function GivenPapers({
  page,
  layout,
  papers,
}: Pick<SharingPage, 'page' | 'layout'> & { papers: Readonly<Record<string, string>> }) {
  const faces = useBench((b) => b.faces);
  const { pins, pin, forbid } = useShareChoices();
  return (
    <Papers aria-label={`Papers of ${pageName(page)}`}>
      {layout.slots.map(({ id, name }) => {
        const face = papers[id];
        if (face === undefined) return null;
        const isKept = pins[page.id]?.[id] !== undefined;
        return (
          <li key={id} data-kept={isKept || undefined}>
            <Paper size={CHIP} face={face} scale={15} />
            <span>
              {name}
              <br />
              <Soft>{faces.get(face)?.name}</Soft>
            </span>
            <Button
              look="quiet"
              aria-pressed={isKept}
              aria-label={`${isKept ? 'Let go of' : 'Keep'} ${faces.get(face)?.name} for the ${inSentence(name)} of ${pageName(page)}`}
              onPress={() => pin(page.id, id, isKept ? null : face)}
            >
              {isKept ? 'kept' : 'keep'}
            </Button>
            <Button
              look="quiet"
              aria-label={`Not ${faces.get(face)?.name} on ${pageName(page)}`}
              onPress={() => forbid(page.id, face, true)}
            >
              not this
            </Button>
          </li>
        );
      })}
    </Papers>
  );
}

/** Papers that she does not want on a page. */
function Refused({ page }: Pick<SharingPage, 'page'>) {
  const faces = useBench((b) => b.faces);
  const { forbidden, forbid } = useShareChoices();
  return (forbidden[page.id] ?? []).map((face) => (
    <Soft key={face}>
      not {faces.get(face)?.name}{' '}
      <Button look="quiet" onPress={() => forbid(page.id, face, false)}>
        after all
      </Button>
    </Soft>
  ));
}

/** Small things that go with a page, and those that its theme keeps off it. */
function WithIt({ page, small }: Pick<SharingPage, 'page'> & { small: SmallGifts }) {
  const bench = useBench((b) => b);
  const { lots } = bench;
  const allow = useShareChoices((choices) => choices.allow);
  const gifts = small.gifts.filter((gift) => gift.page === page.id);
  const off = small.offTheme.filter((one) => one.page === page.id);
  const nameOf = ({ lot, part }: { lot: string; part: string }): string =>
    part === ''
      ? [lots.get(lot)?.name, lots.get(lot)?.note].filter(Boolean).join(', ')
      : (looksOf({ lot, part }, bench)?.name ?? '');
  return (
    <>
      {gifts.length > 0 && <Soft>with {gifts.map((gift) => `${gift.count} × ${nameOf(gift)}`).join('; ')}</Soft>}
      {off.map((one) => (
        <Soft key={`${one.lot}/${one.part}`}>
          no {nameOf(one)}: they show “{one.word}”{' '}
          <Button look="quiet" onPress={() => allow({ page: page.id, lot: one.lot, part: one.part })}>
            take them all the same
          </Button>
        </Soft>
      ))}
    </>
  );
}

/** Why a page gets no papers: in red only where it is proved that none can be had. */
function Lacking({
  shared,
  sharing,
  standing,
}: Pick<SharedPageFigureProps, 'sharing' | 'standing'> & { shared: SharePlan['pages'][number] | undefined }) {
  if (!shared || shared.complete) return null;
  if (standing === 'looking') return <Soft>Still looking for papers for it …</Soft>;
  const why = lackingOnPage(shared.why, sharing);
  return standing === 'proved' ? <Wrong>{why}</Wrong> : <Soft>No way was found so far: {why}</Soft>;
}

/**
 * A page in the papers that a share-out gives it, each to be kept or refused, and what it costs; or why it gets none.
 */
export function SharedPageFigure({ sharing, plan, cost, small, standing, onGiven }: SharedPageFigureProps) {
  const { page, layout } = sharing;
  const bench = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const pictures = usePictures(page.photos);
  const shared = plan?.pages.find(({ id }) => id === page.id);
  const papers = plan ? sharedPapers(plan, sharing) : null;
  const laid = useMemo(
    () => laidThings({ placed: (small.laid.get(page.id) ?? []).map((one, i) => ({ ...one, id: String(i) })) }, bench),
    [small, page.id, bench],
  );
  return (
    <Given
      aria-label={`${pageName(page)}: parts can be dropped here`}
      getDropOperation={(types) => (types.has(PART) ? 'move' : 'cancel')}
      onDrop={(event) => {
        void Promise.all(event.items.filter(isTextDropItem).map((item) => item.getText(PART))).then(([text]) => {
          if (text !== undefined) onGiven(JSON.parse(text) as DraggedPart);
        });
      }}
    >
      <PageDrawing
        layout={layout}
        papers={papers ?? {}}
        pictures={pictures}
        scale={Math.min(WIDE / toInches(layout.size.w), 170 / toInches(layout.size.h))}
        writing={pageWriting(page, bench)}
        laid={shared?.complete ? laid : []}
        label={`${pageName(page)} as it will look`}
      />
      <div>
        <Link to={`/pages/${page.id}`}>{pageName(page)}</Link>
        {shared?.complete && cost && (
          <Soft>
            {' '}
            · {formatArea(cost.area, system)}
            {cost.opens > 0 ? `, opens ${agreeing(cost.opens, 'a sheet', `${cost.opens} sheets`)} by itself` : ''}
          </Soft>
        )}
        <Lacking shared={shared} sharing={sharing} standing={standing} />
      </div>
      {papers && <GivenPapers page={page} layout={layout} papers={papers} />}
      <Refused page={page} />
      <WithIt page={page} small={small} />
    </Given>
  );
}

const Given = styled(DropZone)`
  display: flex;
  flex-direction: column;
  gap: 4px;
  align-items: flex-start;
  padding: 4px;
  border: 2px solid transparent;
  border-radius: 4px;
  &[data-drop-target] {
    border-color: ${({ theme }) => theme.marigold};
    background: ${({ theme }) => theme.marigoldWash};
  }
`;
const Papers = styled.ul`
  width: 100%;
  font-size: 14px;
  line-height: 1.2;
  li {
    display: grid;
    grid-template-columns: 22px 1fr auto auto;
    gap: 8px;
    align-items: center;
    padding: 2px 0;
  }
  li[data-kept] span {
    font-weight: 700;
  }
`;
