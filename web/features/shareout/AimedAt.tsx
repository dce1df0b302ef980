import { facesMeant } from '../../../core/kit/closing';
import type { SharePlan } from '../../../core/kit/shareout';
import { useBench } from '../../data/benchStore';

/** Which of the papers that her aims want used are on these pages, and which are not. */
export function AimedAt({ plan }: { plan: SharePlan }) {
  const faces = useBench((b) => b.faces);
  // As text, so that it is the same until it differs.
  const meant = useBench((b) => JSON.stringify(facesMeant(b)));
  const used = new Set(plan.pages.flatMap((page) => (page.complete ? page.slots.map(({ design }) => design) : [])));
  const ids = JSON.parse(meant) as string[];
  const named = (some: readonly string[]): string =>
    [...new Set(some.flatMap((id) => faces.get(id)?.name ?? []))].join(', ');
  const [on, off] = [ids.filter((id) => used.has(id)), ids.filter((id) => !used.has(id))];
  if (ids.length === 0) return null;
  return (
    <p>
      {on.length > 0 ? `Of what your aims want used: ${named(on)}.` : 'Nothing that your aims want used is on them.'}
      {off.length > 0 && on.length > 0 && ` Not: ${named(off)}.`}
    </p>
  );
}
