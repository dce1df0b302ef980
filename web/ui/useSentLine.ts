import { useState } from 'react';

/**
 * A line that is typed and sent, and the next after it: the field is emptied at once, so that what is typed meanwhile
 * stays, and the line comes back where it was refused and nothing else stands there yet.
 *
 * @param send whether it was taken
 */
export function useSentLine(send: (line: string) => Promise<boolean>) {
  const [line, setLine] = useState('');
  return {
    line,
    setLine,
    send: async (): Promise<void> => {
      if (line.trim() === '') return;
      setLine('');
      if (!(await send(line))) setLine((now) => (now === '' ? line : now));
    },
  };
}
