import { useEffect, useMemo, useReducer, useState } from 'react';
import styled from 'styled-components';
import { designOfPage, DESIGNS, pageLayout } from '../../../core/design';
import type { RankedDesign } from '../../../core/papers';
import type { Page } from '../../../core/things';
import { useBench } from '../../data/benchStore';
import { usePictures } from '../../data/images';
import { useSettings } from '../../data/settings';
import { BrokenOff, whyOf } from '../../ui/BrokenOff';
import { Button } from '../../ui/Button';
import { PageDrawing } from '../../ui/PageDrawing';
import { designWords } from '../../ui/pageWords';
import { Row, Soft } from '../../ui/Screen';
import { Working } from '../../ui/Working';
import { rankInWorker, stopPlanning } from '../../workers/planningClient';
import { designReasons } from './designReasons';
import type { PageWork } from './usePageWork';
import { dropDesign, chooseDesign } from '../../../core/making';
import { act } from '../../data/acts';

export interface DesignsSideBySideProps {
  page: Page;
  work: PageWork;
  onDone: () => void;
}

/** Designs shown before the rest is asked for. */
const SHOWN = 6;

type Candidate = Pick<RankedDesign, 'design' | 'own'>;

/**
 * The page's photos in every design that takes them, in papers that are there, the best first, with why; and why not
 * the others.
 */
export function DesignsSideBySide({ page, work, onDone }: DesignsSideBySideProps) {
  const { designs, faces } = useBench((b) => b);
  const system = useSettings((s) => s.system);
  const [found, setFound] = useState<{ ranked: readonly RankedDesign[]; done: number | null }>({ ranked: [], done: 0 });
  const candidates = useMemo(
    (): Candidate[] => [
      ...DESIGNS.map(({ id }) => ({ design: id })),
      ...[...designs.values()].map((own) => ({ design: own.id, own })),
    ],
    [designs],
  );
  const { stock, colours } = work;
  const longestCut = useSettings((s) => s.longestCut);
  const [trouble, setTrouble] = useState<string | null>(null);
  const [tries, again] = useReducer((n: number) => n + 1, 0);
  useEffect(() => {
    let isLatest = true;
    const { format, photos: own, mat } = page;
    void rankInWorker(
      {
        page: { format, photos: own, mat },
        designs: candidates,
        faces: [...faces.values()],
        stock,
        colours,
        longestCut,
      },
      ({ ranked, done }) => {
        if (isLatest) setFound({ ranked, done });
      },
    ).then(
      (last) => {
        if (!isLatest) return;
        setTrouble(null);
        setFound((before) => ({ ranked: last?.ranked ?? before.ranked, done: null }));
      },
      (error: unknown) => {
        if (!isLatest) return;
        setTrouble(whyOf(error));
        setFound((before) => ({ ...before, done: null }));
      },
    );
    return () => {
      isLatest = false;
      stopPlanning();
    };
  }, [page, candidates, faces, stock, colours, longestCut, tries]);
  const [isAll, setAll] = useState(false);
  const pictures = usePictures(page.photos);
  const others = useMemo(
    () =>
      candidates
        .filter(({ design }) => !found.ranked.some((one) => one.design === design))
        .map((candidate) => ({
          candidate,
          design: designOfPage(candidate),
          laid: pageLayout({ ...page, options: {}, moves: {}, own: undefined, ...candidate }),
        })),
    [candidates, found.ranked, page],
  );
  const take = (choice: Candidate & { papers?: RankedDesign['papers'] }): void => {
    void act(chooseDesign(page.id, choice), { isQuiet: true }).then((done) => {
      if (done) onDone();
    });
  };
  return (
    <>
      {found.done !== null && (
        <Working done={found.done} onStop={stopPlanning}>
          Laying the photos out
        </Working>
      )}
      {trouble !== null && <BrokenOff what="The search" why={trouble} onAgain={again} />}
      <Proposals aria-label="Designs that can be made">
        {found.ranked.slice(0, isAll ? undefined : SHOWN).map((one) => {
          const { name } = designOfPage(one);
          const laid = pageLayout({ ...page, options: {}, moves: {}, own: undefined, ...one });
          return (
            laid.ok && (
              <li key={one.design}>
                <PageDrawing
                  layout={laid.value}
                  papers={one.papers}
                  pictures={pictures}
                  scale={Math.min(232 / (laid.value.size.w / 8128), 216 / (laid.value.size.h / 8128))}
                  label={`${name}, in the papers that are there`}
                />
                <h3>{name}</h3>
                {designReasons(one.why, (id) => faces.get(id)?.name ?? '').map((words) => (
                  <p key={words}>{words}</p>
                ))}
                <Row>
                  <Button look={one.design === page.design ? 'plain' : 'main'} onPress={() => take(one)}>
                    {one.design === page.design ? 'Keep this, in these papers' : 'Take this design'}
                  </Button>
                  {one.own !== undefined && (
                    <Button
                      look="quiet"
                      onPress={() => {
                        void act(dropDesign(one.own!));
                      }}
                    >
                      drop it
                    </Button>
                  )}
                </Row>
              </li>
            )
          );
        })}
      </Proposals>
      {!isAll && found.ranked.length > SHOWN && (
        <Button look="quiet" onPress={() => setAll(true)}>{`Show ${found.ranked.length - SHOWN} more`}</Button>
      )}
      {found.done === null && others.length > 0 && (
        <Others aria-label="Designs that cannot be made">
          {others.map(({ candidate, design, laid }) => (
            <li key={design.id}>
              <strong>{design.name}</strong>{' '}
              <Soft>
                {laid.ok ? 'The papers there do not suffice for all of its pieces.' : designWords(laid.error, system)}
              </Soft>{' '}
              {laid.ok && (
                <Button look="quiet" onPress={() => take(candidate)}>
                  take it all the same
                </Button>
              )}
            </li>
          ))}
        </Others>
      )}
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
