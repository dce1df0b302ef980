import { lazy, type ComponentType } from 'react';
import { matchPath } from 'react-router';

/** Every screen, by its address. */
const LOADED_FROM: Readonly<Record<string, () => Promise<ComponentType>>> = {
  '/parcels/:parcel?': async () => (await import('../features/parcels')).ParcelsScreen,
  '/stash/:thing?': async () => (await import('../features/stash')).StashScreen,
  '/photos': async () => (await import('../features/photos')).PhotosScreen,
  '/share-out': async () => (await import('../features/shareout')).ShareOutScreen,
  '/pages': async () => (await import('../features/pages')).PagesScreen,
  '/pages/:page': async () => (await import('../features/pages')).PageBench,
  '/cuts/:page?': async () => (await import('../features/cuts')).CutsScreen,
  '/titles/:page?': async () => (await import('../features/titles')).TitlesScreen,
  '/wrap-up/:kit?': async () => (await import('../features/wrapup')).WrapUpScreen,
  '/busters': async () => (await import('../features/busters')).BustersScreen,
  '/album/:album?': async () => (await import('../features/album')).AlbumScreen,
  '/round': async () => (await import('../features/round')).RoundScreen,
  '/busters/gather': async () => (await import('../features/gather')).GatherScreen,
  '/settings': async () => (await import('../features/settings')).SettingsScreen,
};

/** Screens are loaded when they are opened. */
export const SCREENS = Object.entries(LOADED_FROM).map(([path, load]) => ({
  path,
  load,
  Screen: lazy(async () => ({ default: await load() })),
}));

/** Fetches the code of the screen at an address, which may be wanted in a moment. */
export function fetchScreen(address: string): void {
  // What cannot be fetched is told when the screen is opened.
  SCREENS.find(({ path }) => matchPath(path, address))
    ?.load()
    .catch(() => null);
}
