import { lazy, Suspense, useEffect } from 'react';
import { useStore } from 'zustand';
import { Route, Routes, useLocation } from 'react-router';
import styled, { ThemeProvider } from 'styled-components';
import { db, getReadyToAct, say } from '../data/acts';
import { benchStore, followBench, tellTrouble } from '../data/benchStore';
import { setUpOnce } from '../data/setUp';
import { sweepPictures } from '../data/sweepPictures';
import { useSettings } from '../data/settings';
import { GlobalStyle } from '../ui/GlobalStyle';
import { day, evening } from '../ui/theme';
import { Boundary } from './Boundary';
import { Shell } from './Shell';
import { LeadOn } from '../ui/LeadOn';

/** Screens are loaded when they are opened. */
const ParcelsScreen = lazy(async () => ({ default: (await import('../features/parcels')).ParcelsScreen }));
const StashScreen = lazy(async () => ({ default: (await import('../features/stash')).StashScreen }));
const PhotosScreen = lazy(async () => ({ default: (await import('../features/photos')).PhotosScreen }));
const PagesScreen = lazy(async () => ({ default: (await import('../features/pages')).PagesScreen }));
const PageBench = lazy(async () => ({ default: (await import('../features/pages')).PageBench }));
const ShareOutScreen = lazy(async () => ({ default: (await import('../features/shareout')).ShareOutScreen }));
const CutsScreen = lazy(async () => ({ default: (await import('../features/cuts')).CutsScreen }));
const TitlesScreen = lazy(async () => ({ default: (await import('../features/titles')).TitlesScreen }));
const WrapUpScreen = lazy(async () => ({ default: (await import('../features/wrapup')).WrapUpScreen }));
const BustersScreen = lazy(async () => ({ default: (await import('../features/busters')).BustersScreen }));
const AlbumScreen = lazy(async () => ({ default: (await import('../features/album')).AlbumScreen }));
const RoundScreen = lazy(async () => ({ default: (await import('../features/round')).RoundScreen }));
const GatherScreen = lazy(async () => ({ default: (await import('../features/gather')).GatherScreen }));
const SettingsScreen = lazy(async () => ({ default: (await import('../features/settings')).SettingsScreen }));

async function setUp(): Promise<void> {
  await sweepPictures(db);
  await setUpOnce(db);
}

/** The whole application: data followed, look chosen, screens by address. */
export function App() {
  const look = useSettings((s) => s.look);
  const isLoaded = useStore(benchStore, (s) => s.isLoaded);
  useEffect(getReadyToAct, []);
  useEffect(() => {
    let stopFollowing: (() => void) | null = null;
    let isGone = false;
    db.open()
      .then(async () => {
        await setUp().catch((error: unknown) => say(String(error), 'refused'));
        if (!isGone) stopFollowing = followBench(db);
      })
      .catch(tellTrouble);
    return () => {
      isGone = true;
      stopFollowing?.();
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
    <Boundary place={pathname}>
      <Suspense fallback={<Opening role="status">Opening …</Opening>}>
        <Routes>
          <Route path="/parcels/:parcel?" element={<ParcelsScreen />} />
          <Route path="/stash/:thing?" element={<StashScreen />} />
          <Route path="/photos" element={<PhotosScreen />} />
          <Route path="/share-out" element={<ShareOutScreen />} />
          <Route path="/pages" element={<PagesScreen />} />
          <Route path="/pages/:page" element={<PageBench />} />
          <Route path="/cuts/:page?" element={<CutsScreen />} />
          <Route path="/titles/:page?" element={<TitlesScreen />} />
          <Route path="/wrap-up/:kit?" element={<WrapUpScreen />} />
          <Route path="/busters" element={<BustersScreen />} />
          <Route path="/album/:album?" element={<AlbumScreen />} />
          <Route path="/round" element={<RoundScreen />} />
          <Route path="/busters/gather" element={<GatherScreen />} />
          <Route path="/settings" element={<SettingsScreen />} />
          <Route path="*" element={<LeadOn to={lastPlace === '/' ? '/stash' : lastPlace} />} />
        </Routes>
      </Suspense>
    </Boundary>
  );
}

const Opening = styled.p`
  padding: 24px;
  color: ${({ theme }) => theme.soft};
`;
