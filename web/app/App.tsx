import { Suspense, useEffect } from 'react';
import { useStore } from 'zustand';
import { Route, Routes, useLocation } from 'react-router';
import styled, { ThemeProvider } from 'styled-components';
import { db, getReadyToAct, say } from '../data/acts';
import { benchStore, followBench, tellTrouble } from '../data/benchStore';
import { setUpOnce } from '../data/setUp';
import { sweepHalfRead } from '../data/file/whileReading';
import { sweepPictures } from '../data/sweepPictures';
import { useSettings } from '../data/settings';
import { GlobalStyle } from '../ui/GlobalStyle';
import { day, evening } from '../ui/theme';
import { Boundary } from './Boundary';
import { Shell } from './Shell';
import { LeadOn } from '../ui/LeadOn';
import { fetchScreen, SCREENS } from './screens';

/** The screen to open where the address names none: where she was last. */
const placeOf = (address: string, lastPlace: string): string =>
  address !== '/' ? address : lastPlace === '/' ? '/stash' : lastPlace;

// While what is kept is read, the code of the first screen comes.
fetchScreen(placeOf(window.location.pathname, useSettings.getState().lastPlace));

async function setUp(): Promise<void> {
  await sweepPictures(db);
  await sweepHalfRead(db);
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
          {SCREENS.map(({ path, Screen }) => (
            <Route key={path} path={path} element={<Screen />} />
          ))}
          <Route
            path="*"
            element={
              <>
                <Opening role="status">Opening …</Opening>
                <LeadOn to={placeOf('/', lastPlace)} />
              </>
            }
          />
        </Routes>
      </Suspense>
    </Boundary>
  );
}

const Opening = styled.p`
  padding: 24px;
  color: ${({ theme }) => theme.soft};
`;
