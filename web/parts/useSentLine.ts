import { useUnsent } from '../data/unsent';

/**
 * A line that is typed and sent, and the next after it: the field is emptied at once, so that what is typed meanwhile
 * stays, and the line comes back where it was refused and nothing else stands there yet.
 *
 * @param field which one it is, see {@link useUnsent}
 * @param send whether it was taken
 */
export function useSentLine(field: string, send: (line: string) => Promise<boolean>) {
  const [line, setLine] = useUnsent(field);
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
