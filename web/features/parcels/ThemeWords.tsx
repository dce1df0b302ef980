import { useState } from 'react';
import type { Kit } from '../../../core/things';
import { act } from '../../data/acts';
import { TextField } from '../../ui/TextField';

/** What a kit is about: words by which a page's theme tells what does not fit. */
export function ThemeWords({ kit }: { kit: Kit }) {
  const [text, setText] = useState(kit.theme.join(', '));
  const keep = (): void => {
    const theme = text
      .split(/[,;]+/)
      .map((word) => word.trim().toLowerCase())
      .filter(Boolean);
    if (theme.join() !== kit.theme.join())
      void act(
        {
          label: `Said what ${kit.name} is about`,
          changes: [{ table: 'kits', key: kit.id, change: (now) => ({ ...now, theme }) }],
        },
        true,
      );
  };
  return (
    <TextField
      label="Theme words"
      value={text}
      onChange={setText}
      onBlur={keep}
      description="Pages of another theme are not given what shows these."
    />
  );
}
