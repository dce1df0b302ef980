import { Soft, Stack } from '../../ui/Screen';
import { inSentence } from '../../ui/inSentence';
import { slotForPart, type DraggedPart } from './draggedPart';
import type { ShareChoices } from './shareChoices';
import { SharedPageFigure } from './SharedPageFigure';
import type { Shared } from './useShared';

/** The pages as they will look; a part dragged from one to another goes there. */
export function PagesColumn({ shared, choices }: { shared: Shared; choices: ShareChoices }) {
  const { laid, plan, complete, small, costs, standing } = shared;
  const give =
    (to: string) =>
    (part: DraggedPart): void => {
      const [from, target] = [laid.find(({ page }) => page.id === part.page), laid.find(({ page }) => page.id === to)];
      const slot = from && target && part.face !== null && from !== target ? slotForPart(part, from, target) : null;
      if (slot === null || part.face === null) return;
      choices.pin(to, slot, part.face);
      choices.forbid(part.page, part.face, true);
    };
  return (
    <Stack $gap={14}>
      <h2>Pages, as they will look</h2>
      {laid.map((sharing) => (
        <SharedPageFigure
          key={sharing.page.id}
          sharing={sharing}
          plan={plan}
          cost={costs.find(({ page }) => page === sharing.page.id)}
          small={small}
          standing={standing}
          onGiven={give(sharing.page.id)}
        />
      ))}
      {complete.length > 0 && small.untaken.length > 0 && (
        <Soft>
          No page takes {small.untaken.map(({ name, count }) => `${count} × ${inSentence(name)}`).join(', ')}.
        </Soft>
      )}
    </Stack>
  );
}
