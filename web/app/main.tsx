import '@fontsource-variable/bricolage-grotesque';
import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/atkinson-hyperlegible-mono';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { registerSW } from 'virtual:pwa-register';
import { db } from '../data/acts';
import { tellUpdate } from '../data/updateStore';
import { App } from './App';

const update = registerSW({ onNeedRefresh: () => tellUpdate(() => void update(true)) });
// A window of a newer version wants to open the database in its own way: this one lets go of it.
db.on('versionchange', () => {
  db.close();
  tellUpdate();
  // Dexie's own answer would open it again at the next act.
  return false;
});
// A part of the application that is no longer there: an update took its place.
window.addEventListener('vite:preloadError', () => tellUpdate());

// What she goes to, or chooses, is there before her next press: while it came as a transition, that press fell on what
// had been there before.
createRoot(document.getElementById('bench')!).render(
  <BrowserRouter useTransitions={false}>
    <App />
  </BrowserRouter>,
);
