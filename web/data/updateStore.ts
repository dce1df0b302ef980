import { createStore, useStore } from 'zustand';

/** A newer Nubbin is there, in this window's cache or in another window: this one should be loaded anew. */
const store = createStore<{ readonly reload: (() => void) | null }>()(() => ({ reload: null }));

export const tellUpdate = (reload: () => void = () => location.reload()): void => store.setState({ reload });

/** How to take the newer one; null: there is none. */
export const useUpdate = (): (() => void) | null => useStore(store, ({ reload }) => reload);
