import type { Subscription } from 'dexie';
import { useEffect } from 'react';
import { useStore } from 'zustand';
import { Navigate, Route, Routes, useLocation } from 'react-router';
import { ThemeProvider } from 'styled-components';
import { db, say } from '../data/acts';
import { benchStore, followBench } from '../data/benchStore';
import { setUpOnce } from '../data/demo';
import { useSettings } from '../data/settings';
import { GlobalStyle } from '../ui/GlobalStyle';
import { day, evening } from '../ui/theme';
import { ParcelsScreen } from '../features/parcels';
import { StashScreen } from '../features/stash';
import { PhotosScreen } from '../features/photos';
import { PageBench, PagesScreen } from '../features/pages';
import { ShareOutScreen } from '../features/shareout';
import { CutsScreen } from '../features/cuts';
import { WrapUpScreen } from '../features/wrapup';
import { BustersScreen } from '../features/busters';
import { SettingsScreen } from '../features/settings';
import { Shell } from './Shell';

/** The whole application: data followed, look chosen, screens by address. */
export function App() {
  const look = useSettings((s) => s.look);
  const isLoaded = useStore(benchStore, (s) => s.isLoaded);
  useEffect(() => {
    let following: Subscription | null = null;
    let isGone = false;
    void setUpOnce(db)
      .catch((error: unknown) => say(String(error), 'refused'))
      .then(() => {
        if (!isGone) following = followBench(db);
      });
    return () => {
      isGone = true;
      following?.unsubscribe();
    };
  }, []);
  return (
    <ThemeProvider theme={look === 'day' ? day : evening}>
      <GlobalStyle />
      {isLoaded && (
        <Shell>
          <Screens />
        </Shell>
      )}
    </ThemeProvider>
  );
}

function Screens() {
  const { lastPlace, change } = useSettings();
  const { pathname } = useLocation();
  useEffect(() => {
    if (pathname !== '/') change({ lastPlace: pathname });
  }, [pathname, change]);
  return (
    <Routes>
      <Route path="/parcels/:parcel?" element={<ParcelsScreen />} />
      <Route path="/stash/:thing?" element={<StashScreen />} />
      <Route path="/photos" element={<PhotosScreen />} />
      <Route path="/share-out" element={<ShareOutScreen />} />
      <Route path="/pages" element={<PagesScreen />} />
      <Route path="/pages/:page" element={<PageBench />} />
      <Route path="/cuts/:page?" element={<CutsScreen />} />
      <Route path="/wrap-up/:kit?" element={<WrapUpScreen />} />
      <Route path="/busters" element={<BustersScreen />} />
      <Route path="/settings" element={<SettingsScreen />} />
      <Route path="*" element={<Navigate to={lastPlace === '/' ? '/stash' : lastPlace} replace />} />
    </Routes>
  );
}
