import { create, type StateCreator } from 'zustand';
import { createJSONStorage, persist, type PersistOptions, type StateStorage } from 'zustand/middleware';

/** A browser may refuse to keep anything: then it lasts as long as the window. Text that is no JSON counts as nothing. */
const browserStorage: StateStorage = {
  getItem: (name) => {
    try {
      const text = localStorage.getItem(name);
      JSON.parse(text ?? '');
      return text;
    } catch {
      return null;
    }
  },
  setItem: (name, value) => {
    try {
      localStorage.setItem(name, value);
    } catch {
      /* refused: see above */
    }
  },
  removeItem: (name) => {
    try {
      localStorage.removeItem(name);
    } catch {
      /* refused: see above */
    }
  },
};

/**
 * A store that is kept in this browser. What is changed in one window is changed in all: each writes down the whole of
 * it, and would else take back what another has changed since.
 * @param version of what is kept
 */
export function keptStore<T>(
  name: string,
  version: number,
  begin: StateCreator<T, [['zustand/persist', unknown]]>,
  options: Pick<PersistOptions<T>, 'migrate' | 'merge'> = {},
) {
  const useStore = create<T>()(
    persist(begin, { name, version, storage: createJSONStorage(() => browserStorage), ...options }),
  );
  if (typeof window !== 'undefined')
    window.addEventListener('storage', ({ key }) => {
      if (key === name) void useStore.persist.rehydrate();
    });
  return useStore;
}
