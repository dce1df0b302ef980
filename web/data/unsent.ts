import { keptStore } from './keptStore';

interface Unsent {
  /** By the field it stands in. */
  readonly texts: Readonly<Record<string, string>>;
  readonly write: (field: string, of: (now: string) => string) => void;
}

const useTexts = keptStore<Unsent>('nubbin-unsent', 1, (set) => ({
  texts: {},
  write: (field, of) =>
    set(({ texts: { [field]: now = '', ...others } }) => {
      const text = of(now);
      return { texts: text === '' ? others : { ...others, [field]: text } };
    }),
}));

/**
 * What is typed in a field that is sent and not written as it is left: it stands there again when she comes back,
 * another day too, until it is sent.
 * @param field which one it is, the same whenever it is shown
 */
export function useUnsent(field: string): readonly [string, (of: string | ((now: string) => string)) => void] {
  const text = useTexts(({ texts }) => texts[field] ?? '');
  const { write } = useTexts.getState();
  return [text, (of) => write(field, typeof of === 'string' ? () => of : of)];
}
