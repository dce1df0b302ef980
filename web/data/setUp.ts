import type { StockDb } from './stockDb';

/** Whether something was ever kept here: by what the database says, and by what is in it. */
async function isBegun(db: StockDb): Promise<boolean> {
  if ((await db.meta.get('setUp')) !== undefined) return true;
  for (const table of db.tables) if (table.name !== 'meta' && (await table.count()) > 0) return true;
  return false;
}

/** The first time it is opened in a browser, the demo is there; it never replaces anything of hers. */
export async function setUpOnce(db: StockDb): Promise<void> {
  if (await isBegun(db)) return;
  const { bringDemo } = await import('./demo');
  await bringDemo(db);
}
