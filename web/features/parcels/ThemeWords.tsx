import { changeKit } from '../../../core/acts';
import type { Kit } from '../../../core/stock/things';
import { act } from '../../data/acts';
import { KeptTextField } from '../../ui/KeptTextField';

const wordsIn = (text: string): string[] =>
  text
    .split(/[,;]+/)
    .map((word) => word.trim().toLowerCase())
    .filter(Boolean);

/** What a kit is about: words by which a page's theme tells what does not fit. */
export function ThemeWords({ kit }: { kit: Kit }) {
  return (
    <KeptTextField
      label="Theme words"
      value={kit.theme.join(', ')}
      onKeep={(text) => {
        void act(changeKit(kit.id, { theme: wordsIn(text) }), { isQuiet: true });
      }}
      description="Pages of another theme are not given what shows these."
    />
  );
}
