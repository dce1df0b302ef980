import { designOfPage, pageLayout } from '../../../core/page/design';
import { changePage } from '../../../core/acts';
import type { Page } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { Button } from '../../ui/Button';
import { Row, Soft } from '../../ui/Screen';
import { layerName } from './layerName';

/** Layers of the design that the page is without; until it is glued they can be had again. */
export function LeftOut({ page }: { page: Page }) {
  const { without = [] } = page;
  if (without.length === 0) return null;
  const whole = pageLayout({ ...page, without: [] });
  const nameOf = (id: string): string => {
    const layer = whole.value?.layers.find((one) => one.id === id);
    return whole.ok && layer ? layerName(whole.value, layer) : designOfPage(page).name;
  };
  return (
    <section aria-label="Left out">
      <h2>Left out</h2>
      {without.map((id) => (
        <Row key={id}>
          <Soft>{nameOf(id)}</Soft>
          {page.glued === null && (
            <Button
              look="quiet"
              onPress={() =>
                void act(
                  changePage(page.id, (now) => ({ without: (now.without ?? []).filter((one) => one !== id) })),
                  { isQuiet: true },
                )
              }
            >
              have it after all
            </Button>
          )}
        </Row>
      ))}
    </section>
  );
}
