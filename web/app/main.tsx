import '@fontsource-variable/bricolage-grotesque';
import '@fontsource-variable/atkinson-hyperlegible-next';
import '@fontsource-variable/atkinson-hyperlegible-mono';
import { createRoot } from 'react-dom/client';
import { BrowserRouter } from 'react-router';
import { say } from '../data/acts';
import { onWorkerTrouble } from '../workers/openWorker';
import { App } from './App';

onWorkerTrouble(() =>
  say(
    'A part of Nubbin could not be loaded, so this search will not end. Reload the page; nothing is lost.',
    'refused',
  ),
);
createRoot(document.getElementById('bench')!).render(
  <BrowserRouter>
    <App />
  </BrowserRouter>,
);
