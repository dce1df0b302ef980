import type { Page } from '../../../core/stock/things';
import { pageName } from '../../data/didWords';
import { Button } from '../../ui/Button';
import { Soft, Stack } from '../../ui/Screen';

/** Glued pages of its size that are in no album: a press puts one at its end. */
export function NotIn({ pages, onAdd }: { pages: readonly Page[]; onAdd: (page: Page) => void }) {
  return (
    <section aria-label="In no album yet">
      <h2>In no album yet</h2>
      {pages.length === 0 ? (
        <Soft>All glued pages of this size are in an album.</Soft>
      ) : (
        <Stack as="ul" $gap={2}>
          {pages.map((page) => (
            <li key={page.id}>
              <Button look="quiet" onPress={() => onAdd(page)}>
                {`put ${pageName(page)} at the end`}
              </Button>
            </li>
          ))}
        </Stack>
      )}
    </section>
  );
}
