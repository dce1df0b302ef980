import { overlaps } from '../../ground/geometry';
import type { Remark, Sheet } from './eyed';

/** What matters in a photo, covered by what lies above it. */
export const coveredSubjects = ({ things }: Sheet): Remark[] =>
  things.flatMap(({ id, subject }, i) =>
    subject === null
      ? []
      : things
          .slice(i + 1)
          .filter((above) => overlaps(subject, above))
          .map((above): Remark => ({
            kind: 'covered',
            things: [id, above.id],
            why: 'It lies over what matters in the photo.',
          })),
  );
