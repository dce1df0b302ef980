import { nanoid } from 'nanoid';
import { Menu, MenuItem, MenuTrigger } from 'react-aria-components';
import { anotherVersion, copyPage } from '../../../core/acts';
import type { Page } from '../../../core/stock/things';
import { act, say } from '../../data/acts';
import { benchStore } from '../../data/benchStore';
import { pageName } from '../../data/didWords';
import { Button } from '../../ui/Button';
import { drawnPng, standingSvg } from '../../ui/drawnPage';
import { keepFile } from '../../ui/keepFile';
import { MenuList } from '../../ui/MenuList';
import { useGoAfter } from '../../ui/useGoAfter';

/** Dots to an inch of a page that goes out. */
const DOTS = 200;

const drawing = (): SVGSVGElement | null => document.querySelector('[data-true-page] svg[data-page-drawing]');

/** Keeps the page as a file, as it is drawn. */
async function keepPage(page: Page, as: 'png' | 'pdf' | 'svg'): Promise<void> {
  const svg = drawing();
  if (!svg) return say('The page is not drawn yet.', 'refused');
  const name = `page-${page.id}.${as}`;
  if (as === 'svg') return keepFile(name, (await standingSvg(svg)).text, 'image/svg+xml');
  const drawn = await drawnPng(svg, DOTS);
  if (as === 'png') return keepFile(name, drawn.png, 'image/png');
  const { pagePdf } = await import('./pagePdf');
  keepFile(name, (await pagePdf(drawn.png, drawn, pageName(page))) as Uint8Array<ArrayBuffer>, 'application/pdf');
}

/** Keeps the page's record as a sheet to print. */
async function keepRecord(page: Page): Promise<void> {
  const svg = drawing();
  const { recordPdf } = await import('./recordPdf');
  const bytes = await recordPdf(page, benchStore.getState().bench, svg ? (await drawnPng(svg, 100)).png : null);
  keepFile(`record-${page.id}.pdf`, bytes as Uint8Array<ArrayBuffer>, 'application/pdf');
}

type Way = 'version' | 'copy' | 'png' | 'pdf' | 'svg' | 'record';

/** What else can be done with a page: another version or another page of its plan, and ways out of the machine. */
export function PageMenu({ page }: { page: Page }) {
  const goAfter = useGoAfter();
  const begin = (how: typeof copyPage): void => {
    const id = nanoid(8);
    void goAfter(act(how(page.id, id)).then((done) => (done ? `/pages/${id}` : null)));
  };
  const failed = (error: unknown): void => say(`That did not work: ${String(error)}`, 'refused');
  const choose = (way: Way): void => {
    if (way === 'version') begin(anotherVersion);
    else if (way === 'copy') begin(copyPage);
    else if (way === 'record') keepRecord(page).catch(failed);
    else keepPage(page, way).catch(failed);
  };
  return (
    <MenuTrigger>
      <Button>This page …</Button>
      <MenuList>
        <Menu onAction={(key) => choose(key as Way)}>
          {page.glued === null && <MenuItem id="version">Another version, beside it</MenuItem>}
          {!page.isTold && <MenuItem id="copy">Another page of the same plan</MenuItem>}
          {!page.isTold && <MenuItem id="png">The page as a picture (PNG)</MenuItem>}
          {!page.isTold && <MenuItem id="pdf">The page at true size (PDF)</MenuItem>}
          {!page.isTold && <MenuItem id="svg">The page as a drawing (SVG)</MenuItem>}
          <MenuItem id="record">Its record, to print (PDF)</MenuItem>
        </Menu>
      </MenuList>
    </MenuTrigger>
  );
}
