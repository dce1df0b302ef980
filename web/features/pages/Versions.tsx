import { Link } from 'react-router';
import styled from 'styled-components';
import { takeVersion, versionsOf } from '../../../core/acts';
import type { Page } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { useBench } from '../../data/benchStore';
import { usePictures } from '../../data/images';
import { useLaidThings } from '../../parts/laidThings';
import { Button } from '../../ui/Button';
import { PageDrawing } from '../../ui/PageDrawing';
import { Slip, Soft } from '../../ui/Screen';
import { usePageWork } from './usePageWork';

const SCALE = 9;

/** Versions of one page side by side: one is taken, the others go. */
export function Versions({ page }: { page: Page }) {
  const pages = useBench((b) => b.pages);
  const all = versionsOf(page, { pages });
  if (all.length < 2) return null;
  return (
    <Beside aria-label="Versions of this page">
      {all.map((one, i) => (
        <Version key={one.id} page={one} number={i + 1} isShown={one.id === page.id} />
      ))}
      <div>
        <Soft>Version {all.findIndex(({ id }) => id === page.id) + 1} is on the bench.</Soft>
        <br />
        <Button onPress={() => void act(takeVersion(page.id))}>Take this version</Button>
      </div>
    </Beside>
  );
}

function Version({ page, number, isShown }: { page: Page; number: number; isShown: boolean }) {
  const { layout, papers } = usePageWork(page);
  const pictures = usePictures(page.photos);
  const laid = useLaidThings(page);
  return (
    <Link to={`/pages/${page.id}`} aria-current={isShown ? 'page' : undefined} aria-label={`Version ${number}`}>
      {layout ? (
        <PageDrawing
          layout={layout}
          papers={papers}
          pictures={pictures}
          places={page.photos}
          laid={laid}
          scale={SCALE}
          label={`Version ${number}, drawn`}
        />
      ) : (
        <Soft>version {number}</Soft>
      )}
    </Link>
  );
}

const Beside = styled(Slip)`
  display: flex;
  gap: 16px;
  align-items: center;
  flex-wrap: wrap;
  a {
    border: 3px solid transparent;
    padding: 2px;
  }
  a[aria-current] {
    border-color: ${({ theme }) => theme.beet};
  }
`;
