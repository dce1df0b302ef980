import { dropPage } from '../../../core/acts';
import type { Page } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { pageName } from '../../data/didWords';
import { useSettings } from '../../data/settings';
import { Notes } from '../../parts/Notes';
import { Button } from '../../ui/Button';
import { formatWords } from '../../ui/pageWords';
import { Columns, Screen, Stack } from '../../ui/Screen';
import { useGoAfter } from '../../ui/useGoAfter';
import { OnThisPage } from './OnThisPage';
import { PageMenu } from './PageMenu';
import { PageWords } from './PageWords';
import { RealPage } from './RealPage';

/** A page that was made without a plan and told afterwards: its picture, its words, what went in. */
export function ToldPage({ page }: { page: Page }) {
  const goAfter = useGoAfter();
  const system = useSettings((s) => s.system);
  return (
    <Screen
      title={pageName(page)}
      about={`${formatWords(page.format, system)} · told afterwards · done`}
      actions={
        <>
          <Button
            look="quiet"
            onPress={() => void goAfter(act(dropPage(page.id)).then((isDone) => (isDone ? '/pages' : null)))}
          >
            Drop this page
          </Button>
          <PageMenu page={page} />
        </>
      }
    >
      <Columns $widths="clamp(204px, 20.6vw, 264px) minmax(0, 1fr) clamp(216px, 22.5vw, 288px)">
        <PageWords page={page} layout={null} />
        <RealPage page={page} />
        <Stack $gap={16}>
          <OnThisPage page={page} />
          <Notes table="pages" record={page} />
        </Stack>
      </Columns>
    </Screen>
  );
}
