import { gaveTo } from '../../../core/kit/closing';
import type { Kit } from '../../../core/stock/things';
import { say } from '../../data/acts';
import { benchStore } from '../../data/benchStore';
import { useSettings } from '../../data/settings';
import { Button } from '../../ui/Button';
import { keepFile } from '../../ui/keepFile';
import { Row } from '../../ui/Screen';

/** The list of its pages, as it stands on the screen. */
const drawnPages = (): Element | null => document.querySelector('[data-kit-pages]');

async function keepPicture(kit: Kit): Promise<void> {
  const { allPagesPng } = await import('./allPages');
  const list = drawnPages();
  const png = list ? await allPagesPng(list) : null;
  if (png) keepFile(`pages-${kit.id}.png`, png, 'image/png');
  else say('No page has been made from it yet.', 'refused');
}

async function keepPdf(kit: Kit): Promise<void> {
  const [{ allPagesPng }, { accountPdf }] = await Promise.all([import('./allPages'), import('./accountPdf')]);
  const { bench } = benchStore.getState();
  const list = drawnPages();
  const bytes = await accountPdf(
    kit,
    gaveTo(kit, bench),
    bench,
    list ? await allPagesPng(list) : null,
    useSettings.getState().system,
  );
  keepFile(`account-${kit.id}.pdf`, bytes as Uint8Array<ArrayBuffer>, 'application/pdf');
}

async function keepCsv(kit: Kit): Promise<void> {
  const { accountCsv } = await import('./accountCsv');
  keepFile(`account-${kit.id}.csv`, accountCsv(kit, benchStore.getState().bench), 'text/csv');
}

const failed = (error: unknown): void => say(`That did not work: ${String(error)}`, 'refused');

/** Ways out of the machine: the account printed or as a table, all its pages in one picture. */
export function KeepAccount({ kit }: { kit: Kit }) {
  return (
    <Row>
      <Button onPress={() => void keepPdf(kit).catch(failed)}>Print the account</Button>
      <Button onPress={() => void keepCsv(kit).catch(failed)}>As CSV</Button>
      <Button onPress={() => void keepPicture(kit).catch(failed)}>All its pages as PNG</Button>
    </Row>
  );
}
