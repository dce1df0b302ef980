import { useState } from 'react';
import styled from 'styled-components';
import { designOfPage, pageLayout } from '../../../core/page/design';
import { toInches } from '../../../core/ground/length';
import { chooseDesign, dropDesign } from '../../../core/acts';
import type { RankedDesign } from '../../../core/page/papers';
import type { Page } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { usePictures } from '../../data/images';
import { useSettings } from '../../data/settings';
import { BrokenOff } from '../../ui/BrokenOff';
import { Button } from '../../ui/Button';
import { PageDrawing } from '../../ui/PageDrawing';
import { designWords } from '../../ui/pageWords';
import { Row, Soft } from '../../ui/Screen';
import { Working } from '../../ui/Working';
import { designReasons } from './designReasons';
import type { PageWork } from './usePageWork';
import { inDesign, useRankedDesigns, type Candidate } from './useRankedDesigns';

export interface DesignsSideBySideProps {
  page: Page;
  work: PageWork;
  onDone: () => void;
}

/** Designs shown before the rest is asked for. */
const SHOWN = 6;

type Taking = (choice: Candidate & { papers?: RankedDesign['papers'] }) => void;

/** A design in papers that are there, with why. */
function InItsPapers({ page, one, onTake }: { page: Page; one: RankedDesign; onTake: Taking }) {
  const faces = useBench((b) => b.faces);
  const pictures = usePictures(page.photos);
  const { name } = designOfPage(one);
  const { own } = one;
  const laid = pageLayout(inDesign(page, one));
  if (!laid.ok) return null;
  return (
    <li>
      <PageDrawing
        layout={laid.value}
        papers={one.papers}
        pictures={pictures}
        scale={Math.min(232 / toInches(laid.value.size.w), 216 / toInches(laid.value.size.h))}
        label={`${name}, in the papers that are there`}
      />
      <h3>{name}</h3>
      {designReasons(one.why, (id) => faces.get(id)?.name ?? '').map((words) => (
        <p key={words}>{words}</p>
      ))}
      <Row>
        <Button look={one.design === page.design ? 'plain' : 'main'} onPress={() => onTake(one)}>
          {one.design === page.design ? 'Keep this, in these papers' : 'Take this design'}
        </Button>
        {own && (
          <Button look="quiet" onPress={() => void act(dropDesign(own))}>
            drop it
          </Button>
        )}
      </Row>
    </li>
  );
}

/** The designs that cannot be made, and why. */
function CannotBeMade({ page, others, onTake }: { page: Page; others: readonly Candidate[]; onTake: Taking }) {
  const system = useSettings((s) => s.system);
  return (
    <Others aria-label="Designs that cannot be made">
      {others.map((candidate) => {
        const [design, laid] = [designOfPage(candidate), pageLayout(inDesign(page, candidate))];
        return (
          <li key={design.id}>
            <strong>{design.name}</strong>{' '}
            <Soft>
              {laid.ok ? 'The papers there do not suffice for all of its pieces.' : designWords(laid.error, system)}
            </Soft>{' '}
            {laid.ok && (
              <Button look="quiet" onPress={() => onTake(candidate)}>
                take it all the same
              </Button>
            )}
          </li>
        );
      })}
    </Others>
  );
}

/**
 * The page's photos in every design that takes them, in papers that are there, the best first, with why; and why not
 * the others.
 */
export function DesignsSideBySide({ page, work, onDone }: DesignsSideBySideProps) {
  const { ranked, others, done, trouble, stop, again } = useRankedDesigns(page, work);
  const [isAll, setAll] = useState(false);
  const take: Taking = (choice) => {
    void act(chooseDesign(page.id, choice), { isQuiet: true }).then((isTaken) => {
      if (isTaken) onDone();
    });
  };
  return (
    <>
      {done !== null && (
        <Working done={done} onStop={stop}>
          Laying the photos out
        </Working>
      )}
      {trouble !== null && <BrokenOff what="The search" why={trouble} onAgain={again} />}
      <Proposals aria-label="Designs that can be made">
        {ranked.slice(0, isAll ? undefined : SHOWN).map((one) => (
          <InItsPapers key={one.design} page={page} one={one} onTake={take} />
        ))}
      </Proposals>
      {!isAll && ranked.length > SHOWN && (
        <Button look="quiet" onPress={() => setAll(true)}>{`Show ${ranked.length - SHOWN} more`}</Button>
      )}
      {done === null && others.length > 0 && <CannotBeMade page={page} others={others} onTake={take} />}
      <Row>
        <Button slot="close">Close</Button>
      </Row>
    </>
  );
}

const Proposals = styled.ul`
  display: grid;
  grid-template-columns: repeat(4, 1fr);
  gap: 22px 24px;
  width: 100%;
  align-items: start;
  li {
    display: flex;
    flex-direction: column;
    gap: 4px;
  }
  p {
    font-size: 14px;
    line-height: 1.3;
  }
  h3 {
    padding-top: 4px;
  }
`;
const Others = styled.ul`
  display: flex;
  flex-direction: column;
  gap: 4px;
  font-size: 15px;
`;
