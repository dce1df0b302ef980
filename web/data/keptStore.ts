import { create, type StateCreator } from 'zustand';
import { persist, type PersistOptions, type PersistStorage } from 'zustand/middleware';

/** A browser may refuse to keep anything: then it lasts as long as the window. What cannot be read counts as nothing. */
const tried = <T>(act: () => T): T | null => {
  try {
    return act();
  } catch {
    return null;
  }
};

const inThisBrowser = <T>(): PersistStorage<T> => ({
  getItem: (name) =>
    tried(() => JSON.parse(localStorage.getItem(name) ?? 'null') as ReturnType<PersistStorage<T>['getItem']>),
  setItem: (name, value) => tried(() => localStorage.setItem(name, JSON.stringify(value))),
  removeItem: (name) => tried(() => localStorage.removeItem(name)),
});

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
  const useStore = create<T>()(persist(begin, { name, version, storage: inThisBrowser<T>(), ...options }));
  if (typeof window !== 'undefined')
    window.addEventListener('storage', ({ key }) => {
      if (key === name) void useStore.persist.rehydrate();
    });
  return useStore;
}
